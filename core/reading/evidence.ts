import { CLASS_IDS, type ClassId } from '../classes';
import {
  doughLines,
  isBeside,
  LEAST_FLOUR,
  mainPart,
  massOf,
  profileOf,
  type Formula,
  type KindGuess,
  type KindReason,
  type Part,
} from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import { classOfPart, type Guess } from './kinds';

/** Shares for 100 g of flour in which such bakes usually lie: water, fat, sugar, egg, soda and powder; and by yeast or not. */
type Make = {
  water: readonly [number, number];
  fat: readonly [number, number];
  sugars: readonly [number, number];
  egg: readonly [number, number];
  leavener: readonly [number, number];
  yeast: boolean | null;
};
const make = (
  water: Make['water'],
  fat: Make['fat'],
  sugars: Make['sugars'],
  egg: Make['egg'],
  leavener: Make['leavener'],
  yeast: boolean | null = false,
): Make => ({ water, fat, sugars, egg, leavener, yeast });

/**
 * The usual make-up of kinds that stand on flour, g for 100 g of flour. Common practice, no source. Kinds that differ only in
 * shape (a muffin from a cake batter) have like rows: what is called what, and the tin, tells those apart.
 */
const MAKES: Partial<Record<ClassId, Make>> = {
  yeast_loaf: make([75, 125], [1, 14], [1, 12], [0, 35], [0, 2], true),
  gel_loaf: make([95, 175], [0, 8], [0, 8], [0, 5], [0, 1.5], true),
  bun: make([70, 115], [3, 20], [3, 16], [0, 35], [0, 3], true),
  baguette: make([80, 120], [0, 5], [0, 4], [0, 5], [0, 1], true),
  boiled_ring: make([60, 95], [0, 8], [1, 8], [0, 12], [0, 1], true),
  doughnut: make([45, 100], [6, 30], [6, 30], [8, 50], [0, 6], null),
  flatbread: make([50, 105], [1, 14], [0, 5], [0, 10], [0, 4], null),
  enriched: make([40, 95], [10, 38], [8, 35], [8, 50], [0, 3], true),
  soda_bread: make([60, 115], [0, 22], [0, 40], [0, 40], [1.5, 6]),
  batter: make([50, 150], [20, 85], [45, 125], [20, 130], [1.5, 7]),
  muffin: make([55, 130], [15, 60], [25, 85], [15, 70], [2, 8]),
  pancake: make([95, 240], [2, 25], [0, 22], [20, 90], [0, 7]),
  brownie: make([20, 90], [50, 200], [100, 320], [50, 190], [0, 2]),
  foam_cake: make([60, 260], [10, 60], [70, 180], [110, 360], [0, 4]),
  choux: make([110, 230], [40, 110], [0, 8], [110, 260], [0, 2]),
  cookie: make([3, 35], [30, 95], [25, 130], [0, 45], [0, 3]),
  shortcrust: make([5, 35], [35, 80], [0, 40], [0, 30], [0, 1]),
  flaky: make([22, 65], [40, 110], [0, 8], [0, 15], [0, 1]),
  crumb: make([0, 12], [35, 95], [25, 110], [0, 3], [0, 1]),
  cracker: make([20, 75], [5, 45], [0, 8], [0, 30], [0, 3]),
};
/** Chances in natural logarithms: outside its range by a whole width costs 1; one quality costs so much at most. */
const MOST_LOSS = 2.5;
/** What a name is worth, a shape, and a guess by lift alone: a make-up that fits nothing of it may still put it in doubt. */
const WORTH: Record<Guess['by'], number> = { name: 6, shape: 2, lift: 0.8 };
const VERB = 2;
const UNTOLD = 0.3;

