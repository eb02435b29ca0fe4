import { linearSum, type Sourced } from '../explain';
import { readLabel } from '../exclusions';
import {
  AVOID_IDS,
  COMPONENTS,
  energyOf,
  withImplied,
  type AvoidId,
  type Component,
  type Fact,
  type Ingredient,
} from '../ingredients';
import type { BlendDoc, OwnDoc, PacketDoc, Panel } from './types';

const CUP_ML = 236.5882365;
/** A label may round and tolerate: the EU's guidance lets a figure be off by a fifth. */
const LABEL_SPREAD = 0.1;

const label = (value: number): Sourced => ({
  value,
  sd: LABEL_SPREAD * value,
  basis: 'label',
  sourceId: 'label',
});
type Parts = Record<Component, Sourced | null>;

/** True when nothing at all is printed. */
export const isBlank = (panel: Panel): boolean => Object.values(panel).every((v) => v === null);

/**
 * The make-up of a thing by its panel: what is printed is taken, what is not is that of the ingredient it is like,
 * scaled to nothing; starch is the carbohydrate that is neither sugar nor polyol; water is what is missing to 100 g.
 */
export function compositionOf(panel: Panel, base: Ingredient | null): Parts {
  if (isBlank(panel)) return base ? base.per100g : unknownParts();
  const given = (key: keyof Panel, from: Component): Sourced | null => {
    const v = panel[key];
    return v === null ? (base?.per100g[from] ?? null) : label(v);
  };
  const sugars = given('sugars', 'sugars');
  const polyols =
    panel.polyols === null ? (base?.per100g.polyols ?? { value: 0, basis: 'derived' }) : label(panel.polyols);
  const starch: Sourced | null =
    panel.carbs === null
      ? (base?.per100g.starch ?? null)
      : sugars && {
          value: Math.max(0, panel.carbs - sugars.value - polyols.value),
          sd: LABEL_SPREAD * panel.carbs,
          basis: 'derived',
          sourceId: 'label',
        };
  const parts: Parts = {
    ...(base ? base.per100g : unknownParts()),
    fat: given('fat', 'fat'),
    protein: given('protein', 'protein'),
    fibre: given('fibre', 'fibre'),
    salt: given('salt', 'salt'),
    sugars,
    polyols,
    starch,
  };
  const others = COMPONENTS.filter((c) => c !== 'water');
  const known = others.every((c) => parts[c] !== null);
  const sum = linearSum(others.flatMap((c) => (parts[c] ? [{ k: 1, x: parts[c] }] : [])));
  // Without knowing all the rest, the water is not known either.
  parts.water = known
    ? {
        value: Math.max(0, 100 - sum.value),
        ...(sum.sd ? { sd: sum.sd } : {}),
        basis: 'derived',
        sourceId: 'byDifference',
      }
    : (base?.per100g.water ?? null);
  return parts;
}

/** Parts that a panel never prints are taken for none; all others are not known. */
function unknownParts(): Parts {
  const none: Sourced = { value: 0, basis: 'derived' };
  return Object.fromEntries(
    COMPONENTS.map((c) => [c, ['acids', 'alcohol', 'ash', 'leavening', 'polyols'].includes(c) ? none : null]),
  ) as Parts;
}

const NONE: Sourced = { value: 0, basis: 'derived' };
const density = (gPerCup: number | null, base: Ingredient | null): Sourced | null =>
  gPerCup === null
    ? (base?.densityGMl ?? null)
    : { value: gPerCup / CUP_ML, sd: (0.05 * gPerCup) / CUP_ML, basis: 'user' };

function energy(panel: Panel, parts: Parts): Sourced {
  return panel.kcal === null
    ? { value: energyOf(parts), basis: 'derived', sourceId: 'annex14' }
    : { value: panel.kcal, basis: 'label', sourceId: 'label' };
}

const allUnknown = (): Record<AvoidId, Fact> =>
  Object.fromEntries(AVOID_IDS.map((a) => [a, a === 'own_word' ? 'no' : 'unknown'])) as Record<AvoidId, Fact>;

