import { CLASSES } from '../classes';
import { isBeside, massOf, doughLines, mainPart, piecesOf, type Formula, type Part } from '../formula';
import type { Lookup } from '../ingredients';
import type { Action, ActionCover, ActionField, ActionKind, ActionPlace, Step } from '../method';
import { heatsIn, plausible, timesIn } from './heats';
import { groupIn, KEPT_BACK, Lines, mentionsIn, wordsOf, type Side, type Named } from './mentions';
import { headsIn, type Head } from './verbs';

const NUMBERS: Record<string, number> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
};
const COUNT = '(\\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|twelve)';
const countOf = (word: string): number => NUMBERS[word.toLowerCase()] ?? Number(word);

/** More of a step, or of a sentence, tells no acts. */
const MOST_STEP = 4000;
const MOST_SENTENCE = 400;
const SENTENCE_END = /(?<!\b(?:approx|c|min|mins|tbsp|tsp|temp|e\.g|i\.e))[.!?]\s+(?=\S)/gi;

/** Sentences of a step, each with where it begins. */
function sentencesIn(given: string): { text: string; at: number }[] {
  const text = given.slice(0, MOST_STEP);
  const out: { text: string; at: number }[] = [];
  let from = 0;
  for (const m of text.matchAll(SENTENCE_END)) {
    out.push({ text: text.slice(from, m.index + 1), at: from });
    from = m.index + m[0].length;
  }
  out.push({ text: text.slice(from), at: from });
  return out.filter((s) => s.text.trim() !== '').map((s) => ({ ...s, text: s.text.slice(0, MOST_SENTENCE) }));
}

type Clause = { head: Head; verb: string; at: number; text: string };

/** Heads that only begin what the next does: "cover and leave", "put it all in a bowl and stir". */
const FORWARD: readonly Head[] = ['cover', 'add', 'take'];
const MIXING: readonly Head[] = ['mix', 'whisk', 'beat', 'add', 'pour'];
const INTO_NEXT: readonly Head[] = ['mix', 'whisk', 'beat', 'knead', 'cook', 'fold'];
const VESSEL =
  /\b(?:tin|tins|pan|pans|pot|case|cases|dish|tray|trays|sheet|sheets|mould|moulds|mold|ramekins?|cups?|shell|crust|base|basket|ring|papers?|plate|peel|stone|skillet|caramel|trough|jars?|glasses|banneton|wells?|holes?|bundt|springform)\b/i;
const UNTIL = /\b(?:until|till|'til|or until)\s+(.+)$/is;
const STAGE =
  /\b(?:to (?:the |a |an |very )?((?:(?:soft|stiff|firm|medium) peaks?|(?:(?:fine|coarse|rough|small|large) )*(?:crumbs?|lumps?|breadcrumbs)|[\w-]+ (?:stage|consistency)|ribbon|(?:deep |dark |light )?(?:amber|caramel)|(?:lump[- ]free|smooth|soft|shaggy|stiff|sticky|thick|slack|loose|glossy|silky)(?:,? \w+)? (?:dough|batter|paste|mass|cream)|(?:a )?jelly|gel|paste|pea[- ]size\w*|ribbons?|soft butter|half))\b|\b((?:smooth|fluffy|pale|creamy|silky|lump free|thick)(?: and \w+)?)\s*(?=[,.;]|$))/i;
/** Signs after a colon or comma, without "until": "25 min: edges set, middle still wobbly". */
const SIGN =
  /[:;,–—-]\s*((?:(?:the|outer|its?)\s+)?(?:edges?|rim|middle|cent(?:re|er)|top|crust|skewer|base|juices?|sides?)\b[^.;]*|(?:just )?(?:set|golden|puffed|firm)\b[^.;]*|no \w+|.*\bturns? to\b[^.;]*)[.)\s]*$/i;

const clausesOf = (sentence: string): Clause[] => {
  const heads = headsIn(sentence);
  const startOf = (h: (typeof heads)[number] | undefined): number | undefined =>
    h && (/\bthen\s+$/i.exec(sentence.slice(0, h.at))?.index ?? h.at);
  const cut = heads.map((h, i): Clause => {
    // What leads in belongs to the first.
    const then = /\bthen\s+$/i.exec(sentence.slice(0, h.at));
    const at = i === 0 ? 0 : (then?.index ?? h.at);
    return {
      head: h.head,
      verb: h.verb,
      at,
      text: sentence.slice(at, startOf(heads[i + 1]) ?? sentence.length),
    };
  });
  if (cut.length === 0) return [{ head: 'other', verb: '', at: 0, text: sentence }];
  const out: Clause[] = [];
  const isOwn = (c: Clause): boolean => timesIn(c.text).length > 0 || untilOf(c.text) !== null;
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
    // Mixing goes on within a sentence until a stage is told: minutes, or what it should look like.
    if (
      last &&
      MIXING.includes(last.head) &&
      MIXING.includes(c.head) &&
      !isOwn(last) &&
      (!/;\s*$/.test(last.text) || c.text.trim().split(/\s+/).length <= 5) &&
      !VESSEL.test(c.head === 'pour' ? c.text : '') &&
      !isBeatIn(last, c)
    )
      out[out.length - 1] = { ...last, text: sentence.slice(last.at, c.at + c.text.length) };
    // A gel and a soak are made by leaving them; toppings follow on one another; a heat goes with its minutes.
    else if (last && joins(last, c))
      out[out.length - 1] = { ...last, text: sentence.slice(last.at, c.at + c.text.length) };
    else out.push(c);
  }
  return out;
};
const TOPPING: readonly Head[] = ['spread', 'strew', 'wash', 'glaze'];
const STANDS: readonly Head[] = ['let', 'rest'];
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
    : a.head === 'take'
      ? false
      : INTO_NEXT.includes(next.head) && !/;\s*$/.test(a.text);