/** Kinds that a deed makes, whatever is in them. */
const BY_DEED: readonly ClassId[] = ['doughnut', 'boiled_ring'];
/** Verbs and vessels that only some kinds have. */
const VERBS: [RegExp, readonly ClassId[]][] = [
  [/\b(?:muffin|cupcake) (?:tin|tray|pan|cases?|cups?)\b|\bpaper cases\b/i, ['muffin']],
  [/\bgriddle\b|\bladle\b|\bflip\b|\bwaffle iron\b|\bfrying pan\b|\bskillet\b/i, ['pancake', 'flatbread']],
  [/\b(?:boil|simmer|poach)\b[^.]*\b(?:each|a side|per side|rings?|bagels?|pretzels?)\b/i, ['boiled_ring']],
  [
    /\bpipe\b[^.]*\b(?:mounds?|buns?|lengths?|rings?|blobs?)\b|\bball of (?:paste|dough) (?:that )?leaves the/i,
    ['choux'],
  ],
  [
    /\brub\b[^.]*\b(?:butter|fat|block|shortening)\b/i,
    ['shortcrust', 'flaky', 'crumb', 'cookie', 'soda_bread'],
  ],
  [
    /\broll (?:it |the dough )?(?:out|to|between)\b/i,
    ['shortcrust', 'flaky', 'cookie', 'cracker', 'flatbread'],
  ],
  [/\b(?:fold|turn)s?\b[^.]*\b(?:thirds?|letter|book)\b/i, ['flaky']],
  [/\b(?:banneton|proving basket|dutch oven|lidded (?:iron )?pot)\b/i, ['gel_loaf']],
  [
    /\b(?:deep[- ]?fr(?:y|ied|ying)|fr(?:y|ied|ying)\b[^.]*\b(?:oil|each side|a side|golden))\b/i,
    ['doughnut'],
  ],
  [/\broll\b[^.]*\bballs\b/i, ['cookie', 'bun']],
  [/\bloaf (?:tin|pan)\b/i, ['yeast_loaf', 'soda_bread', 'seed_loaf', 'batter', 'gel_loaf']],
  [/\b(?:cream|beat)\b[^.]*\b(?:butter|fat|spread|block|margarine)\b/i, ['batter', 'cookie', 'muffin']],
  [/\b(?:ribbon|stiff peaks|soft peaks|until (?:thick|pale) and (?:thick|tripled))\b/i, ['foam_cake']],
  [
    /\bcookies? (?:sheet|scoop)|\b(?:scoop|drop|spoon)\b[^.]*\b(?:balls?|mounds?)\b[^.]*\b(?:sheet|tray)s?\b|\bapart on\b[^.]*\b(?:sheet|tray)s?\b/i,
    ['cookie'],
  ],
];

type Shares = Record<'water' | 'fat' | 'sugars' | 'egg' | 'leavener', number>;

/** The make-up of a part for 100 g of flour; null where flour is no base of it. */
function sharesOf(part: Part, lookup: Lookup): Shares | null {
  const { flourG, props } = profileOf(part, lookup);
  if (!(flourG > 0) || flourG < LEAST_FLOUR * props.mass.value) return null;
  const per = (g: number): number => (100 * g) / flourG;
  const of = (group: Ingredient['group']): number =>
    doughLines(part).reduce((s, l) => s + (lookup(l.item)?.group === group ? massOf(l) : 0), 0);
  return {
    water: per(props.freeWater.value),
    fat: per(props.fat.value),
    sugars: per(props.sugars.value),
    egg: per(of('egg')),
    leavener: per(of('leavener')),
  };
}

/** How well a make-up fits a kind, in natural logarithms, 0 for wholly. */
function fits(own: Make, of: Shares, yeasted: boolean): number {
  let loss = own.yeast !== null && own.yeast !== yeasted ? MOST_LOSS : 0;
  for (const key of ['water', 'fat', 'sugars', 'egg', 'leavener'] as const) {
    const [lo, hi] = own[key];
    const width = Math.max(hi - lo, 3);
    const out = Math.max(0, lo - of[key], of[key] - hi);
    loss += Math.min(MOST_LOSS, out / width);
  }
  return -loss;
}

/**
 * The kind of a part by all that speaks of it: what it and the bake are called, its make-up for 100 g of flour, and the verbs
 * and vessels of its method. Probabilities of the kinds add up to 1; the likeliest comes with the next, and what speaks for
 * it. Where flour is no base, the name and the things in it decide alone. `raised`: what lifts it that was put into a part made before.
 */