/** An ingredient of the baker's own. What it is not said to be, and is like nothing known, stays not known. */
export function fromOwn(id: string, doc: OwnDoc, base: Ingredient | null): Ingredient {
  const per100g = compositionOf(doc.panel, base);
  const facts = base ? { ...base.facts } : allUnknown();
  for (const a of AVOID_IDS) if (doc.facts[a]) facts[a] = doc.facts[a];
  for (const a of withImplied(AVOID_IDS.filter((x) => facts[x] === 'yes'))) facts[a] = 'yes';
  return {
    id,
    kind: 'own',
    like: base?.id ?? null,
    group: doc.group,
    names: [doc.name, ...doc.otherNames],
    per100g,
    energyKcal: energy(doc.panel, per100g),
    polyolKcalG: base?.polyolKcalG ?? 2.4,
    flour: base ? base.flour : doc.group === 'flour' || doc.group === 'starch' || doc.group === 'blend',
    dry: base ? base.dry : (per100g.water?.value ?? 100) < 20,
    absorption: base?.absorption ?? NONE,
    acidMmolG: base?.acidMmolG ?? NONE,
    baseMmolG: base?.baseMmolG ?? NONE,
    gasMmolG: base?.gasMmolG ?? NONE,
    settingProtein: base?.settingProtein ?? NONE,
    melting: base?.melting ?? null,
    keeping: base?.keeping ?? 'dry',
    densityGMl: density(doc.gPerCup, base),
    pieces:
      doc.gPerPiece === null
        ? (base?.pieces ?? [])
        : [{ name: 'piece', massG: { value: doc.gPerPiece, basis: 'user' } }],
    facts,
    labelNeeded: base ? base.labelNeeded && AVOID_IDS.some((a) => facts[a] === 'unknown') : true,
  };
}

/** What a label says of each avoidance, and the words still to be looked at; `read`: all of it may be believed. */
export type LabelFacts = { facts: Record<AvoidId, Fact>; open: string[]; read: boolean };

/**
 * Facts by a packet's label. What the label names is `yes`, what it warns of `may`. What it does not name is `no`
 * only when every word was known or looked at, and a text from a photo compared; else it stays not known. What the thing is by its kind stays.
 */
export function factsByLabel(
  doc: Pick<PacketDoc, 'labelText' | 'seenWords' | 'photo'>,
  base: Ingredient | null,
): LabelFacts {
  const text = doc.labelText.trim();
  const start = base ? { ...base.facts } : allUnknown();
  if (text === '') return { facts: start, open: [], read: false };
  const reading = readLabel(text);
  const seen = new Set(doc.seenWords.map((w) => w.toLowerCase()));
  const open = [...new Set([...reading.unknownWords, ...(doc.photo?.unsure ?? [])])].filter(
    (w) => !seen.has(w),
  );
  // A word that a photo lost is not in the text: only who has the packet in hand can say that all of it is there.
  const whole = !doc.photo || (doc.photo.compared && !doc.photo.cutOff);
  const contains = withImplied(reading.contains.map((f) => f.avoid));
  const oatsAlone =
    reading.notes.some((n) => n.code === 'label.oatsClaimed') &&
    (reading.contains.find((f) => f.avoid === 'gluten')?.words ?? []).every((w) =>
      /oat|hafer|avoine|avena/.test(w),
    );
  const facts = { ...start };
  for (const a of AVOID_IDS) {
    if (a === 'own_word') continue;
    if (start[a] === 'yes' && !(a === 'gluten' && base?.facts.gluten !== 'yes')) continue;
    // Oats that are claimed gluten-free: what the claim rests on is not on the label.
    if (a === 'gluten' && oatsAlone) facts[a] = 'unknown';
    else if (contains.has(a)) facts[a] = 'yes';
    else if (reading.mayContain.some((f) => f.avoid === a)) facts[a] = 'may';
    else facts[a] = whole && open.length === 0 ? 'no' : start[a] === 'no' ? 'no' : 'unknown';
  }
  return { facts, open, read: whole };
}

