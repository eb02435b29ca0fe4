import type { Action, ActionCover, ActionKind, ActionPlace } from '../method';
import { numberOf } from './amount';
import { AFTER, EACH_SIDE, MARKER, TENT, timesIn } from './heats';
import { FRACTIONS } from './shares';

const UNTIL = /\b(?:until|till|'til|or until)\s+(.+)$/is;
const STAGE =
  /\b(?:to (?:the |a |an |very )?((?:(?:soft|stiff|firm|medium) peaks?|(?:(?:fine|coarse|rough|small|large) )*(?:crumbs?|lumps?|breadcrumbs)|[\w-]+ (?:stage|consistency)|ribbon|(?:deep |dark |light )?(?:amber|caramel)|(?:lump[- ]free|smooth|soft|shaggy|stiff|sticky|thick|slack|loose|glossy|silky)(?:,? \w+)? (?:dough|batter|paste|mass|cream)|(?:a )?jelly|gel|paste|pea[- ]size\w*|ribbons?|soft butter|half))\b|(?<!\d\s?(?:cm|mm|in|inch|")\s)\b((?:smooth|fluffy|pale|creamy|silky|lump free|thick)(?: and \w+)?)\s*(?=[,.;]|$))/i;
/** Signs after a colon or comma, without "until": "25 min: edges set, middle still wobbly". */
const SIGN =
  /[:;,–—-]\s*((?:(?:the|outer|its?)\s+)?(?:edges?|rim|middle|cent(?:re|er)|top|crust|skewer|base(?!-)|juices?|sides?)\b[^.;]*|(?:just )?(?:set|golden|puffed|firm)\b[^.;]*|no \w+|.*\bturns? to\b[^.;]*)[.)\s]*$/i;

const WHITES = /\bwhites? (stiff|foamy|frothy)\b/i;
const WARM =
  /\bwarm (?:place|spot|oven|room|corner|cupboard)|\bsomewhere warm|\bairing cupboard|\boven (?:with (?:only )?)?(?:its |the )?light|\bwarmth\b|\btop of (?:the|a) (?:warm )?stove|\b(?:near|by) (?:a|the) (?:heater|radiator|stove|fire)/i;
const ROOM =
  /\broom temp\w*|\bon the (?:counter|worktop|side|bench)|\bcounter\b|\bin the kitchen\b|\bkitchen temp\w*|\bambient/i;
export const FRIDGE = /\bfridge\b|\brefrigerat/i;
export const FREEZER = /\bfreez/i;
const HOB =
  /\bhob\b|\bstove(?:top)?\b|\bsaucepan\b|\bskillet\b|\bfrying pan\b|\bnon[- ]?stick pan\b|\bgriddle\b|\bover (?:a )?(?:low|medium|high|gentle|simmering|pan of)|\bon (?:a )?(?:low|medium|high)\b(?! speed)|\bboil\b|\bsimmer/i;
const LID_ON =
  /\blid on\b|\bwith (?:the|a|its) lid\b|\bunder (?:the|a|its) lid\b|\bput (?:on )?the lid\b|(?<!un)\bcovered\b(?! with (?:foil|paper|a|icing|cling))(?! loosely)/i;
const LID_OFF =
  /\buncover(?:ed)?\b|(?<=min\w* )open\b|\blid off\b|\bwithout (?:the|a|its) (?:lid|foil)\b|\b(?:remove|take off|lift off|off) (?:the )?(?:lid|foil|cover)\b|\bopen the vent\b/i;
export const ON_PAN = new RegExp(
  `${EACH_SIDE.source}|/\\s*side\\b|\\bcast[- ]iron\\b|\\b(?:in|on) (?:a|the) (?:dry |hot )*(?:pan|griddle|skillet)\\b`,
  'i',
);
const SIDE = /^\s*(?:\/\s*|(?:a|per|each|on each|on the other|for each)\s+)side\b/i;
export const OVERNIGHT =
  /(?<!\bor )\bovernight\b(?! before)|\bthe (?:night|day|evening) before\b|\bnext morning\b|\b(?:till|until) (?:tomorrow|the next day)\b/i;

const COUNT = '(\\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|twelve)';

const PIECES: RegExp[] = [
  new RegExp(
    `\\b(?:into|in|makes?|make)\\s+(?:about\\s+)?${COUNT}\\b(?![.,]\\d)(?!\\s*(?:°|cm|mm|inch|in\\b|["”]|x|×|min|hours?|g\\b|goes|batches|layers?|stages|minutes|by))`,
    'i',
  ),
  new RegExp(
    `\\b(?:cut|pipe|spoon|scoop|form|shape|roll|drop|line|stamp)\\s+(?:out\\s+)?(?:about\\s+)?${COUNT}\\b(?![.,]\\d)(?!\\s*(?:°|cm|mm|inch|["”]|x|×|min|hours?|g\\b|ml|tbsp|vents?|slits?|slashes|thick))`,
    'i',
  ),
  new RegExp(`\\(${COUNT} (?:pieces|balls|rolls|buns|portions|in all)\\)`, 'i'),
  new RegExp(
    `\\b${COUNT}\\s+(?:equal\\s+)?(?:\\d+\\s?g\\s+)?(?:pieces|balls|discs|disks|rounds|portions|wedges|fingers|squares|ramekins|slices|bars|strips|triangles|lengths|mounds|blobs|muffin|cups|cases|buns|rolls)\\b`,
    'i',
  ),
  new RegExp(`^mark ${COUNT}\\b`, 'i'),
  new RegExp(`\\d\\s?g\\s*[x×]\\s*${COUNT}\\b(?!\\s*(?:g|cm|mm|ml)\\b)`, 'i'),
];
/** How many pieces a clause makes, and where that figure stands in it; no place where it is in the verb ("halve"). */
export function piecesAt(t: string): { n: number; at?: [number, number] } | null {
  if (/^\s*halve\b/i.test(t) || /\bin half\b/i.test(t)) return { n: 2 };
  for (const p of PIECES) {
    const m = p.exec(t);
    const n = m ? numberOf(m[1]!) : 0;
    if (m && n > 0) {
      const from = m.index + m[0].indexOf(m[1]!);
      return { n, at: [from, from + m[1]!.length] };
    }
  }
  return null;
}
export const piecesIn = (t: string): number | null => piecesAt(t)?.n ?? null;
const PIECE_G = [
  /(\d{1,4})(?:\s*(?:-|–|to)\s*\d{1,4})?\s?g\b\s*(?:each|apiece|balls?|pieces?|portions?|a piece|per|into each|in each|mounds?|rounds?)/i,
  /(\d{1,4})\s?g\s*[x×]\s*\d/i,
  /\((?:about|around|approx\.?|~)?\s*(\d{1,4})(?:\s*(?:-|–|to)\s*\d{1,4})?\s?g(?: each)?\)/i,
  /\b(?:about|around|at|of)\s+(\d{1,4})\s?g\b/i,
];
export const pieceGIn = (t: string): number | null => {
  for (const p of PIECE_G) {
    const m = p.exec(t);
    if (m) return Number(m[1]);
  }
  return null;
};

/** What is timed: a number that stands behind is of minutes. */
const MAY_BE_NAMELESS: readonly ActionKind[] = [
  'bake',
  'blind_bake',
  'uncover',
  'cook',
  'turn',
  'cool',
  'chill',
  'rest',
  'proof',
  'knead',
  'soak',
];
/** "170 fan 50, foil after 30": how long, and what is laid over on the way. */
const TENT_LATER = /\d[^,;]*[,;]\s*(?:(?:loose )?foil|tent)\b[^,;]*\bafter\b/i;
/** Whether times of a clause are how long it is done. */
export function minutesOf(t: string, kind: ActionKind): Pick<Action, 'minutes' | 'perSide' | 'afterMin'> {
  const after = TENT.test(t) && !TENT_LATER.test(t) && /\bafter (?:the first )?(\d{1,3})\b/i.exec(t);
  if (after) return { afterMin: Number(after[1]) };
  for (const time of timesIn(t, MAY_BE_NAMELESS.includes(kind))) {
    const before = t.slice(0, time.at);
    if (MARKER.test(before)) continue;
    if (AFTER.test(before) && kind !== 'cool') return { afterMin: time.minutes[0] };
    return { minutes: time.minutes, ...(SIDE.test(t.slice(time.end)) ? { perSide: true } : {}) };
  }
  return {};
}

export function untilOf(t: string): string | null {
  const told =
    UNTIL.exec(t)?.[1] ?? STAGE.exec(t)?.slice(1).find(Boolean) ?? WHITES.exec(t)?.[1] ?? SIGN.exec(t)?.[1];
  const clean = told
    ?.replace(
      /,?\s+(?:in )?about \d.*$|,\s*\d{1,3}(?:\s*[-–]\s*\d{1,3})?\s?(?:mins?|minutes|m|hours?|hrs?|h)\b.*$/is,
      '',
    )
    // What a bracket adds is cut off with it: it may have been closed in another clause.
    .replace(/\s*\([^()]*\)?[\s,.;:&)]*$/, '')
    .replace(/[\s,.;:&)]+$/, '')
    .replace(/\s+(?:and|then)$/i, '')
    .trim();
  return clean && clean.length > 1 ? clean.slice(0, 120) : null;
}

export const coverOf = (t: string, kind: ActionKind): ActionCover | null => {
  const bakes = kind === 'bake' || kind === 'blind_bake' || kind === 'uncover';
  if (bakes && LID_OFF.test(t)) return 'none';
  if (bakes && TENT.test(t) && !TENT_LATER.test(t)) return 'tent';
  if (bakes && LID_ON.test(t)) return 'lid';
  if (kind === 'cook' && /\blid on\b|\bcovered\b/i.test(t)) return 'lid';
  if (['proof', 'rest', 'chill'].includes(kind) && /\bcover|\bcloth\b|\bcling|\bwrap/i.test(t))
    return 'cloth';
  return null;
};
export const placeOf = (t: string, kind: ActionKind): [ActionPlace, boolean] | null => {
  if (kind === 'chill') return [FREEZER.test(t) ? 'freezer' : 'fridge', !(FREEZER.test(t) || FRIDGE.test(t))];
  if (kind === 'cook' || kind === 'boil' || kind === 'melt') return ['hob', !HOB.test(t)];
  if (WARM.test(t)) return ['warm', false];
  if (['proof', 'rest', 'cool'].includes(kind) && ROOM.test(t)) return ['room', false];
  if (kind === 'preheat' && /\b(?:pan|skillet|griddle)\b/i.test(t)) return ['hob', false];
  if (
    /\b(?:inside|in the (?:turned[- ]off |switched[- ]off )?oven|door ajar|oven off)\b/i.test(t) &&
    kind === 'cool'
  )
    return ['oven', false];
  if (kind === 'turn' && /\bflip\b/i.test(t)) return ['hob', true];
  return null;
};

const OF_DOUGH =
  /\b((?:a |the last |the other |the remaining |the )?(?:half|third|quarter)|two thirds|three quarters|the rest)\b(?! (?:the|of the) (?:sugar|milk|flour|butter|oil|cheese|water))(?! an hour)/i;
/** How much of the dough a clause speaks of; null where it is of all, or of a line. */
export function shareOfDough(t: string): Action['share'] | null {
  const of = OF_DOUGH.exec(t)?.[1]?.toLowerCase();
  if (of === undefined) return null;
  return FRACTIONS[of.replace(/^(?:a|the last|the other|the remaining|the) /, '')] ?? 'rest';
}
