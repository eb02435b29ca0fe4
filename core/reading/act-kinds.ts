import { isBeside } from '../formula';
import type { Action, ActionKind } from '../method';
import { VESSEL, type Clause } from './clauses';
import { FREEZER, FRIDGE, untilOf } from './fields';
import { heatsIn, OF_A_HOB, TENT, timesIn } from './heats';
import type { Lines, Side } from './mentions';
import type { Called } from './phrases';
import type { Head } from './verbs';

/** What stands before an act: whether something was baked, whether the bowl is one of yeast. */
export type State = {
  partId: string | undefined;
  baked: boolean;
  /** A crust was baked and waits for what goes into it. */
  blind: boolean;
  last: Action | undefined;
  oven: { c: number; fan: boolean } | null;
  /** What lies over the bake since it was last said. */
  lid: 'lid' | 'none' | null;
  /** Yeast or a starter is in the part at work; it is what is put on when all is done. */
  yeasted: boolean;
  finish: boolean;
};
/** Before the first act. */
export const AT_FIRST: State = {
  partId: undefined,
  baked: false,
  blind: false,
  last: undefined,
  oven: null,
  lid: null,
  yeasted: false,
  finish: false,
};

/** A clause as its kind is told by: its words, what was before, what it works on, and whether it is in the cold. */
type Judged = {
  t: string;
  s: State;
  of: { gel: boolean; starter: boolean; yeastOnly: boolean };
  chilled: boolean;
};