/** What a packet's flour takes up, where the bench learnt that it is more or less than its kind. */
const thirsty = (absorption: Sourced, times: number): Sourced => ({
  ...absorption,
  value: absorption.value * times,
  basis: 'derived',
});

/** A packet: what its label and panel say, on top of what its kind is. */
export function fromPacket(id: string, doc: PacketDoc, base: Ingredient): Ingredient {
  const per100g = compositionOf(doc.panel, base);
  const { facts, open, read } = factsByLabel(doc, base);
  return {
    ...base,
    id,
    kind: 'packet',
    like: base.like,
    names: [doc.name],
    per100g,
    energyKcal: isBlank(doc.panel) ? base.energyKcal : energy(doc.panel, per100g),
    facts,
    labelNeeded: !read || open.length > 0,
    ...(doc.drinks ? { absorption: thirsty(base.absorption, doc.drinks.times) } : {}),
    ...(doc.price !== null && doc.packG ? { pricePerKg: (1000 * doc.price) / doc.packG } : {}),
    ...(doc.packG ? { packG: doc.packG } : {}),
  };
}

const worst = (facts: readonly Fact[]): Fact =>
  facts.includes('yes')
    ? 'yes'
    : facts.includes('may')
      ? 'may'
      : facts.includes('unknown')
        ? 'unknown'
        : 'no';

/** Sum of the shares of a blend, percent. */
export const percentSum = (doc: Pick<BlendDoc, 'parts'>): number =>
  doc.parts.reduce((s, p) => s + p.percent, 0);

/**
 * A blend as the weighed mean of its parts: every additive figure is the sum of shares. Null where a part is not
 * known or the shares are nothing. Shares are taken as parts of their sum.
 */
export function fromBlend(
  id: string,
  doc: BlendDoc,
  parts: readonly { ingredient: Ingredient | null; percent: number }[],
): Ingredient | null {
  const sum = percentSum(doc);
  const known = parts.flatMap(({ ingredient, percent }) =>
    ingredient ? [{ ingredient, k: percent / sum }] : [],
  );
  if (sum <= 0 || known.length < parts.length || known.length === 0) return null;
  const mean = (of: (i: Ingredient) => Sourced): Sourced =>
    linearSum(known.map(({ ingredient, k }) => ({ k, x: of(ingredient) })));
  const per100g = Object.fromEntries(
    COMPONENTS.map((c) => [
      c,
      known.every(({ ingredient }) => ingredient.per100g[c] !== null)
        ? mean((i) => i.per100g[c] ?? NONE)
        : null,
    ]),
  ) as Parts;
  const facts = Object.fromEntries(
    AVOID_IDS.map((a) => [a, worst(known.map(({ ingredient }) => ingredient.facts[a]))]),
  ) as Record<AvoidId, Fact>;
  const volumes = known.map(({ ingredient, k }) => ({ k, d: ingredient.densityGMl?.value ?? null }));
  const mlPerG = volumes.every((v) => v.d !== null) ? volumes.reduce((s, v) => s + v.k / v.d!, 0) : null;
  return {
    id,
    kind: 'blend',
    like: facts.gum === 'yes' ? 'gf_blend_gum' : 'gf_blend',
    group: 'blend',
    names: [doc.name, ...doc.otherNames],
    per100g,
    energyKcal: mean((i) => i.energyKcal),
    polyolKcalG: 2.4,
    flour: true,
    dry: true,
    absorption: mean((i) => i.absorption),
    acidMmolG: mean((i) => i.acidMmolG),
    baseMmolG: mean((i) => i.baseMmolG),
    gasMmolG: mean((i) => i.gasMmolG),
    settingProtein: mean((i) => i.settingProtein),
    melting: null,
    keeping: 'dry',
    densityGMl: mlPerG === null ? null : { value: 1 / mlPerG, sd: 0.07 / mlPerG, basis: 'derived' },
    pieces: [],
    facts,
    labelNeeded: known.some(({ ingredient }) => ingredient.labelNeeded),
  };
}
