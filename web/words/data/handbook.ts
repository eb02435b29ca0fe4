import { catalogue } from '../catalogue';
import type { CautionId, Dosed } from '../../../core/classes';
import { SOURCES, type Basis, type SourceId } from '../../../core/explain';

/** Parts of the handbook, in their order. */
export const SECTION_IDS = [
  'replacements',
  'kinds',
  'feel',
  'faults',
  'conversions',
  'cautions',
  'sources',
] as const;
export type SectionId = (typeof SECTION_IDS)[number];
export const SECTION_WORDS: Record<SectionId, { name: string; about: string }> = catalogue(
  'handbook.SECTION_WORDS',
  {
    replacements: {
      name: 'Replacements',
      about: 'What can replace what: how much, which jobs it does, what to watch for.',
    },
    kinds: {
      name: 'Kinds of bake',
      about: 'Usual doses and feel, when it is done, how long it cools, how it keeps.',
    },
    feel: {
      name: 'Feel scale',
      about: 'From batter that pours to dough that cracks, with its effective hydration.',
    },
    faults: {
      name: 'Faults and repairs',
      about: 'What you see, the usual causes, and what to change first. One change at a time.',
    },
    conversions: { name: 'Conversions', about: 'Cups, spoons, ovens and yeasts into grams and °C.' },
    cautions: { name: 'Cautions', about: 'Cautions for every bake, and those of each replacement.' },
    sources: { name: 'Sources', about: 'Where the figures come from, and how sure they are.' },
  },
);

/** Cautions that stand whatever is baked. */
export const GENERAL_CAUTIONS: readonly { id: string; title: string; text: string }[] = catalogue(
  'handbook.GENERAL_CAUTIONS',
  [
    {
      id: 'help',
      title: 'What this is',
      text: 'Help for a baker, not medical or legal advice. Check the label and your local food law. It says what it found and what it did not know; it never guarantees a bake.',
    },
    {
      id: 'traces',
      title: 'Traces',
      text: 'Flour, scale, board, sieve, mill, toaster and tin must be free of wheat and of what is left out: traces count in coeliac disease and in allergy.',
    },
    {
      id: 'limit',
      title: 'What gluten-free means by rule',
      text: 'Below 20 mg/kg in the US (21 CFR 101.91); not above 20 mg/kg as sold by Codex STAN 118 and EU 828/2014, which also knows “very low gluten” up to 100; none detectable, and no oats, in Australia and New Zealand.',
    },
    {
      id: 'labels',
      title: 'What a label does not say',
      text: 'A US “Contains” line names wheat only: barley, rye and malt need their own reading. “May contain” is voluntary: its absence proves nothing. Fourteen groups must be named in the EU (1169/2011, Annex II), nine in the US (FALCPA and the FASTER Act of 2021). “Dairy-free” is not vegan, and “vegan” is not free of allergens.',
    },
    {
      id: 'nuts',
      title: 'What counts as a nut',
      text: 'Coconut is a nut in neither list today; older US packets still print it so. Pine nut and chestnut are outside the eight of the EU. Peanut is a group of its own; “no nuts” here takes it in unless you narrow it.',
    },
    {
      id: 'raw',
      title: 'Raw flour and batter',
      text: 'Raw batter, dough and flour are not eaten. Kidney-type beans must be boiled; rinse or soak quinoa and pulses. Apricot kernels are not eaten.',
    },
    {
      id: 'cooling',
      title: 'Fillings and custards',
      text: 'Baked custards and set fillings cool from 57 to 21 °C within 2 h, and to 5 °C within 4 h more; perishable fillings stay below 5 °C. Local code may ask for more.',
    },
    {
      id: 'soaks',
      title: 'Soaks and wet loaves',
      text: 'Long soaks of grain, seed or pulse, and wet loaves without acid, can grow Bacillus: soak chilled, acidify, keep cold or freeze.',
    },
    {
      id: 'sugars',
      title: 'Sugars and polyols',
      text: 'Honey, agave and other syrups still count as sugar. Polyols loosen bowels, and xylitol harms dogs.',
    },
    {
      id: 'burns',
      title: 'Burns',
      text: 'A lidded pot at 230 °C, steam from a pan of water in the oven, boiling syrup water and caramel burn at once. A blender with hot contents vents.',
    },
    {
      id: 'selling',
      title: 'Selling food',
      text: 'Labelling law, a registered kitchen, licensed practice and the local code decide, not this.',
    },
  ],
);

/** What a figure rests on. */
export const BASIS_WORDS: Record<Basis, string> = catalogue('handbook.BASIS_WORDS', {
  published: 'published source',
  practice: 'rule of thumb',
  memory: 'not checked against a source',
  label: 'from the packet',
  user: 'entered by the baker',
  derived: 'worked out',
});

/** What is dosed on flour. */
export const DOSED_WORDS: Record<Dosed, string> = catalogue('handbook.DOSED_WORDS', {
  psyllium: 'psyllium',
  gum: 'gum',
  soda: 'soda',
  powder: 'baking powder',
  salt: 'salt',
  yeast: 'instant yeast',
});

/** A name for each caution of the replacements. */
export const CAUTION_TITLES: Record<CautionId, string> = catalogue('handbook.CAUTION_TITLES', {
  hydrate_fibre: 'Flaxseed, chia, psyllium',
  green_sunflower: 'Sunflower and soda',
  soft_fat: 'Soft fats',
  no_snap: 'No firm fat',
  keeps_less: 'Keeps less long',
  bean_taste: 'Taste of pulses',
  added_oil_in_drinks: 'Oil in plant drinks',
  soured_drink: 'Soured drinks',
  dense: 'Denser crumb',
  legume_peanut: 'Pulses and peanut',
  salted_block: 'Salted blocks',
  starch_simmer: 'Starch fillings',
  no_proof: 'No yeast',
  laxative: 'Polyols',
  soak_cold: 'Cold soaks',
  sweeter: 'Sweeter',
});

/** What is taken from each source. */
export const SOURCE_USE: Record<SourceId, string> = catalogue('handbook.SOURCE_USE', {
  fdc: 'Composition and densities of the reference ingredients, not checked against the source.',
  handbook44: 'Sizes of US customary cups, spoons, ounces and pounds: exact.',
  practice: 'Doses, ranges, feel thresholds, tolerances, times: what bakers do, with no published source.',
  choiOkos: 'Heat properties of food from its water, protein, fat, carbohydrate, fibre and ash.',
  annex14: 'Energy from protein, fat, carbohydrate, fibre, polyols, acids and alcohol.',
  annex2: 'The fourteen groups of allergens.',
  stoichiometry: 'How much acid meets how much soda.',
  byDifference: 'Starch, where a table gives all the rest.',
  label: 'What the baker copied from a packet.',
  eggGrades: 'What an egg of a grade weighs.',
  user: 'What the baker weighed or read.',
});

/** What each source is called. */
export const SOURCE_WORDS: Record<SourceId, string> = catalogue('handbook.SOURCE_WORDS', SOURCES);