export function kindOf(
  part: Omit<Part, 'classId'>,
  title: string,
  method: string,
  lookup: Lookup,
  raised: readonly Ingredient[] = [],
): KindGuess & { classId: ClassId } {
  // What is brushed on or strewn tells nothing of what it lies on.
  const inIt = part.lines.filter((l) => !isBeside(l.role));
  const own = inIt.length > 0 ? inIt : part.lines;
  const within = [...own.map((l) => lookup(l.item)).filter((i) => i !== null), ...raised];
  const guess = classOfPart(
    { name: part.name, rows: part.lines.map((l) => l.amount.written) },
    title,
    within,
  );
  const scores = new Map<ClassId, number>([[guess.classId, WORTH[guess.by]]]);
  const shares = sharesOf({ ...part, classId: guess.classId }, lookup);
  const yeasted = within.some((i) => i.group === 'yeast' || i.group === 'starter');
  const fitOf = (id: ClassId): number | null => {
    const own = MAKES[id];
    return own && shares ? fits(own, shares, yeasted) : null;
  };
  const said = VERBS.filter(([verb]) => verb.test(method)).map(([, ids]) => ids);
  if (shares && (MAKES[guess.classId] || guess.by === 'lift'))
    for (const id of CLASS_IDS) {
      // What is fried or boiled is told by that: nothing else is guessed to be.
      if (id !== guess.classId && BY_DEED.includes(id) && !said.some((ids) => ids.includes(id))) continue;
      const fit = fitOf(id);
      if (fit !== null) scores.set(id, (scores.get(id) ?? 0) + fit);
    }
  for (const ids of said)
    for (const id of ids) if (scores.has(id)) scores.set(id, scores.get(id)! + VERB / Math.sqrt(ids.length));
  const ranked = [...scores].sort((x, y) => y[1] - x[1]);
  const sum = ranked.reduce((s, [, x]) => s + Math.exp(x), 0);
  const [[classId, score], second] = [ranked[0]!, ranked[1]];
  const because: [KindReason, boolean][] = [
    ['name', guess.by !== 'lift' && guess.classId === classId],
    ['make', (fitOf(classId) ?? -MOST_LOSS) > -1],
    ['method', said.some((ids) => ids.includes(classId))],
  ];
  return {
    classId,
    // Where neither a name nor flour says anything, it is no more than a place to begin.
    p: ranked.length === 1 && guess.by === 'lift' ? UNTOLD : Math.exp(score) / sum,
    ...(second ? { other: second[0] } : {}),
    because: because.flatMap(([reason, speaks]) => (speaks ? [reason] : [])),
  };
}

/** A dough that is made the day before, to raise another. */
const PREFERMENT = /\b(?:levain|leaven|poolish|biga|pre-?ferment|starter|sponge|soaker)\b/i;
/** What raises a part that has no lift of its own: the yeast or starter of a dough that was made for it. */
function raisedFrom(
  part: Omit<Part, 'classId'>,
  parts: readonly Omit<Part, 'classId'>[],
  lookup: Lookup,
): Ingredient[] {
  const lifts = (p: Omit<Part, 'classId'>, ...groups: Ingredient['group'][]): Ingredient[] =>
    p.lines.map((l) => lookup(l.item)).filter((i) => i !== null && groups.includes(i.group)) as Ingredient[];
  if (PREFERMENT.test(part.name) || lifts(part, 'leavener', 'yeast', 'starter').length > 0) return [];
  return parts
    .filter((p) => p.id !== part.id && PREFERMENT.test(p.name))
    .flatMap((p) => lifts(p, 'yeast', 'starter'));
}

/** The kind of each part of a formula, as `kindOf` tells it. The method speaks of the part that is most of the bake. */
export function kindsOfParts(
  parts: readonly Part[],
  title: string,
  method: string,
  lookup: Lookup,
): ReturnType<typeof kindOf>[] {
  const main = mainPart(parts);
  return parts.map((p) =>
    kindOf(p, title, p.id === main?.id ? method : '', lookup, raisedFrom(p, parts, lookup)),
  );
}

/** Below this the baker is asked, the two likeliest side by side. */
export const SURE_OF_KIND = 0.8;

/** The formula with its guessed kinds guessed again, after something in it was corrected; what the baker said stays. */
export function guessAgain(formula: Formula, lookup: Lookup): Formula {
  const method = formula.method.map((s) => s.text).join('\n');
  const kinds = kindsOfParts(formula.parts, formula.title, method, lookup);
  const parts = formula.parts.map((p, at) => {
    if (!p.guess) return p;
    const { classId, ...guess } = kinds[at]!;
    return { ...p, classId, guess };
  });
  return { ...formula, parts };
}