/** What stands before an act: whether something was baked, whether the bowl is one of yeast. */
type State = {
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

const WHITES = /\bwhites? (stiff|foamy|frothy)\b/i;
const WARM =
  /\bwarm (?:place|spot|oven|room|corner|cupboard)|\bsomewhere warm|\bairing cupboard|\boven (?:with (?:only )?)?(?:its |the )?light|\bwarmth\b|\btop of (?:the|a) (?:warm )?stove|\b(?:near|by) (?:a|the) (?:heater|radiator|stove|fire)/i;
const ROOM =
  /\broom temp\w*|\bon the (?:counter|worktop|side|bench)|\bcounter\b|\bin the kitchen\b|\bkitchen temp\w*|\bambient/i;
const FRIDGE = /\bfridge\b|\brefrigerat/i;
const FREEZER = /\bfreez/i;
const HOB =
  /\bhob\b|\bstove(?:top)?\b|\bsaucepan\b|\bskillet\b|\bfrying pan\b|\bnon[- ]?stick pan\b|\bgriddle\b|\bover (?:a )?(?:low|medium|high|gentle|simmering|pan of)|\bon (?:a )?(?:low|medium|high)\b(?! speed)|\bboil\b|\bsimmer/i;
const GEL = /psyllium|chia|flax|gelatine|agar/;
const LID_ON =
  /\blid on\b|\bwith (?:the|a|its) lid\b|\bunder (?:the|a|its) lid\b|\bput (?:on )?the lid\b|(?<!un)\bcovered\b(?! with (?:foil|paper|a|icing|cling))(?! loosely)/i;
const LID_OFF =
  /\buncover(?:ed)?\b|(?<=min\w* )open\b|\blid off\b|\bwithout (?:the|a|its) (?:lid|foil)\b|\b(?:remove|take off|lift off|off) (?:the )?(?:lid|foil|cover)\b|\bopen the vent\b/i;
const ON_PAN = /\b(?:a|per|each) side\b|\b(?:in|on) (?:a|the) (?:dry |hot )*(?:pan|griddle|skillet)\b/i;
const TENT = /\btent(?:ing|ed)?\b|\bfoil\b/i;
const AFTER = /\bafter(?: the first)?\s+(?:about\s+)?$/i;
const MARKER =
  /(?:\bfor the (?:last|first|final)|\bin the last|\blast|\bhalfway|\bevery|\bfirst)\s*(?:about\s+)?$/i;
const SIDE = /^\s*(?:a|per|each|on each|on the other|for each)\s+side\b/i;
const OVERNIGHT =
  /(?<!\bor )\bovernight\b(?! before)|\bthe (?:night|day|evening) before\b|\bnext morning\b|\b(?:till|until) (?:tomorrow|the next day)\b/i;

/** The kind of a clause by its verb, what it works on, and what was before. */
function kindOf(c: Clause, s: State, of: { gel: boolean; starter: boolean; yeastOnly: boolean }): ActionKind {
  const t = c.text;
  const chilled = FREEZER.test(t) || FRIDGE.test(t);
  switch (c.head) {
    case 'beat':
      if (/\bbutter\b.*\bsugar\b|\bbutter until\b/i.test(t) && !/^beat in\b/i.test(t)) return 'cream';
      if (/\b(?:glossy|peaks?|ribbon|foamy|frothy|tripled)\b/i.test(t)) return 'whisk';
      return /\b(?:eggs?|whites?|yolks?|aquafaba|cream)\b/i.test(t) &&
        !/^beat in\b/i.test(t) &&
        !/\bflours?\b/i.test(t)
        ? 'whisk'
        : 'mix';
    case 'whisk':
      return of.gel ? 'gel' : 'whisk';
    case 'add':
      return of.gel ? 'gel' : 'mix';
    case 'mix':
      if (of.gel) return 'gel';
      return /\b(?:to|till|until|like|resembles?) (?:[\w-]+ ){0,2}(?:crumbs|breadcrumbs|pea[- ]size)/i.test(
        t,
      ) && /\b(?:butter|fat|block|margarine|shortening)\b/i.test(t)
        ? 'rub'
        : 'mix';
    case 'bring':
      return /\b(?:boil|simmer)\b/i.test(t) ? 'boil' : /\btogether\b/i.test(t) ? 'mix' : 'cook';
    case 'cover':
      if (TENT.test(t)) return 'bake';
      return /\bwith (?:the )?(?:\w+ )?(?:water|rum|milk|juice|tea)\b|\bwith the \w+ and leave\b/i.test(t)
        ? 'soak'
        : 'other';
    case 'heat':
      if (
        /\boven\b|\bstone\b|\bpot\b|\bgas mark\b|\bto \d{3}|\b(?:non[- ]?stick |frying )?(?:pan|skillet|griddle)\b/i.test(
          t,
        ) &&
        !/\b(?:milk|cream|water|butter) /i.test(t)
      )
        return 'preheat';
      return /\buntil (?:the \w+ (?:has |is )?)?melted|\bmelted\b/i.test(t) ? 'melt' : 'cook';
    case 'let':
      if (/\b(?:rise|prove|proof|double|ferment)\b/i.test(t)) return 'proof';
      if (/\b(?:bubble|simmer|boil)\b/i.test(t) && s.last?.place === 'hob') return 'cook';
      if (chilled) return 'chill';
      if (/\bsieve|colander\b/i.test(t)) return 'drain';
      if (/\bcool\b/i.test(t)) return 'cool';
      if (s.baked && !/\bdough|batter\b/i.test(t)) return 'cool';
      if (of.starter || /\bbubbly\b/i.test(t) || (s.yeasted && /\broom temp|\bwarm\b/i.test(t)))
        return 'proof';
      return 'rest';
    case 'rest':
      return s.baked ? 'cool' : chilled || /\brest cold\b/i.test(t) ? 'chill' : of.starter ? 'proof' : 'rest';
    case 'proof':
      return of.yeastOnly && (timesIn(t)[0]?.minutes[1] ?? 0) <= 20 ? 'rest' : 'proof';
    case 'set':
      if (/\bin (?:a |the )?(?:roasting|water)/i.test(t)) return 'fill';
      return chilled ? 'chill' : timesIn(t).length > 0 ? (s.baked ? 'cool' : 'rest') : 'other';
    case 'cool':
      return chilled ? 'chill' : 'cool';
    case 'cut':
      if (/\b(?:cross|vents?|slits?|slash)/i.test(t)) return 'score';
      if (/\b(?:butter|fat|block|shortening)\b.*\b(?:into|in)\b/i.test(t) && /\b(?:flour|dry|pea)/i.test(t))
        return 'rub';
      return /\b(?:shapes?|rounds?|discs?|circles)\b/i.test(t) && !/\binto \d/i.test(t) ? 'shape' : 'divide';
    case 'score':
      return 'score';
    case 'roll':
      return 'shape';
    case 'line':
      return /\b(?:tart|pie|flan|quiche|case)\b/i.test(t) &&
        s.last &&
        ['shape', 'chill', 'divide'].includes(s.last.kind)
        ? 'fill'
        : 'prepare';
    case 'pour':
      return VESSEL.test(t) || /\b(?:in|over|into)\s*(?:[,.;]|$|and\b)|\bover\b/i.test(t)
        ? s.baked && /\bicing|glaze|syrup\b/i.test(t)
          ? 'glaze'
          : 'fill'
        : 'mix';
    case 'put':
      if (chilled) return 'chill';
      if (/\b(?:mixer|bowl|processor|blender)\b/i.test(t)) return 'mix';
      if (/\b(?:tray|stone|pot)\b.*\bin the oven\b/i.test(t) && timesIn(t).length === 0) return 'preheat';
      if (/\boven\b/i.test(t) && /\d/.test(t)) return 'bake';
      return /\bpot\b|\bstone\b/i.test(t) && timesIn(t).length > 0 ? 'bake' : 'fill';
    case 'spread':
      return s.baked && /\bicing|frosting|glaze|warm\b/i.test(t) ? 'glaze' : 'fill';
    case 'strew':
      if (/\b(?:water|vinegar)\b/i.test(t)) return 'mix';
      return s.baked
        ? 'glaze'
        : s.last?.kind === 'wash' || /\bseeds?|sugar|flakes?\b/i.test(t)
          ? 'wash'
          : 'fill';
    case 'dip':
      return /\b(?:bath|water|pretzel|bagel|ring|each)\b/i.test(t) && timesIn(t).length > 0
        ? 'boil'
        : s.baked
          ? 'glaze'
          : 'wash';
    case 'wash':
      return 'wash';
    case 'glaze':
      return s.baked || !/\b(?:yolk|egg|milk|wash)\b/i.test(t) ? 'glaze' : 'wash';
    case 'turned':
      if (/\bout\b/i.test(t)) return s.baked ? 'cool' : 'shape';
      if (/\b(?:off)\b/i.test(t)) return 'other';
      if (heatsIn(t).length > 0 || /\bdown\b|\bup to\b/i.test(t)) return 'bake';
      return /\bpan|tin\b/i.test(t) && !s.baked ? 'fill' : 'turn';
    case 'uncover':
      return s.baked || s.blind || /\b(?:lid|foil|weights|beans|paper|cover|cloth|film)\b/i.test(t)
        ? 'uncover'
        : 'other';
    case 'take':
      return /\b(?:off|out)\b/i.test(t) ? 'uncover' : 'other';
    case 'keep':
      if (chilled) return 'chill';
      if (/^wrap the (?:outside of the )?(?:tin|pan)\b/i.test(t.trim())) return 'prepare';
      return /\bto cool|\btowel|\bcloth/i.test(t) && s.baked ? 'cool' : 'rest';
    case 'fold':
      return /\b(?:in|into|through|with)\b/i.test(t) || !/\bthirds?|letter|book|over|edges?\b/i.test(t)
        ? 'fold'
        : 'shape';
    case 'fill':
      if (s.finish && s.baked && /\bover\b|\bwhile\b/i.test(t)) return 'glaze';
      return /\b(?:on|over)\b/i.test(t) && s.baked && /\bicing|glaze|topping\b/i.test(t) ? 'glaze' : 'fill';
    case 'chill':
    case 'soak':
      return c.head;
    case 'other':
      if (chilled && timesIn(t).length > 0) return 'chill';
      if (/\binside\b|\boven\b/i.test(t) && timesIn(t).length > 0) return 'cool';
      return /\b(?:cool|serve|slice)\b/i.test(t) && s.baked
        ? 'cool'
        : timesIn(t).length > 0 && s.baked
          ? 'cool'
          : 'other';
    case 'bake':
      return 'bake';
    default:
      return c.head;
  }
}

/** "Add the eggs, then all of the dry. Mix with the paddle 4 min": a stage of which a second sentence tells how long. */
const STIRRED: readonly ActionKind[] = ['mix', 'whisk'];
const goesOn = (a: Action, b: Action): boolean =>
  STIRRED.includes(a.kind) &&
  STIRRED.includes(b.kind) &&
  !a.minutes &&
  !a.until &&
  !b.uses &&
  b.minutes !== undefined;

/** Where an act works: on the bowl, or on what lies beside it. */
const sideOf = (kind: ActionKind): Side =>
  ['wash', 'glaze', 'prepare', 'fill', 'boil', 'shape', 'preheat', 'cook', 'score'].includes(kind)
    ? 'any'
    : 'in';

/** The part that a clause names by the last telling word of its name; with whether all of it is meant. */
function partNamed(clause: string, parts: readonly Part[]): Part | undefined {
  const words = new Set(wordsOf(clause).map((w) => w.text));
  return parts.find((p) => {
    const own = wordsOf(p.name)
      .map((w) => w.text)
      .filter((w) => !['for', 'the', 'and', 'case', 'set'].includes(w));
    return own.some((w) => w.length > 3 && words.has(w));
  });
}

const PIECES: RegExp[] = [
  new RegExp(
    `\\b(?:into|in|makes?|make)\\s+(?:about\\s+)?${COUNT}\\b(?!\\s*(?:°|cm|mm|inch|in\\b|["”]|x|×|min|hours?|g\\b|goes|batches|layers?|stages|minutes|by))`,
    'i',
  ),
  new RegExp(
    `\\b(?:cut|pipe|spoon|scoop|form|shape|roll|drop|line|stamp)\\s+(?:out\\s+)?(?:about\\s+)?${COUNT}\\b(?!\\s*(?:°|cm|mm|inch|["”]|x|×|min|hours?|g\\b|ml|tbsp|vents?|slits?|slashes|thick))`,
    'i',
  ),
  new RegExp(`\\(${COUNT} (?:pieces|balls|rolls|buns|portions|in all)\\)`, 'i'),
  new RegExp(
    `\\b${COUNT}\\s+(?:equal\\s+)?(?:\\d+\\s?g\\s+)?(?:pieces|balls|discs|disks|rounds|portions|wedges|fingers|squares|ramekins|slices|bars|strips|triangles|lengths|mounds|blobs|muffin|cups|cases|buns|rolls)\\b`,
    'i',
  ),
  new RegExp(`^mark ${COUNT}\\b`, 'i'),
];
function piecesIn(t: string): number | null {
  if (/^\s*halve\b/i.test(t) || /\bin half\b/i.test(t)) return 2;
  for (const p of PIECES) {
    const m = p.exec(t);
    if (m && countOf(m[1]!) > 0) return countOf(m[1]!);
  }
  return null;
}
const PIECE_G = [
  /(\d{1,4})(?:\s*(?:-|–|to)\s*\d{1,4})?\s?g\b\s*(?:each|apiece|balls?|pieces?|portions?|a piece|per|into each|in each|mounds?|rounds?)/i,
  /\((?:about|around|approx\.?|~)?\s*(\d{1,4})(?:\s*(?:-|–|to)\s*\d{1,4})?\s?g(?: each)?\)/i,
  /\b(?:about|around|at|of)\s+(\d{1,4})\s?g\b/i,
];
const pieceGIn = (t: string): number | null => {
  for (const p of PIECE_G) {
    const m = p.exec(t);
    if (m) return Number(m[1]);
  }
  return null;
};

/** Whether times of a clause are how long it is done. */
function minutesOf(t: string, kind: ActionKind): Pick<Action, 'minutes' | 'perSide' | 'afterMin'> {
  const after = TENT.test(t) && /\bafter (?:the first )?(\d{1,3})\b/i.exec(t);
  if (after) return { afterMin: Number(after[1]) };
  for (const time of timesIn(t, ['bake', 'blind_bake', 'uncover', 'cook', 'turn', 'cool'].includes(kind))) {
    const before = t.slice(0, time.at);
    if (MARKER.test(before)) continue;
    if (AFTER.test(before) && kind !== 'cool') return { afterMin: time.minutes[0] };
    return { minutes: time.minutes, ...(SIDE.test(t.slice(time.end)) ? { perSide: true } : {}) };
  }
  return {};
}

function untilOf(t: string): string | null {
  const told =
    UNTIL.exec(t)?.[1] ?? STAGE.exec(t)?.slice(1).find(Boolean) ?? WHITES.exec(t)?.[1] ?? SIGN.exec(t)?.[1];
  const clean = told
    ?.replace(/,?\s+(?:in )?about \d.*$/is, '')
    .replace(/[\s,.;:&)]+$/, '')
    .replace(/\s+(?:and|then)$/i, '')
    .trim();
  return clean && clean.length > 1 ? clean.slice(0, 120) : null;
}

