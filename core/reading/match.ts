import { distance } from 'fastest-levenshtein';
import { INGREDIENTS } from '../ingredients';

/** Words that say how a thing is bought or cut, not what it is. */
const QUALIFIERS = new Set(
  `fresh organic finely roughly coarsely freshly lightly very good quality softened soft cold warm melted room
  temperature at sifted packed chopped grated toasted roasted peeled large medium small unsalted pure raw of the a
  an for and or plus extra fine well beaten cubed diced sliced halved lukewarm tepid hot boiling unsweetened certified
  firmly lightly level heaped about approx my our your best some`.split(/\s+/),
);
/** Words that matter a little: whether a thing is sold as gluten-free is not what it is, but may decide between two. */
const HALF_WORDS = new Set(['gluten', 'free', 'gf', 'plain', 'natural', 'light', 'dark']);

/** At or above this a name is taken without asking; a wrong silent match is worse than a question. */
export const SILENT_CONFIDENCE = 0.82;
const CLEAR_LEAD = 0.05;

export type NameMatch = { id: string; confidence: number };
export type Match = { best: NameMatch | null; others: NameMatch[] };

const stem = (w: string): string =>
  w.length > 4 ? w.replace(/(?<=[^s])s$/, '').replace(/(?<=o)e$/, '') : w.replace(/^eggs$/, 'egg');

/** Lower case, no accents or signs, split into word stems. */
export function wordsOf(name: string): string[] {
  return name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/['’]/g, '')
    .replace(/[^\p{L}\p{N}%]+/gu, ' ')
    .trim()
    .split(' ')
    .filter(Boolean)
    .map(stem);
}

/** The words of all names once, so that each is compared with a query's words once. */
const VOCABULARY: string[] = [];
const wordIndex = (w: string): number => {
  const at = VOCABULARY.indexOf(w);
  return at >= 0 ? at : VOCABULARY.push(w) - 1;
};
type Entry = { id: string; words: number[]; weight: number };

const weight = (w: string): number => (QUALIFIERS.has(w) ? 0.1 : HALF_WORDS.has(w) ? 0.4 : 1);
const total = (ws: readonly string[]): number => ws.reduce((s, w) => s + weight(w), 0);

const TABLE: Entry[] = INGREDIENTS.flatMap((i) =>
  i.names.map((n) => ({ id: i.id, words: wordsOf(n).map(wordIndex), weight: total(wordsOf(n)) })),
);
const VOCABULARY_WEIGHT = VOCABULARY.map(weight);

/** 1 for the same word, less for a slip of the pen in a long one, 0 for another word. */
function alike(a: string, b: string): number {
  if (a === b) return 1;
  const longer = Math.max(a.length, b.length);
  if (longer < 5 || a[0] !== b[0] || Math.abs(a.length - b.length) > 2) return 0;
  const slips = distance(a, b);
  if (slips === 1) return 0.92;
  return slips === 2 && longer >= 7 ? 0.85 : 0;
}

/** Dice's coefficient over weighed words: twice what is shared over what both have. */
function score(likeness: readonly number[][], queryWeight: number, entry: Entry): number {
  let hit = 0;
  const used = new Set<number>();
  for (const word of entry.words) {
    let at = -1;
    let best = 0;
    for (const [k, row] of likeness.entries()) {
      const s = used.has(k) ? 0 : row[word]!;
      if (s > best) [at, best] = [k, s];
    }
    if (at < 0) continue;
    hit += best * VOCABULARY_WEIGHT[word]!;
    used.add(at);
  }
  const whole = queryWeight + entry.weight;
  return whole === 0 ? 0 : (2 * hit) / whole;
}

/**
 * What a written name may mean, best first. Word order is free; typing slips in long words are forgiven.
 * `best` is null where nothing is near; whether it may be taken silently is for `isSilent` to say.
 */
export function matchName(name: string): Match {
  const words = wordsOf(name.slice(0, 200)).slice(0, 12);
  const likeness = words.map((q) => VOCABULARY.map((w) => alike(w, q)));
  const queryWeight = total(words);
  const byId = new Map<string, number>();
  for (const entry of TABLE) {
    const s = score(likeness, queryWeight, entry);
    if (s > (byId.get(entry.id) ?? 0.3)) byId.set(entry.id, s);
  }
  const ranked = [...byId].map(([id, confidence]) => ({ id, confidence: Math.min(1, confidence) }));
  ranked.sort((a, b) => b.confidence - a.confidence || a.id.localeCompare(b.id));
  return { best: ranked[0] ?? null, others: ranked.slice(1, 6) };
}

/** Whether the best match is sure enough, and far enough ahead of the next, to be taken without asking. */
export function isSilent(match: Match): boolean {
  const best = match.best?.confidence ?? 0;
  return best >= SILENT_CONFIDENCE && best - (match.others[0]?.confidence ?? 0) >= CLEAR_LEAD;
}
