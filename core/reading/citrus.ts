import { NUMBER } from './amount';

/** "Juice and zest of 2 lemons", with what stands behind. */
export const JUICED = new RegExp(
  `^(?:the\\s+)?(?:finely\\s+|freshly\\s+)?(?:grated\\s+|squeezed\\s+)?(juice|zest|rind|peel)(?:\\s*(?:\\band\\b|&|\\+|/)\\s*(?:finely\\s+)?(?:grated\\s+)?(juice|zest|rind|peel))?\\s+(?:(?:of|from)\\s+)?(?:(?:the|those|your)\\s+)?(${NUMBER}|a|an|one|two|three|half an?|half)?\\s*(?:large|medium|small|unwaxed|organic)?\\s*(lemon|lime|orange)s?\\b(.*)$`,
  'i',
);
const CITRUS = new RegExp(
  `^(${NUMBER}|a|an|one|two|three|half an?|half)\\s+(?:large|medium|small|unwaxed|organic)?\\s*(lemon|lime|orange)s?\\s*[,(:]\\s*(?:finely\\s+)?(?:grated\\s+)?(juice|juiced|zest|zested|rind|peel)(?:d)?(?:\\s*(?:and|&|\\+|/)\\s*(?:finely\\s+)?(?:grated\\s+)?(juice|juiced|zest|zested))?\\b(.*)$`,
  'i',
);
/** The same in German: "Saft und Schale von 1 Zitrone". */
const JUICED_DE =
  /^(?:abgeriebene\s+)?(Saft|Schale|Abrieb)(?:\s*(?:und|&|\+)\s*(Saft|Schale|Abrieb))?\s+(?:von\s+)?(\d+|einer|½|einer halben)\s+(?:Bio-?\s?)?(Zitrone|Limette|Orange)n?\b/iu;
const FRUIT_DE: Record<string, string> = { zitrone: 'lemon', limette: 'lime', orange: 'orange' };
export function juicedInGerman(row: string): string[] | null {
  const [, one, other, much = '1', fruit = ''] = JUICED_DE.exec(row) ?? [];
  if (one === undefined) return null;
  const many = /halb|½/.test(much) ? '1/2' : /\d/.test(much) ? much : '1';
  return [one, other].flatMap((p) =>
    p ? [`${many} ${FRUIT_DE[fruit.toLowerCase()]!} ${/^saft/i.test(p) ? 'juice' : 'zest'}`] : [],
  );
}
const partOf = (word: string): string => (/^juice/i.test(word) ? 'juice' : 'zest');

/** Not between two fruits of which one word is said: "zest of 1 lemon & 1 orange" is one row. */
export const NOT_TWO_FRUITS =
  '(?<!\\b(?:juice|zest|rind|peel)\\s+(?:of\\s+)?(?:\\d+|an?|half an?)\\s+(?:lemon|lime|orange)s?\\s*(?=\\s*(?:[+&]|and)\\s*(?:\\d+|an?|half an?)\\s+(?:lemon|lime|orange)))';

/** Juice and zest that a row tells by their fruit, each as one would weigh it, and what the row goes on with; null where it tells none. */
export function citrusIn(row: string): { things: string[]; more: string } | null {
  const a = JUICED.exec(row);
  if (!a) {
    const b = CITRUS.exec(row);
    if (!b) return null;
    // "3 lemons (zest and juice, about 120 ml)": so much juice.
    const ml = /\b(\d+)\s*ml\b/i.exec(b[5] ?? '')?.[1];
    const things = [b[3]!, b[4]].flatMap((p) => {
      if (!p) return [];
      const many = ml && partOf(p) === 'juice' ? `${ml} ml` : b[1]!;
      return [`${many} ${b[2]!.toLowerCase()} ${partOf(p)}`];
    });
    return { things, more: '' };
  }
  const [, first = '', other, many = '1', fruit = '', rest = ''] = a;
  const of = (part: string, n: string, of: string): string => `${n} ${of.toLowerCase()} ${partOf(part)}`;
  const second = /^\s*(?:\+|and|&)\s*(\d+|an?|one|half an?)\s+(lemon|lime|orange)s?\b/i.exec(rest);
  if (second) return { things: [of(first, many, fruit), of(first, second[1]!, second[2]!)], more: '' };
  // "Zest 2 lemons, juice 1": of the same fruit.
  const also =
    /^\s*(?:[,;+&]|and)\s*(juice|zest|rind|peel)\s*(?:of\s+)?(\d+|an?|one|half(?: of)?(?: one)?)\b/i.exec(
      rest,
    );
  if (also)
    return {
      things: [of(first, many, fruit), of(also[1]!, /^half/i.test(also[2]!) ? '1/2' : also[2]!, fruit)],
      more: '',
    };
  // "Juice of 1 lemon + 100 g icing sugar": what is joined to it is a thing of its own.
  return {
    things: [first, other].flatMap((p) => (p ? [of(p, many, fruit)] : [])),
    more: /^\s*(?:\+|,|;|&|\band\b|\bplus\b)\s*(.+)$/i.exec(rest)?.[1] ?? '',
  };
}