/** What is baked in, and what it looks like then. */
const IS_BAKED = /\b(?:tins?|trays?|pans?|golden|brown|crisp)\b/i;
/** How long, and nothing else: "About 50 mins to an hour." */
const ONLY_TIME =
  /^\s*(?:about |around |for )?\d{1,3}[\d\s–-]*(?:(?:mins?|minutes|hours?|hrs?|h|m)\b|['’′])(?:\s*(?:to|or|-|–)\s*(?:an|\d{1,3}) ?(?:mins?|minutes|hours?|hrs?|h))?[\s.!]*$/i;
/** What is heated with the oven, and what is too where nothing was put in yet: a pan. */
const heatedIn = (vessels: string): RegExp => new RegExp(`\\b(?:${vessels})\\b.*\\bin the oven\\b`, 'i');
const HEATED = heatedIn('tray|stone|pot');
const HEATED_EMPTY = heatedIn('tray|stone|pot|pan|skillet');
/** A tin and what is put on it. */
const MADE_READY =
  /\b(?:springform|tins?|pans?|trays?|sheet|dish)\b.*\b(?:paper|parchment|lined|base-lined|oil(?:ed)?|butter(?:ed)?|greased?)\b|\b(?:lined|greased|oiled|buttered)\b.*\b(?:springform|tins?|pans?|trays?|sheet|dish)\b/i;
/** What goes before the oven. */
const INTO_OVEN: readonly ActionKind[] = ['fill', 'shape', 'score', 'wash', 'prepare'];
const ON_HOB = new RegExp(`\\b(?:${OF_A_HOB})\\b`, 'i');

/** Verbs that mean one thing or another by what stands with them. A verb that is not here is its own kind. */
const BY_VERB = {
  beat: ({ t }) => {
    if (/\bbutter\b.*\bsugar\b|\bbutter until\b/i.test(t) && !/^beat in\b/i.test(t)) return 'cream';
    if (/\b(?:glossy|peaks?|ribbon|foamy|frothy|tripled)\b/i.test(t)) return 'whisk';
    return /\b(?:eggs?|whites?|yolks?|aquafaba|cream)\b/i.test(t) &&
      !/^beat in\b/i.test(t) &&
      !/\bflours?\b/i.test(t)
      ? 'whisk'
      : 'mix';
  },
  whisk: ({ of }) => (of.gel ? 'gel' : 'whisk'),
  add: ({ of }) => (of.gel ? 'gel' : 'mix'),
  mix: ({ t, of }) => {
    if (of.gel) return 'gel';
    return /\b(?:to|till|until|like|resembles?) (?:[\w-]+ ){0,2}(?:crumbs|breadcrumbs|pea[- ]size)/i.test(
      t,
    ) && /\b(?:butter|fat|block|margarine|shortening)\b/i.test(t)
      ? 'rub'
      : 'mix';
  },
  // Psyllium swells to a gel; yeast only wakes.
  bloom: ({ of }) => (of.gel ? 'gel' : 'rest'),
  bring: ({ t }) => (/\b(?:boil|simmer)\b/i.test(t) ? 'boil' : /\btogether\b/i.test(t) ? 'mix' : 'cook'),
  cover: ({ t }) => {
    if (TENT.test(t)) return 'bake';
    return /\bwith (?:the )?(?:\w+ )?(?:water|rum|milk|juice|tea)\b|\bwith the \w+ and leave\b/i.test(t)
      ? 'soak'
      : 'other';
  },
  heat: ({ t }) => {
    // "Oven: 190 C, 15 min" is what is done, and not what is got ready.
    if (/^(?:fan )?oven:?\s+\d/i.test(t) && timesIn(t).length > 0) return 'bake';
    if (
      /\boven\b|\bstone\b|\bpot\b|\bgas mark\b|\bto \d{3}|\b(?:non[- ]?stick |frying )?(?:pan|skillet|griddle)\b/i.test(
        t,
      ) &&
      !/\b(?:milk|cream|water|butter) /i.test(t)
    )
      return 'preheat';
    return /\buntil (?:the \w+ (?:has |is )?)?melted|\bmelted\b/i.test(t) ? 'melt' : 'cook';
  },
  let: ({ t, s, of, chilled }) => {
    if (/\b(?:rise|prove|proof|double|ferment)\b/i.test(t)) return 'proof';
    if (/\b(?:bubble|simmer|boil)\b/i.test(t) && s.last?.place === 'hob') return 'cook';
    if (chilled) return 'chill';
    if (/\bsieve|colander\b/i.test(t)) return 'drain';
    if (/\bcool\b/i.test(t)) return 'cool';
    if (s.baked && !/\bdough|batter\b/i.test(t)) return 'cool';
    if (of.starter || /\bbubbly\b/i.test(t) || (s.yeasted && /\broom temp|\bwarm\b/i.test(t))) return 'proof';
    return 'rest';
  },
  rest: ({ t, s, of, chilled }) =>
    s.baked ? 'cool' : chilled || /\brest cold\b/i.test(t) ? 'chill' : of.starter ? 'proof' : 'rest',
  proof: ({ t, of }) => (of.yeastOnly && (timesIn(t)[0]?.minutes[1] ?? 0) <= 20 ? 'rest' : 'proof'),
  set: ({ t, s, chilled }) => {
    if (/\bin (?:a |the )?(?:roasting|water)|\bon (?:to )?(?:the|a) (?:\w+ )?(?:sheet|tray)\b/i.test(t))
      return 'fill';
    return chilled ? 'chill' : timesIn(t).length > 0 ? (s.baked ? 'cool' : 'rest') : 'other';
  },
  cool: ({ chilled }) => (chilled ? 'chill' : 'cool'),
  cut: ({ t }) => {
    if (/\b(?:cross|vents?|slits?|slash)/i.test(t)) return 'score';
    if (/\b(?:butter|fat|block|shortening)\b.*\b(?:into|in)\b/i.test(t) && /\b(?:flour|dry|pea)/i.test(t))
      return 'rub';
    return /\b(?:shapes?|rounds?|discs?|circles)\b/i.test(t) && !/\binto \d/i.test(t) ? 'shape' : 'divide';
  },
  roll: () => 'shape',
  line: ({ t, s }) =>
    /\b(?:tart|pie|flan|quiche|case)\b/i.test(t) &&
    s.last &&
    ['shape', 'chill', 'divide'].includes(s.last.kind)
      ? 'fill'
      : 'prepare',
  pour: ({ t: told, s }) => {
    // A well in the flour is no vessel.
    const t = told.replace(/\bmake a well\b[^,.;]*/i, ' ');
    // What is poured on flour is mixed with it.
    return !s.baked && /\bover (?:the )?(?:\w+ )?(?:dry|dries|flours?|starch)\b/i.test(t)
      ? 'mix'
      : VESSEL.test(t) || /\b(?:in|over|into)\s*(?:[,.;]|$|and\b)|\bover\b|\binto?\s+\d+\s*[x×]\s*\d/i.test(t)
        ? s.baked && /\bicing|glaze|syrup\b/i.test(t)
          ? 'glaze'
          : 'fill'
        : 'mix';
  },
  put: ({ t, s, chilled }) => {
    if (chilled) return 'chill';
    if (/\b(?:mixer|bowl|processor|blender)\b/i.test(t)) return 'mix';
    const vessel = s.oven === null && s.last?.kind !== 'fill' ? HEATED_EMPTY : HEATED;
    if (vessel.test(t) && timesIn(t).length === 0) return 'preheat';
    if (/\boven\b/i.test(t) && (timesIn(t, true).length > 0 || heatsIn(t).length > 0)) return 'bake';
    return /\bpot\b|\bstone\b/i.test(t) && timesIn(t).length > 0 ? 'bake' : 'fill';
  },
  spread: ({ t, s }) => (s.baked && /\bicing|frosting|glaze|warm\b/i.test(t) ? 'glaze' : 'fill'),
  strew: ({ t, s }) => {
    if (/\b(?:water|vinegar)\b/i.test(t)) return 'mix';
    return s.baked
      ? 'glaze'
      : s.last?.kind === 'wash' || /\bseeds?|sugar|flakes?\b/i.test(t)
        ? 'wash'
        : 'fill';
  },
  dip: ({ t, s }) =>
    /\b(?:bath|water|pretzel|bagel|ring|each)\b/i.test(t) && timesIn(t).length > 0
      ? 'boil'
      : s.baked
        ? 'glaze'
        : 'wash',
  glaze: ({ t, s }) => {
    if (s.baked) return 'glaze';
    // "Dust a sheet with flour" is done to the sheet.
    if (/^\s*dust\b/i.test(t)) return VESSEL.test(t) ? 'prepare' : 'wash';
    // What is poured on flour is no glaze.
    if (/\b(?:dry|flours?|crumbs)\b/i.test(t)) return 'mix';
    return /\b(?:yolk|egg|milk|wash)\b/i.test(t) ? 'wash' : 'glaze';
  },
  turned: ({ t, s }) => {
    if (/\bout\b/i.test(t)) return s.baked ? 'cool' : 'shape';
    if (/\b(?:speed|mixer)\b/i.test(t)) return 'mix';
    if (/\b(?:off)\b/i.test(t)) return 'other';
    if (heatsIn(t).length > 0 || /\bdown\b|\bup to\b/i.test(t)) return 'bake';
    return /\bpan|tin\b|\binto an? (?:greased|lined|buttered)\b/i.test(t) && !s.baked ? 'fill' : 'turn';
  },
  // "15-18 min turning the tray": in the oven that was heated.
  turn: ({ t, s }) => (s.oven !== null && !s.baked && timesIn(t)[0]?.at === 0 ? 'bake' : 'turn'),
  uncover: ({ t, s }) =>
    s.baked || s.blind || /\b(?:lid|foil|weights|beans|paper|cover|cloth|film)\b/i.test(t)
      ? 'uncover'
      : 'other',
  take: ({ t }) => (/\b(?:off|out)\b/i.test(t) ? 'uncover' : 'other'),
  // "Press into the tin, cook for 40 minutes": in the oven that was heated.
  cook: ({ t, s }) =>
    s.oven !== null &&
    !s.baked &&
    timesIn(t).length > 0 &&
    INTO_OVEN.includes(s.last?.kind ?? 'other') &&
    !ON_HOB.test(t)
      ? 'bake'
      : 'cook',
  // "Turn up the heat, bubble 2 min": of the hob.
  bake: ({ t }) =>
    /^turn\b.*\b(?:bubble|simmer|boil|thicken)/i.test(t.trim()) && heatsIn(t).length === 0 ? 'cook' : 'bake',
  preheat: ({ t }) => (/^(?:fan )?oven\b/i.test(t.trim()) && timesIn(t).length > 0 ? 'bake' : 'preheat'),
  keep: ({ t, s, chilled }) => {
    if (chilled) return 'chill';
    if (/^(?:keep|keeping) (?:back|aside)\b/i.test(t.trim())) return 'other';
    // The end of it, and no rest.
    if (/^(?:to )?(?:serve|eat)\b/i.test(t.trim())) return 'other';
    if (/^wrap the (?:outside of the )?(?:tin|pan)\b/i.test(t.trim())) return 'prepare';
    return /\bto cool|\btowel|\bcloth/i.test(t) && s.baked ? 'cool' : 'rest';
  },
  fold: ({ t }) =>
    /\b(?:in|into|through|with)\b/i.test(t) || !/\bthirds?|letter|book|over|edges?\b/i.test(t)
      ? 'fold'
      : 'shape',
  fill: ({ t, s }) => {
    if (s.finish && s.baked && /\bover\b|\bwhile\b/i.test(t)) return 'glaze';
    return /\b(?:on|over)\b/i.test(t) && s.baked && /\bicing|glaze|topping|syrup|drizzle\b/i.test(t)
      ? 'glaze'
      : 'fill';
  },
  other: ({ t, s, chilled }) => {
    if (chilled && timesIn(t).length > 0) return 'chill';
    if (/\bin(?:to)? (?:the |a )?(?:\w+ )?(?:blender|processor|mixer|bowl)\b/i.test(t)) return 'mix';
    // "22 cm springform, paper base, oil sides": with no verb it is made ready.
    if (!s.baked && timesIn(t).length === 0 && MADE_READY.test(t)) return 'prepare';
    // "Into the tin. 1 hr until firm": the verb of the oven is left out.
    const isInOven = s.oven !== null && !s.baked && timesIn(t).length > 0;
    if (isInOven && (s.last?.kind === 'fill' || untilOf(t) !== null || IS_BAKED.test(t) || ONLY_TIME.test(t)))
      return 'bake';
    if (/\bback in(?:to)? (?:the )?oven\b/i.test(t) && !s.baked) return 'bake';
    if (/\binside\b|\boven\b/i.test(t) && timesIn(t).length > 0) return 'cool';
    return s.baked && (/\b(?:cool|serve|slice)\b/i.test(t) || timesIn(t).length > 0) ? 'cool' : 'other';
  },
} satisfies Partial<Record<Head, (of: Judged) => ActionKind>>;
const isAmbiguous = (head: Head): head is keyof typeof BY_VERB => Object.hasOwn(BY_VERB, head);

/** The kind of a clause by its verb, what it works on, and what was before. */
export function kindOf(c: Clause, s: State, of: Judged['of']): ActionKind {
  if (!isAmbiguous(c.head)) return c.head;
  // "Rest 30 min (or overnight in the fridge)" is done on the table.
  const cold = c.text.replace(/\(\s*or\b[^()]*\)/gi, ' ');
  return BY_VERB[c.head]({ t: c.text, s, of, chilled: FREEZER.test(cold) || FRIDGE.test(cold) });
}

/** "Add the eggs, then all of the dry. Mix with the paddle 4 min": a stage of which a second sentence tells how long. */
const STIRRED: readonly ActionKind[] = ['mix', 'whisk'];
export const goesOn = (a: Action, b: Action): boolean =>
  STIRRED.includes(a.kind) &&
  STIRRED.includes(b.kind) &&
  !a.minutes &&
  !a.until &&
  !b.uses &&
  b.minutes !== undefined;

/** Where an act works: on the bowl, or on what lies beside it. */
export const sideOf = (kind: ActionKind): Side =>
  ['wash', 'glaze', 'prepare', 'fill', 'boil', 'shape', 'preheat', 'cook', 'score'].includes(kind)
    ? 'any'
    : 'in';

const GEL = /psyllium|chia|flax|gelatine|agar/;
/** What stands with a gel's own powder where it is one. */
const WITH_GEL = ['water', 'milk', 'plant_drink', 'honey', 'syrup', 'acid', 'oil'];
/** Whether what a clause points at makes a gel: a powder that swells and what it swells in, and more than its name alone. */
export function isGel(of: readonly { called: Called }[], isTimed: boolean): boolean {
  const things = of.map((m) => m.called.ingredient);
  return (
    things.some((t) => GEL.test(t?.id ?? '')) &&
    things.every((t) => GEL.test(t?.id ?? '') || WITH_GEL.includes(t?.group ?? '')) &&
    (of.length > 1 || isTimed)
  );
}

/** Of lines that a word may mean, those that such an act works on: the dough's egg, or the egg that is brushed on. */
export function onSide(ids: string[], kind: ActionKind, lines: Lines): string[] {
  const beside = kind === 'wash' || kind === 'glaze' || kind === 'prepare';
  if (!beside && sideOf(kind) !== 'in') return ids;
  const own = ids.filter((id) => isBeside(lines.of(id)?.line.role) === beside);
  return own.length > 0 ? own : ids;
}
