import { untilOf } from './fields';
import { heatsIn, TENT, timesIn } from './heats';
import { headsIn, type Head } from './verbs';

/** More of a step, or of a sentence, tells no acts. */
const MOST_STEP = 4000;
const MOST_SENTENCE = 400;
/** Minutes are written short: their full stop ends a sentence where another deed begins behind it. */
const SENTENCE_END =
  /(?<!\b(?:approx|ca|c|w|conv|mins?|tbsp|tsp|temp|e\.g|i\.e))[.!?]\s+(?=\S)|(?<=\bmins?)\.\s+(?=(?:rest|cool|let|leave|turn|remove|add|then|flip|serve|rotate|take|stir|fold|brush|\d{1,2} (?:balls|rings|rounds|pieces|buns|rolls))\b)/gi;

/** Whoever writes capitals begins a sentence with one. */
const AFTER_MINUTES = /(?<=\b[Mm]ins?)\.\s+(?=[A-Z])/g;
/** Sentences of a step, each with where it begins. */
export function sentencesIn(given: string): { text: string; at: number }[] {
  const text = given.slice(0, MOST_STEP);
  const out: { text: string; at: number }[] = [];
  let from = 0;
  const ends = [...text.matchAll(SENTENCE_END), ...text.matchAll(AFTER_MINUTES)].sort(
    (a, b) => a.index - b.index,
  );
  for (const m of ends) {
    if (m.index < from) continue;
    out.push({ text: text.slice(from, m.index + 1), at: from });
    from = m.index + m[0].length;
  }
  out.push({ text: text.slice(from), at: from });
  return out.filter((s) => s.text.trim() !== '').map((s) => ({ ...s, text: s.text.slice(0, MOST_SENTENCE) }));
}

/** A part of a sentence that tells one act: its verb, and where it begins. */
export type Clause = { head: Head; verb: string; at: number; text: string };

/** Heads that only begin what the next does: "cover and leave", "put it all in a bowl and stir". */
const FORWARD: readonly Head[] = ['cover', 'add'];
export const MIXING: readonly Head[] = ['mix', 'whisk', 'beat', 'add', 'pour'];
const INTO_NEXT: readonly Head[] = ['mix', 'whisk', 'beat', 'knead', 'cook', 'fold'];
/** What a thing is put into. */
export const VESSEL =
  /\b(?:tin|tins|pan|pans|pot|case|cases|dish|tray|trays|sheet|sheets|mould|moulds|mold|ramekins?|cups?|shell|crust|base|basket|ring|papers?|plate|peel|stone|skillet|caramel|trough|jars?|glasses|banneton|wells?|holes?|bundt|springform)\b/i;
/** Whether it tells a stage of its own: minutes, or what it should look like. */
const isOwn = (c: Clause): boolean => timesIn(c.text).length > 0 || untilOf(c.text) !== null;

/** The clauses of a sentence, each telling one act; what goes together is together. */
export const clausesOf = (sentence: string): Clause[] => {
  const heads = headsIn(sentence);
  // What leads in belongs to the first; "then" to what it begins.
  const starts = heads.map((h, i) =>
    i === 0 ? 0 : (/\bthen\s+$/i.exec(sentence.slice(0, h.at))?.index ?? h.at),
  );
  const cut = heads.map(({ head, verb }, i): Clause => ({
    head,
    verb,
    at: starts[i]!,
    text: sentence.slice(starts[i], starts[i + 1]),
  }));
  if (cut.length === 0) return [{ head: 'other', verb: '', at: 0, text: sentence }];
  const out: Clause[] = [];
  for (let i = 0; i < cut.length; i++) {
    let c = cut[i]!;
    // "Add the milk and beat for three minutes": one deed, by what follows.
    while (FORWARD.includes(c.head) && !isOwn(c) && cut[i + 1] && mayJoin(c, cut[i + 1]!)) {
      const next = cut[++i]!;
      c = {
        head: next.head,
        verb: next.verb,
        at: c.at,
        text: sentence.slice(c.at, next.at + next.text.length),
      };
    }
    const last = out.at(-1);
    if (last && (mixesOn(last, c) || joins(last, c)))
      out[out.length - 1] = { ...last, text: sentence.slice(last.at, c.at + c.text.length) };
    else out.push(c);
  }
  return out;
};
/** Mixing goes on within a sentence until a stage is told. */
const mixesOn = (a: Clause, c: Clause): boolean =>
  MIXING.includes(a.head) &&
  MIXING.includes(c.head) &&
  !isOwn(a) &&
  (!/;\s*$/.test(a.text) || c.text.trim().split(/\s+/).length <= 5) &&
  !(c.head === 'pour' && VESSEL.test(c.text)) &&
  !isBeatIn(a, c);
const TOPPING: readonly Head[] = ['spread', 'strew', 'wash', 'glaze'];
const STANDS: readonly Head[] = ['let', 'rest'];
/** A gel and a soak are made by leaving them; toppings follow on one another; a heat goes with its minutes. */
const joins = (a: Clause, c: Clause): boolean => {
  if ((STANDS.includes(c.head) || /^set aside\b/i.test(c.text)) && !/\bsieve|colander/i.test(c.text))
    return (
      (/\b(?:psyllium|chia|flax|linseed)\b/i.test(a.text) &&
        !/\b(?:flours?|starch|salt|sugar)\b/i.test(a.text) &&
        ['mix', 'whisk', 'add'].includes(a.head) &&
        timesIn(a.text).length === 0) ||
      (a.head === 'cover' && timesIn(a.text).length === 0)
    );
  if (TOPPING.includes(a.head) && TOPPING.includes(c.head)) return timesIn(a.text).length === 0;
  if (a.head === 'bake' && c.head === 'bake')
    return (
      heatsIn(a.text).length > 0 &&
      timesIn(a.text, true).length === 0 &&
      heatsIn(c.text).length === 0 &&
      !TENT.test(c.text)
    );
  if (a.head === 'turn' || a.head === 'turned')
    return c.head === 'cook' && timesIn(a.text).length === 0 && /\band\s+$/i.test(a.text);
  if (a.head === 'cook' && c.head === 'bake') return /^lid on/i.test(c.text);
  return false;
};
/** "Whisk the eggs ..., beat in the butter" are two stages; "mix the dry, beat in the wet" is one. */
const isBeatIn = (a: Clause, c: Clause): boolean =>
  a.head === 'whisk' && /^(?:beat|stir|fold) in\b/i.test(c.text);
const mayJoin = (a: Clause, next: Clause): boolean =>
  a.head === 'cover'
    ? !/\bfoil\b|\bwith (?:the )?(?:water|rum|milk|juice|tea)\b/i.test(a.text)
    : INTO_NEXT.includes(next.head) && !/;\s*$/.test(a.text);

/** A clause with its verb blanked. */
export function withoutVerb(t: string, verb: string): string {
  const at = verb === '' ? -1 : t.toLowerCase().indexOf(verb);
  return at < 0 ? t : t.slice(0, at) + ' '.repeat(verb.length) + t.slice(at + verb.length);
}
/** What is mixed, heated or put somewhere is of the part that its lines are in; other acts go on with the part at work. */
export const AT_WORK: readonly string[] = [
  ...MIXING,
  'cream',
  'rub',
  'melt',
  'cook',
  'boil',
  'bloom',
  'gel',
  'bring',
  'heat',
  'put',
  'cover',
  'soak',
];
