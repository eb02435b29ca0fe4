import { msg, type Msg } from '../explain';
import { AVOID_IDS, type AvoidId } from '../ingredients';
import { EXEMPT, LABEL_TERMS, NEAR_MISS_MEANS, NEAR_MISSES, PLAIN_WORDS } from './data/label-terms';

/** A finding and the words it rests on. */
export type LabelFinding = { avoid: AvoidId; words: string[] };
export type LabelReading = {
  contains: LabelFinding[];
  mayContain: LabelFinding[];
  exempt: LabelFinding[];
  /** Words this reader has no knowledge of: somebody has to look at them. */
  unknownWords: string[];
  notes: Msg[];
};

const word = (terms: string): RegExp => new RegExp(`(?<![\\p{L}])(${terms})(?:s|es)?(?![\\p{L}])`, 'giu');
const TERMS = AVOID_IDS.flatMap((avoid) =>
  LABEL_TERMS[avoid] ? [{ avoid, pattern: word(LABEL_TERMS[avoid]) }] : [],
);
const MISSES = word(
  NEAR_MISSES.split('|')
    .sort((a, b) => b.length - a.length)
    .join('|'),
);
const PLAIN = new Set(PLAIN_WORDS.split(' '));
const ALL_TERM_WORDS = new Set(
  [...Object.values(LABEL_TERMS), NEAR_MISSES]
    .flatMap((t) => t.split(/[| ]/))
    .flatMap((w) => [w, `${w}s`, `${w}es`]),
);

/** Where a warning of traces starts; it holds to the end of its sentence. */
const TRACES =
  /(?:may (?:also )?contain|not suitable for|(?:produced|made|packed|manufactured) (?:on|in) (?:a|an|the|equipment)[^.]*?(?:handles|uses|processes|contains|with)|traces of)[^.]*/giu;
const FREE_FROM =
  /(?:free[- ]from|no added|without|contains no|no)\s+[\p{L} ]+?(?=[,.;()]|$)|[\p{L}]+[- ]free/giu;

function collect(text: string): { findings: Map<AvoidId, Set<string>>; rest: string } {
  const findings = new Map<AvoidId, Set<string>>();
  const add = (avoid: AvoidId, found: string) =>
    findings.set(avoid, (findings.get(avoid) ?? new Set()).add(found));
  const rest = text.replace(MISSES, (hit, term: string) => {
    for (const avoid of NEAR_MISS_MEANS[term.toLowerCase()] ?? []) add(avoid, hit.toLowerCase());
    return ' ';
  });
  for (const { avoid, pattern } of TERMS)
    for (const m of rest.matchAll(pattern)) add(avoid, m[0].toLowerCase());
  return { findings, rest };
}

const listed = (findings: Map<AvoidId, Set<string>>): LabelFinding[] =>
  AVOID_IDS.flatMap((avoid) => {
    const words = findings.get(avoid);
    return words ? [{ avoid, words: [...words].sort() }] : [];
  });

/**
 * Reads the text of a packet. It finds what the words name; it proves nothing absent: a word it does not know
 * is listed for a look, and a missing "may contain" line says nothing.
 */
export function readLabel(text: string): LabelReading {
  const exempt = new Map<AvoidId, Set<string>>();
  let body = text
    .slice(0, 20_000)
    .normalize('NFC')
    .replace(/[\s_*]+/g, ' ');
  for (const [pattern, avoid] of EXEMPT) {
    body = body.replace(new RegExp(pattern, 'giu'), (hit) => {
      exempt.set(avoid, (exempt.get(avoid) ?? new Set()).add(hit.toLowerCase()));
      return ' ';
    });
  }
  const claims: string[] = [];
  body = body.replace(FREE_FROM, (hit) => {
    claims.push(hit);
    return ' ';
  });
  let traces = '';
  body = body.replace(TRACES, (hit) => {
    traces += ` ${hit.replace(/not suitable for|may (?:also )?contain|traces of/giu, ' ')}`;
    return ' ';
  });
  const { findings, rest } = collect(body);
  const may = collect(traces).findings;
  const words = rest.toLowerCase().match(/\p{L}[\p{L}\d]*/gu) ?? [];
  const unknownWords = [...new Set(words)]
    .filter((w) => w.length > 2 && !PLAIN.has(w) && !ALL_TERM_WORDS.has(w))
    .sort();
  const notes: Msg[] = [];
  if (findings.has('gum')) notes.push(msg('label.holdsGum'));
  if (/wheat starch/i.test(text)) notes.push(msg('label.wheatStarch'));
  if (findings.has('oats') && !/gluten[- ]free oats|certified/i.test(text))
    notes.push(msg('label.oatsNotCertified'));
  if (claims.length > 0)
    notes.push(msg('label.claims', { words: claims.slice(0, 4).join('; ').toLowerCase() }));
  return { contains: listed(findings), mayContain: listed(may), exempt: listed(exempt), unknownWords, notes };
}
