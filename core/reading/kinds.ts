import type { ClassId } from '../classes';
import type { Ingredient } from '../ingredients';

/** What goes into or onto a bake, said as one does it: "To fill". */
export const TO_DO =
  /^to (?:fill|decorate|finish|top|glaze|coat|ice|sandwich|drizzle|brush)(?: (?:and|&) \w+)?:?$/i;
/** What stands under such a heading is sprinkled or laid on what is made. */
export const FINISH = /^(?:to |for )?(?:finish(?:ing)?|decorat(?:e|ion|ing)|garnish|serv(?:e|ing))$/i;

/** A part as it is written: what its heading calls it, and its rows. */
export type Section = { name: string; rows: string[] };

/** Words of titles and headings that tell the kind of bake, the more telling first. */
const CLASS_NAMES: [RegExp, ClassId][] = [
  [/\b(wash|for brushing)\b/i, 'wash'],
  [/\b(glaze|icing|frosting|buttercream|(?:zucker)?guss|glasur|drizzle|caramel|syrup|sauce)\b/i, 'glaze'],
  [/\b(crumble|crumb|streusel|topping|top|coating)\b/i, 'crumb'],
  [/\bfrangipane\b/i, 'frangipane'],
  // Steamed, of dates or with its sauce: a cake, though it is called a pudding.
  [
    /\b(?:steamed|sponge|sticky toffee|treacle|suet|christmas|self[- ]saucing|eve['’]?s)\b.*\bpuddings?\b/i,
    'batter',
  ],
  [
    /\b(pastry cream|starch[- ]set|pudding|vanilla cream|blancmange|(?:chocolate|vanilla|lemon|coffee) pots?)\b/i,
    'starch_set',
  ],
  [/\b(custards?|quiche filling|appareil|royale|curd|flan|crème caramel|baked cheesecake)\b/i, 'egg_custard'],
  [
    /\b(cheesecake|mousse|ganache|panna ?cotta|jelly|fool|posset|semifreddo|(?:whipped|chantilly|sour) cream|chantilly|^cream$)\b/i,
    'uncooked_set',
  ],
  [
    /\b(filling|fill|middle|set fruit|compote|belag|füllung|fruits?|\p{L}*berr(?:y|ies)$|(?:apples?|pears?|plums?|cherries|berries|rhubarb|peaches|apricots|quinces?)$)/iu,
    'fruit_filling',
  ],
  [/\b(puff|flaky|laminated|croissant|rough puff|galette)\b/i, 'flaky'],
  [/\b(press[- ]in|cheesecake base)\b/i, 'press_in'],
  [
    /\b(shortcrust|pie crust|tart shell|shell|case|crust|pastry|tarts?|tartlets?|pies?|pasty|pasties|quiches?)\b/i,
    'shortcrust',
  ],
  [
    /\b(choux|profiteroles?|popovers?|yorkshires?(?: puddings?)?|[eé]clairs?|(?:cream|cheese) puffs?|goug[eè]res?)\b/i,
    'choux',
  ],
  [/\b(meringues?|pavlovas?|vacherin)\b/i, 'meringue'],
  [/\b(sponge|chiffon|angel|genoise|swiss roll|roulade)\b/i, 'foam_cake'],
  [/\b(brownies?|blondies?)\b/i, 'brownie'],
  [
    /\b(pancakes?|crêpes?|crepes?|waffles?|griddle cakes?|blini|crumpets?|pikelets?|drop scones?|injera|dosas?|farinata|socca)\b/i,
    'pancake',
  ],
  [/\b(muffins?|cupcakes?)\b/i, 'muffin'],
  [
    /\b(crackers?|crispbreads?|oatcakes?|(?:cheese|cheddar|parmesan|seed|rye) (?:snaps|thins|biscuits))\b/i,
    'cracker',
  ],
  [/\b(cookies?|biscuits?|shortbread|bars?|gingerbread|snaps|thins|macaroons?|amaretti)\b/i, 'cookie'],
  [/\b(tray ?bakes?|sheet cakes?|bundts?|lamingtons?|fruit ?cakes?)$/i, 'batter'],
  [/\b(soda bread|quick loaf|banana bread|corn ?bread|scones?)\b/i, 'soda_bread'],
  [/\b(bagels?|boiled rings?|pretzels?)\b/i, 'boiled_ring'],
  [/\b(doughnuts?|donuts?|fritters?|beignets?|berliners?)\b/i, 'doughnut'],
  [/\b(baguettes?|ficelles?)\b/i, 'baguette'],
  [
    /\b(flatbreads?|wraps?|tortillas?|pitt?as?|naans?|pizza|farls?|rotis?|chapatt?is?|parathas?|bhakri|arepas?|lavash)\b/i,
    'flatbread',
  ],
  [/\b(crown|brioche|braid|plait|cinnamon rolls?|stollen|babka|enriched)\b/i, 'enriched'],
  [/\b(buns?|rolls?)\b/i, 'bun'],
  [/\b(seed(?:ed)? (?:loaf|slab|bread|brick)|life loaf)\b/i, 'seed_loaf'],
  [/\b(levain|sourdough|boule|free-?form|round loaf|gel loaf|round)\b/i, 'gel_loaf'],
];
/** Whether a name tells of a class. */
export const namesClass = (name: string): boolean => CLASS_NAMES.some(([is]) => is.test(name));
/** Cakes that are a foam whatever else is in them. */
const FOAMED = /\b(?:chiffon|angel|genoise|g[eé]noise|swiss roll|roulade)\b/i;
const NEEDS_YEAST: readonly ClassId[] = ['enriched', 'bun', 'gel_loaf', 'baguette', 'boiled_ring'];

/** What a title is of: what follows "with" or a comma speaks of something else. */
const headOf = (title: string): string =>
  title.split(/\s+(?:with|w\/|without|for|in|on)\s|,|\(/i)[0] ?? title;

/** The class that a name tells of: English puts what a thing is last, so the word nearest to the end counts. */
function classNamed(name: string, fits: (id: ClassId) => boolean): ClassId | undefined {
  let best: { at: number; id: ClassId } | undefined;
  for (const [is, id] of CLASS_NAMES) {
    if (!fits(id)) continue;
    for (const m of name.matchAll(new RegExp(is.source, `g${is.flags}`))) {
      const at = m.index + m[0].length;
      // Of two that end at one place the more telling, which stands first, is kept.
      if (!best || at > best.at) best = { at, id };
    }
  }
  return best?.id;
}

/** What a guess stands on: the name of the thing, its shape (a loaf may be many things), or no more than what lifts it. */
export type Guess = { classId: ClassId; by: 'name' | 'shape' | 'lift' };
const byName = (classId: ClassId): Guess => ({ classId, by: 'name' });
const byShape = (classId: ClassId): Guess => ({ classId, by: 'shape' });
const byLift = (classId: ClassId): Guess => ({ classId, by: 'lift' });

/** What a wash is made of, beside sugar and syrup, which make an icing. */
const SHINES: readonly Ingredient['group'][] = [
  'egg',
  'egg_yolk',
  'egg_white',
  'milk',
  'cream',
  'plant_drink',
  'water',
  'salt',
];

/** What stands in a bake, as its name is held against it. */
type Content = {
  title: string;
  head: string;
  has: (...groups: Ingredient['group'][]) => boolean;
  only: (groups: readonly Ingredient['group'][]) => boolean;
  flour: boolean;
};
const contentOf = (title: string, head: string, ingredients: readonly Ingredient[]): Content => ({
  title,
  head,
  has: (...groups) => ingredients.some((i) => groups.includes(i.group)),
  only: (groups) => ingredients.length > 0 && ingredients.every((i) => groups.includes(i.group)),
  flour: ingredients.some((i) => i.flour),
});
/** The fruit of a pie is no pastry, whatever the pie is called; with fat in it, its flour may be a line that nobody knows. */
const fruitOfPie = ({ has, flour }: Content): Guess | null =>
  has('fruit') && !flour && !has('butter', 'fat_firm') ? byName('fruit_filling') : null;
/** What a bake of a name is by what is in it, where that is another thing; null where the name stands. */
const BY_CONTENT: Partial<Record<ClassId, (of: Content) => Guess | null>> = {
  shortcrust: fruitOfPie,
  flaky: fruitOfPie,
  // With butter or another firm fat a sponge is creamed or melted, as a rule; one of eggs beaten to a foam has hardly any.
  foam_cake: ({ head, has }) => (!FOAMED.test(head) && has('butter', 'fat_firm') ? byShape('batter') : null),
  // Yolks and no starch: it is the eggs that set it.
  starch_set: ({ has, flour }) => {
    // A pudding of flour that something lifts is a cake.
    if (has('leavener') && flour) return byName('batter');
    return has('egg', 'egg_yolk') && !has('starch') && !flour ? byName('egg_custard') : null;
  },
  uncooked_set: ({ title, has }) =>
    /cheesecake/i.test(title) && has('egg') && !has('yeast', 'starter') ? byName('egg_custard') : null,
  fruit_filling: ({ has, only, flour }) => {
    // What is set with eggs is a custard, whatever it is called.
    if (has('egg') && !has('yeast', 'starter')) return byName('egg_custard');
    // Fat and sugar that are spread on and rolled in hold no fruit, and nothing sets them.
    if (only(SPREADS) && has('sugar')) return byName('glaze');
    // Sweet cream or soft cheese that is whipped or beaten sets by itself.
    if (
      has('cream', 'cheese', 'plant_cream') &&
      has('sugar', 'syrup', 'honey') &&
      !has('fruit', 'starch') &&
      !flour
    )
      return byName('uncooked_set');
    // A cream that starch sets is no fruit filling: there is no fruit in it.
    return !has('fruit') && has('starch') && has('milk', 'cream', 'plant_drink', 'nut_drink')
      ? byName('starch_set')
      : null;
  },
  // With milk in it gingerbread is a cake; what is rolled out has none, and says that it is cut.
  cookie: ({ head, has }) =>
    /\bgingerbread\b/i.test(head) &&
    !/\b(?:m[ae]n|people|biscuits?|cookies?|house|snaps)\b/i.test(head) &&
    has('milk', 'plant_drink', 'nut_drink', 'cultured', 'water')
      ? byName('batter')
      : null,
  glaze: ({ has, only, flour }) => {
    // What is poured over has no flour that anything lifts: "lemon drizzle" is the cake that has one.
    if (has('leavener') && flour) return byName('batter');
    // Egg or milk without sugar is brushed on for its shine.
    return only(SHINES) ? byName('wash') : null;
  },
  crumb: ({ has, only, flour }) => {
    // Sugar with juice, or with nothing, is poured or sprinkled over: a crumb has flour, oats or nuts in it.
    if (only(SWEETENS)) return byName('glaze');
    // Egg or milk with seeds on it is brushed on and strewn.
    if (
      only([...SHINES, 'seed_pieces', 'nut_pieces']) &&
      has('egg', 'egg_yolk', 'egg_white', 'milk', 'plant_drink')
    )
      return byName('wash');
    return has('fruit') && !flour ? byName('fruit_filling') : null;
  },
};

/** The class a formula most likely belongs to: by what it is called and what lifts it. The baker can say otherwise. */
export function guessClass(title: string, ingredients: readonly Ingredient[]): Guess {
  if (/\bwash$/i.test(headOf(title).trim())) return byName('wash');
  const yeasted = ingredients.some((i) => i.group === 'yeast' || i.group === 'starter');
  const lifted = ingredients.some((i) => i.group === 'leavener');
  // A sponge that yeast froths in is a dough made before another.
  const fits = (id: ClassId): boolean =>
    yeasted ? id !== 'foam_cake' : !lifted || !NEEDS_YEAST.includes(id);
  const head = headOf(title);
  // A loaf or a cake is one, whatever lies on it.
  const told = /\b(?:loaf|bread|cake)\b/i.test(head);
  const named = classNamed(head, fits) ?? (told ? undefined : classNamed(title, fits));
  const otherwise = named ? BY_CONTENT[named]?.(contentOf(title, head, ingredients)) : null;
  if (otherwise) return otherwise;
  // "Fruit bread": the fruit is in the bread.
  if (named && !(told && named === 'fruit_filling')) return byName(named);
  if (
    yeasted &&
    ingredients.some((i) => i.group === 'egg') &&
    !/\bloaf\b/i.test(head) &&
    ingredients.some((i) => i.group === 'fat_firm' || i.id === 'butter')
  )
    return byLift('enriched');
  const isBread = /\b(loaf|bread)\b/i.test(title);
  // Soaked grains or seeds held by psyllium or chia, with neither flour, sugar nor lift, are a loaf of their own.
  const has = (...groups: Ingredient['group'][]): boolean =>
    ingredients.some((i) => groups.includes(i.group));
  if (
    !yeasted &&
    !lifted &&
    has('grain', 'seed_pieces') &&
    has('binder') &&
    !has('sugar', 'flour', 'blend', 'chocolate')
  )
    return byShape('seed_loaf');
  if (yeasted) return isBread ? byName('yeast_loaf') : byLift('yeast_loaf');
  if (isBread) return byShape(lifted ? 'soda_bread' : 'yeast_loaf');
  return /\bcakes?\b/i.test(title) ? byName('batter') : byLift('batter');
}

/** What a glaze is made of. */
const SWEETENS: readonly Ingredient['group'][] = ['sugar', 'syrup', 'honey', 'acid', 'water', 'flavour'];

/** What a filling is made of that is only spread on. */
const SPREADS: readonly Ingredient['group'][] = [
  ...SWEETENS,
  'butter',
  'fat_firm',
  'oil',
  'salt',
  'chocolate',
];

/** A crust of what was baked before: crushed biscuits, crumbs. */
const isOfCrumbs = ({ name, rows }: Section): boolean =>
  /\b(?:crust|shell|case|base)\b/i.test(name) &&
  rows.some(
    (r) =>
      /\b(?:biscuits?|cookies?|crackers?|crumbs)\b/i.test(r) &&
      /\b(?:crush(?:ed)?|crumbs|ground|blitzed)\b/i.test(r),
  );

/** The class of a part: by its name where that tells something, else by the title. */
export function classOfPart(part: Section, title: string, within: readonly Ingredient[]): Guess {
  const yeasted = within.some((i) => i.group === 'yeast');
  // A heading that speaks of a wash is one, whatever else is sprinkled on; a title only says that one is put on.
  if (/\bwash\b/i.test(part.name)) return byName('wash');
  // What is only sprinkled on or laid on at the end is no bake of its own.
  if (FINISH.test(part.name)) return byName('crumb');
  const called = part.name === '' ? headOf(title).trim() : part.name;
  if ((/\bbase$/i.test(called) || isOfCrumbs(part)) && !yeasted && !/\bpizza\b/i.test(called))
    return byName('press_in');
  return guessClass(part.name !== '' && namesClass(part.name) ? part.name : title, within);
}
