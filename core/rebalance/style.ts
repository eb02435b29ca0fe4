import type { Kit } from '../classes';
import type { Ingredient } from '../ingredients';
import { priceOf } from './price';

/**
 * How a house likes to bake: it moves the ranking and forbids nothing. `onlyFrom` are the ids of what is in the
 * cupboard; what the formula holds already, and water, never has to be bought.
 */
export type Style = {
  gumFree?: boolean | undefined;
  grain?: 'whole' | 'light' | undefined;
  noWholeFat?: boolean | undefined;
  fewest?: boolean | undefined;
  cheapest?: boolean | undefined;
  onlyFrom?: readonly string[] | undefined;
};
export const STYLE_RULES = ['gumFree', 'whole', 'light', 'noWholeFat', 'onlyFrom'] as const;
export type StyleRule = (typeof STYLE_RULES)[number];
/** A wish of the house that an answer does not meet, and by which ingredients or kits. */
export type StyleMiss = { rule: StyleRule; ids: string[] };

/**
 * What a wish not met weighs beside one tolerance overrun of a property of weight 1. A ranking of ours: gum and
 * shopping are said as wishes, so they outweigh what is merely less usual (0.8 at most) and a poorer fit.
 */
const COST = { gumFree: 2.5, grain: 0.6, noWholeFat: 2, fewest: 0.6, onlyFrom: 3, perPriceKg: 1.5 };

/** What is known of a combination: its kits, and what surely or really comes in. */
export type Incoming = { kits: readonly Kit[]; added: readonly Ingredient[] };

/** The ingredient our tables know it as, or itself. */
const likeOf = (i: Ingredient): string => i.like ?? i.id;

/** What comes in that neither the formula nor the tap has. */
const boughtOf = ({ added }: Incoming, there: ReadonlySet<string>): string[] => [
  ...new Set(added.filter((i) => likeOf(i) !== 'water' && !there.has(i.id)).map((i) => i.id)),
];

/** Which wishes an answer does not meet. `there` are the ids the formula holds already. */
export function missesOf(style: Style, incoming: Incoming, there: ReadonlySet<string>): StyleMiss[] {
  const kitsWith = (tag: Kit['tags'][number]) =>
    incoming.kits.filter((k) => k.tags.includes(tag)).map((k) => k.id);
  const home = new Set(style.onlyFrom);
  const all: StyleMiss[] = [
    {
      rule: 'gumFree',
      ids: style.gumFree
        ? [...new Set(incoming.added.filter((i) => i.facts.gum === 'yes').map((i) => i.id))]
        : [],
    },
    { rule: 'whole', ids: style.grain === 'whole' ? kitsWith('light') : [] },
    { rule: 'light', ids: style.grain === 'light' ? kitsWith('wholegrain') : [] },
    { rule: 'noWholeFat', ids: style.noWholeFat ? kitsWith('whole_food') : [] },
    {
      rule: 'onlyFrom',
      ids: style.onlyFrom
        ? boughtOf(incoming, there).filter((id) => {
            const i = incoming.added.find((x) => x.id === id)!;
            return i.kind === 'ref' && !home.has(likeOf(i));
          })
        : [],
    },
  ];
  return all.filter((m) => m.ids.length > 0);
}

/** What not meeting the wishes costs, without the price of it: never less for more that comes in. */
export function styleCost(style: Style, incoming: Incoming, there: ReadonlySet<string>): number {
  const missed = missesOf(style, incoming, there).reduce(
    (s, m) => s + m.ids.length * (m.rule === 'whole' || m.rule === 'light' ? COST.grain : COST[m.rule]),
    0,
  );
  return missed + (style.fewest ? COST.fewest * boughtOf(incoming, there).length : 0);
}

/** What the things that come in cost, ranked per kilogram of the part: rough prices where no packet says one. */
export function priceCost(
  style: Style,
  added: readonly { ingredient: Ingredient; massG: number }[],
  partG: number,
): number {
  if (!style.cheapest || partG <= 0) return 0;
  const spent = added.reduce((s, a) => s + priceOf(a.ingredient).perKg * (a.massG / 1000), 0);
  return (COST.perPriceKg * spent) / (partG / 1000);
}