const coverOf = (t: string, kind: ActionKind): ActionCover | null => {
  const bakes = kind === 'bake' || kind === 'blind_bake' || kind === 'uncover';
  if (bakes && LID_OFF.test(t)) return 'none';
  if (bakes && TENT.test(t)) return 'tent';
  if (bakes && LID_ON.test(t)) return 'lid';
  if (kind === 'cook' && /\blid on\b|\bcovered\b/i.test(t)) return 'lid';
  if (['proof', 'rest', 'chill'].includes(kind) && /\bcover|\bcloth\b|\bcling|\bwrap/i.test(t))
    return 'cloth';
  return null;
};
const placeOf = (t: string, kind: ActionKind): [ActionPlace, boolean] | null => {
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
const OF_DOUGH_SHARES: Record<string, number> = {
  half: 1 / 2,
  third: 1 / 3,
  quarter: 1 / 4,
  'two thirds': 2 / 3,
  'three quarters': 3 / 4,
};
const LIQUID: readonly string[] = [
  'water',
  'milk',
  'plant_drink',
  'nut_drink',
  'egg',
  'egg_yolk',
  'egg_white',
  'acid',
];
/** A clause with its verb blanked. */
function withoutVerb(t: string, verb: string): string {
  const at = verb === '' ? -1 : t.toLowerCase().indexOf(verb);
  return at < 0 ? t : t.slice(0, at) + ' '.repeat(verb.length) + t.slice(at + verb.length);
}
/** More acts than this a method has not. */
const MOST_ACTS = 150;

/**
 * The method of a formula, linked: each step with the acts its words tell of, the lines they take, for how long, how hot,
 * under what and where. What a step does not say of its own is taken from what was before, and marked as ours.
 */
export function linkMethod(formula: Formula, lookup: Lookup): Formula {
  const lines = new Lines(formula.parts, lookup);
  const main = mainPart(formula.parts);
  const s: State = {
    partId: formula.parts[0]?.id,
    baked: false,
    blind: false,
    last: undefined,
    oven: null,
    lid: null,
    yeasted: false,
    finish: false,
  };
  const bakes = formula.method.filter((m) => /\bbake\b|\boven\b/i.test(m.text)).length;
  let count = 0;
  const method = formula.method.map((step): Step => {
    const acts: Action[] = [];
    for (const sentence of sentencesIn(step.text))
      for (const clause of clausesOf(sentence.text)) {
        if (count >= MOST_ACTS) break;
        count += 1;
        const act = actOf(clause, sentence.at);
        const before = acts.at(-1);
        if (before && goesOn(before, act)) {
          Object.assign(before, {
            ...act,
            kind: before.kind,
            uses: before.uses,
            names: [...(before.names ?? []), ...(act.names ?? [])],
            from: before.from,
            text: step.text.slice(before.from, act.to).trim(),
          });
          if (!before.uses) delete before.uses;
        } else acts.push(act);
        s.last = acts.at(-1);
      }
    return acts.length > 0 ? { ...step, actions: acts } : step;
  });
  const linked = { ...formula, method };
  return isOvernight(linked) ? { ...linked, overnight: true } : linked;

  function actOf(clause: Clause, at: number): Action {
    const t = clause.text;
    // The verb itself names nothing: "cream the butter".
    const said = withoutVerb(t, clause.verb);
    const named = partNamed(lines.withoutNames(t), formula.parts);
    // The part at work: the one named, where it is begun here; else the one most of the named lines are in.
    const mixes = [
      ...MIXING,
      'cream',
      'rub',
      'melt',
      'cook',
      'boil',
      'gel',
      'bring',
      'heat',
      'put',
      'cover',
      'soak',
    ].includes(clause.head);
    const names: Named[] = [];
    const first = mentionsIn(said, lines, named?.id ?? s.partId, 'any', names);
    const votes = new Map<string, number>();
    for (const { called, sure } of first)
      votes.set(called.part, (votes.get(called.part) ?? 0) + (sure ? 1 : 0.1));
    const most = [...votes].sort((a, b) => b[1] - a[1])[0]?.[0];
    const partId = (mixes && named ? named.id : undefined) ?? (mixes ? most : undefined) ?? s.partId;
    if (mixes && partId !== s.partId) {
      s.partId = partId;
    }
    const ids = first.map((m) => m.called.ingredient?.id ?? '');
    const groups = first.map((m) => m.called.ingredient?.group ?? '');
    const gel =
      ids.some((id) => GEL.test(id)) &&
      groups.every(
        (g, i) =>
          GEL.test(ids[i]!) || ['water', 'milk', 'plant_drink', 'honey', 'syrup', 'acid', 'oil'].includes(g),
      ) &&
      (first.length > 1 || timesIn(t).length > 0);
    const starter =
      s.last?.uses?.some(
        (u) => lines.called.find((c) => c.line.id === u.lineId)?.ingredient?.group === 'starter',
      ) ?? false;
    const yeastOnly =
      groups.includes('yeast') && !groups.some((g) => ['flour', 'blend', 'starch'].includes(g));
    const at_ = formula.parts.find((p) => p.id === partId);
    s.yeasted = (at_?.lines ?? []).some((l) => ['yeast', 'starter'].includes(lookup(l.item)?.group ?? ''));
    s.finish = at_ !== undefined && CLASSES[at_.classId].family === 'finish';
    let kind = kindOf(clause, s, { gel, starter, yeastOnly });
    const heat = bakeHeat(t, kind);
    if (kind === 'other' && heat && timesIn(t, true).length > 0) kind = 'bake';
    // A crust is baked before it is filled: what follows goes into it.
    // On a griddle "bake" is said as well.
    if (kind === 'bake' && ON_PAN.test(t)) kind = 'cook';
    if (kind === 'bake' && !s.baked && isBlind(t)) kind = 'blind_bake';
    const uses = usesOf(said, kind, partId, named, first.length);
    const part = mixes && uses.length > 0 ? lines.partOf(uses[0]!.lineId) : undefined;
    if (part && uses.every((u) => lines.partOf(u.lineId) === part)) s.partId = part;
    const act: Action = {
      kind,
      text: t.trim().replace(/[\s,;]+(?:and|then)?$/i, ''),
      from: at + clause.at,
      to: at + clause.at + t.length,
      ...(s.partId ? { partId: s.partId } : {}),
    };
    const ours: ActionField[] = [];
    if (uses.length > 0) act.uses = uses;
    if (names.length > 0)
      act.names = names.map((n) => ({
        from: n.from + at + clause.at,
        to: n.to + at + clause.at,
        lineIds: onSide(n.lineIds, kind),
      }));
    Object.assign(act, minutesOf(t, kind));
    if (kind === 'preheat' && heat) s.oven = heat;
    if (kind === 'bake' || kind === 'blind_bake') {
      if (heat) s.oven = heat;
      if (s.oven) {
        act.tempC = s.oven.c;
        act.tempOf = 'oven';
        if (s.oven.fan) act.fan = true;
        if (!heat) ours.push('tempC');
      }
      if (kind === 'bake') s.baked = true;
      else s.blind = true;
    } else if (kind === 'preheat' && heat) {
      act.tempC = heat.c;
      act.tempOf = 'oven';
      if (heat.fan) act.fan = true;
    } else {
      const of = heatsIn(t, false)[0];
      if (of && of.c < 110) {
        act.tempC = of.c;
        act.tempOf = kind === 'proof' || kind === 'rest' || kind === 'chill' ? 'room' : 'liquid';
      }
    }
    if (['mix', 'knead', 'rub', 'cream', 'fold'].includes(kind) && uses.some((u) => u.share === 1))
      s.baked = s.baked && !startsAnew(uses, partId);
    const cover = coverOf(t, kind);
    if (cover) act.cover = cover;
    if (kind === 'uncover') s.lid = 'none';
    else if (kind === 'bake' && cover === 'lid') s.lid = 'lid';
    else if (kind === 'bake' && cover === null && s.lid !== null) {
      act.cover = s.lid;
      ours.push('cover');
    }
    const place =
      placeOf(t, kind) ??
      (kind === 'mix' && act.minutes && s.last?.place === 'hob' && !/\boff\b/i.test(t)
        ? (['hob', true] as const)
        : null);
    if (place) {
      [act.place] = place;
      if (place[1]) ours.push('place');
    }
    const until = untilOf(t);
    // "Bake 50 minutes, tenting with foil after 25, till ...": the sign is of the bake.
    if (until && act.afterMin !== undefined && s.last?.kind === 'bake' && !s.last.until) s.last.until = until;
    else if (until) act.until = until;
    piecesTo(act, t, ours);
    const of = ['divide', 'shape', 'fill', 'spread'].includes(kind)
      ? OF_DOUGH.exec(t)?.[1]?.toLowerCase()
      : undefined;
    if (of !== undefined && !uses.some((u) => u.share !== 1))
      act.share = OF_DOUGH_SHARES[of.replace(/^(?:a|the last|the other|the remaining|the) /, '')] ?? 'rest';
    if (OVERNIGHT.test(t) || (kind !== 'bake' && (act.minutes?.[0] ?? 0) >= 480)) act.overnight = true;
    if (ours.length > 0) act.ours = ours;
    return act;
  }

  /** Of lines that a word may mean, those that such an act works on: the dough's egg, or the egg that is brushed on. */
  function onSide(ids: string[], kind: ActionKind): string[] {
    const beside = kind === 'wash' || kind === 'glaze' || kind === 'prepare';
    if (!beside && sideOf(kind) !== 'in') return ids;
    const own = ids.filter(
      (id) => isBeside(lines.called.find((c) => c.line.id === id)?.line.role) === beside,
    );
    return own.length > 0 ? own : ids;
  }

  /** Another part begins after a bake: it is not baked yet. */
  function startsAnew(uses: readonly { lineId: string }[], partId: string | undefined): boolean {
    const part = formula.parts.find((p) => p.id === partId);
    return (
      part !== undefined &&
      CLASSES[part.classId].family !== 'finish' &&
      uses.some((u) => part.lines.some((l) => l.id === u.lineId))
    );
  }

  function bakeHeat(t: string, kind: ActionKind): { c: number; fan: boolean } | null {
    if (!['bake', 'blind_bake', 'preheat', 'other'].includes(kind)) return null;
    const core = /\b(?:inside|internal|core|centre|center|middle|probe|reads?)\b/i.test(t);
    const found = heatsIn(t).filter((h) => plausible(h.c) && h.c >= 100 && !(h.c < 111 && core));
    const own = found.find((h) => !h.fan && !h.fromF) ?? found.find((h) => !h.fan) ?? found[0];
    if (!own) return null;
    const fan = own.fan || (/\b(?:fan|convection)\b/i.test(t) && found.length === 1);
    return { c: own.c, fan };
  }

  function isBlind(t: string): boolean {
    if (/\bblind\b|\bpar-?bake/i.test(t)) return true;
    if (formula.parts.length < 2 || bakes < 2 || !main) return false;
    const part = formula.parts.find((p) => p.id === s.partId);
    const crust = part && ['press_in', 'shortcrust', 'flaky'].includes(part.classId);
    return (
      Boolean(crust) &&
      formula.parts.some(
        (p) =>
          p !== part &&
          lines.called.some((c) => c.part === p.id && lines.isWhole(c) && !isBeside(c.line.role)),
      ) &&
      !/\bmore\b/i.test(t)
    );
  }

  function usesOf(
    t: string,
    kind: ActionKind,
    partId: string | undefined,
    named: Part | undefined,
    direct: number,
  ): NonNullable<Action['uses']> {
    if (['bake', 'blind_bake', 'uncover', 'turn', 'score'].includes(kind)) return [];
    if (kind === 'cool' && s.baked) return [];
    const uses: NonNullable<Action['uses']> = [];
    const side = sideOf(kind);
    // What is soaked or drained comes back: it is still there for what follows.
    const stays = kind === 'soak' || kind === 'drain';
    const take = (lineId: string, share: number | 'some' | 'most' | 'rest' | null) => {
      if (uses.some((u) => u.lineId === lineId)) return;
      if (stays) uses.push({ lineId, share: share ?? 1 });
      else
        uses.push(
          lines.take(
            lineId,
            share ?? (lines.isWhole(lines.called.find((c) => c.line.id === lineId)!) ? 1 : 'rest'),
          ),
        );
    };
    if (kind === 'prepare' || kind === 'preheat') {
      if (/\b(?:oil|butter|grease|greased|smear)\b/i.test(t)) {
        const for_ = lines.called.filter((c) => c.line.role === 'release' && lines.isWhole(c));
        for (const c of for_.slice(0, 1)) take(c.line.id, null);
        if (for_.length === 0 && kind === 'preheat')
          for (const m of mentionsIn(t, lines, partId, 'any')) take(m.called.line.id, m.share ?? 'some');
      }
      return uses;
    }
    // Everything that is left of a part that is named and not begun.
    const whole = named && lines.called.filter((c) => c.part === named.id);
    const mixes = !['fill', 'glaze', 'wash', 'shape', 'chill', 'rest', 'cool', 'divide', 'proof'].includes(
      kind,
    );
    const fresh = whole?.filter((c) => lines.isWhole(c)) ?? [];
    const begun = !whole || fresh.length < whole.length / 2;
    const kept = KEPT_BACK.exec(t);
    const back = new Set(kept ? mentionsIn(kept[1]!, lines, partId, 'any').map((m) => m.called.line.id) : []);
    const mentions = mentionsIn(kept ? t.replace(kept[0], '') : t, lines, partId, side);
    const divided = mentions.find((m) => m.share !== null && m.share !== 1);
    // "With a little of the milk, add the rest": the rest of that.
    if (divided && /\bthe rest\b(?! of)/i.test(t)) divided.share = null;
    else for (const c of groupIn(t, lines, partId)) if (!back.has(c.line.id)) take(c.line.id, null);
    for (const m of mentions) {
      if (stays && m.called.part !== partId) continue;
      // A word that may mean another part's line is not taken from afar by what only shapes or fills.
      if (m.called.part !== partId && ['shape', 'divide', 'proof', 'rest', 'chill'].includes(kind)) continue;
      if (
        ['proof', 'rest', 'chill', 'divide', 'shape', 'cool'].includes(kind) &&
        !/^(?:cover|soak|leave|sour|roll|dip)/i.test(t.trim()) &&
        lines.isWhole(m.called) &&
        !isBeside(m.called.line.role)
      ) {
        if (kind !== 'rest' || direct === 0) continue;
      }
      take(m.called.line.id, m.share);
    }
    if (
      named &&
      !begun &&
      uses.length <= direct &&
      (mixes || kind === 'glaze' || kind === 'wash') &&
      !/\b(?:into|onto|over) the\b/i.test(t) &&
      direct <= (mixes ? 1 : 2)
    )
      for (const c of fresh)
        if (!isBeside(c.line.role) || kind === 'glaze' || kind === 'wash') take(c.line.id, null);
    // "Make the pastry: rub, add water": what is rubbed is all of it that is no liquid.
    const untouched = lines.called.filter((x) => x.part === partId && !isBeside(x.line.role));
    if (kind === 'rub' && uses.length === 0 && untouched.every(lines.isWhole))
      for (const c of untouched) if (!LIQUID.includes(c.ingredient?.group ?? '')) take(c.line.id, null);
    // "Squeeze it in a cloth": what was tossed and left before.
    if (kind === 'drain' && uses.length === 0)
      for (const u of s.last?.uses ?? []) {
        uses.push({ ...u });
        lines.giveBack(u.lineId);
      }
    if (/\b(?:floured|dusted)\b/i.test(t) && uses.length === 0) {
      const dust =
        lines.called.find((c) => c.line.role === 'dusting' && c.ingredient?.flour && lines.isWhole(c)) ??
        lines.called.find(
          (c) =>
            c.ingredient?.flour &&
            /\b(?:extra|more|plus)\b.*\b(?:dust|board|roll|basket|peel)/i.test(c.line.amount.written),
        );
      if (dust) uses.push(lines.take(dust.line.id, dust.line.role === 'dusting' ? 1 : 'some'));
    }
    return uses;
  }

  function piecesTo(act: Action, t: string, ours: ActionField[]): void {
    if (!['divide', 'shape', 'fill', 'prepare', 'score', 'cool', 'chill', 'glaze'].includes(act.kind)) {
      const g = act.kind === 'cook' ? pieceGIn(t) : null;
      if (g) act.pieceG = g;
      return;
    }
    const pieces = piecesIn(t);
    const pieceG = ['divide', 'shape', 'fill'].includes(act.kind) ? pieceGIn(t) : null;
    if (pieces !== null) act.pieces = pieces;
    if (pieceG !== null) act.pieceG = pieceG;
    if (pieces === null && pieceG !== null) {
      const part = formula.parts.find((p) => p.id === act.partId) ?? main;
      const massG = part ? doughLines(part).reduce((x, l) => x + massOf(l), 0) : 0;
      const tins =
        formula.tin && formula.tin.count > 1 && /\b(?:pans|tins|moulds)\b/i.test(t)
          ? formula.tin.count
          : null;
      const made = tins ?? piecesOf(formula) ?? (massG > 0 ? Math.floor(massG / pieceG) : null);
      if (made !== null && made > 0) {
        act.pieces = made;
        ours.push('pieces');
      }
    }
  }
}

/** Whether a bake has to be begun the day before. */
const isOvernight = (formula: Formula): boolean =>
  formula.method.some((s) => s.actions?.some((a) => a.overnight)) ||
  formula.parts.some((p) =>
    p.lines.some((l) => /\bovernight\b|\bthe (?:night|day) before\b/i.test(l.amount.written)),
  );
