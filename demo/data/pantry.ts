import type { OwnKitDoc } from '../../core/classes';
import type { Eater } from '../../core/exclusions';
import { EMPTY_PANEL, type PantryDoc, type Panel } from '../../core/pantry';

/** Demo data: whom the kiosk at Lantern Quay bakes for. Invented. */
export const DEMO_EATERS: readonly Eater[] = [
  { name: 'The boat’s engineer', exclude: ['egg'], words: [], traces: false },
  { name: 'The ticket clerk', exclude: ['dairy'], words: [], traces: true },
  { name: 'School choir', exclude: ['nuts', 'sesame'], words: [], traces: true },
  { name: 'Hiking club', exclude: ['egg', 'dairy', 'oil'], words: [], traces: false },
];

const panel = (more: Partial<Panel>): Panel => ({ ...EMPTY_PANEL, ...more });
const packet = (
  name: string,
  like: string,
  labelText: string,
  more: { panel?: Panel; packG?: number; price?: number; openedOn?: string; everywhere?: boolean } = {},
): PantryDoc => ({
  kind: 'packet',
  name,
  like,
  labelText,
  seenWords: [],
  panel: more.panel ?? EMPTY_PANEL,
  packG: more.packG ?? null,
  price: more.price ?? null,
  openedOn: more.openedOn ?? null,
  everywhere: more.everywhere ?? false,
});

/** Packets with made-up labels, the traps of the trade among them, and a blend of the kiosk's own. Invented. */
export const DEMO_PANTRY: readonly PantryDoc[] = [
  packet('Pier soya drink', 'soy_drink', 'Water, hulled SOYA BEANS (8.7 %), sea salt.', {
    panel: panel({ kcal: 33, fat: 1.8, carbs: 0.4, sugars: 0.3, fibre: 0.6, protein: 3.4, salt: 0.1 }),
    packG: 1000,
    price: 1.6,
    openedOn: '2026-11-22',
    everywhere: true,
  }),
  packet(
    'Pier oat drink',
    'oat_drink',
    'Water, gluten-free OATS (10 %), rapeseed oil, salt. May contain traces of soya and almonds.',
    {
      panel: panel({ kcal: 47, fat: 1.5, carbs: 6.9, sugars: 3.6, fibre: 0.9, protein: 1.1, salt: 0.1 }),
      packG: 1000,
      price: 1.9,
    },
  ),
  packet(
    'Tide plant block',
    'plant_block',
    'Coconut oil, water, rapeseed oil, shea butter, cashew paste (2 %), emulsifier: lecithins, salt.',
    {
      panel: panel({ kcal: 705, fat: 78, carbs: 0.6, sugars: 0.4, protein: 0.5, salt: 1.1 }),
      packG: 200,
      price: 2.4,
    },
  ),
  packet(
    'Jetty baking powder',
    'baking_powder',
    'Raising agents: diphosphates, sodium bicarbonate; maize starch. Gluten-free.',
    {
      packG: 120,
      price: 1.2,
      everywhere: true,
    },
  ),
  packet(
    'Old harbour baking powder',
    'baking_powder',
    'Raising agents: disodium diphosphate, sodium carbonates; WHEAT starch.',
    {
      packG: 100,
      price: 0.7,
    },
  ),
  packet(
    'Coconut creamer',
    'coconut_milk_powder',
    'Coconut milk (60 %), maltodextrin, sodium caseinate (MILK), stabiliser E340.',
    {
      panel: panel({ kcal: 660, fat: 60, carbs: 25, sugars: 10, protein: 5, salt: 0.5 }),
      packG: 150,
      price: 2.2,
    },
  ),
  packet(
    'Quay white blend',
    'gf_blend_gum',
    'Rice flour, potato starch, tapioca starch, maize flour, thickener: xanthan gum. Packed on a line that also handles lupin and soya.',
    {
      panel: panel({ kcal: 350, fat: 0.9, carbs: 78, sugars: 0.5, fibre: 2.5, protein: 4.6, salt: 0.05 }),
      packG: 1000,
      price: 3.1,
    },
  ),
  packet(
    'Lamp dark chocolate',
    'dark_chocolate',
    'Cocoa mass, sugar, cocoa butter, emulsifier: SOYA lecithin, vanilla. May contain hazelnuts and milk.',
    {
      packG: 100,
      price: 1.9,
    },
  ),
  packet(
    'Gull coconut yogurt',
    'coconut_yogurt',
    'Coconut milk, tapioca starch, cultures, glimmerweed extract.',
    {
      packG: 400,
      price: 2.8,
    },
  ),
  {
    kind: 'blend',
    name: 'Lantern bun flour',
    otherNames: ['bun flour'],
    parts: [
      { id: 'white_rice_flour', percent: 40 },
      { id: 'sorghum_flour', percent: 30 },
      { id: 'tapioca_starch', percent: 20 },
      { id: 'potato_starch', percent: 10 },
    ],
    standsFor: [],
    note: 'For soft buns and crowns. Sieve twice.',
  },
  {
    kind: 'own',
    name: 'Roasted parsnip purée',
    otherNames: ['parsnip purée'],
    like: 'squash_puree',
    group: 'fruit',
    panel: panel({ carbs: 12, sugars: 5, fibre: 4, protein: 1.3, fat: 0.4, salt: 0 }),
    gPerCup: 250,
    gPerPiece: null,
    facts: {},
    note: 'Two hours at 160 °C, then blended.',
  },
];

/** A way the demo bakery has of its own. */
export const DEMO_WAYS: OwnKitDoc[] = [
  {
    name: 'Parsnip purée and chickpea',
    groups: ['egg'],
    families: ['batter'],
    items: [
      { id: 'squash_puree', lo: 28, usual: 36, hi: 45, per: 'egg', state: null },
      { id: 'chickpea_flour', lo: 6, usual: 8, hi: 10, per: 'egg', state: 'slurry' },
    ],
    step: 'Blend the purée with the chickpea flour until smooth; leave 5 min.',
  },
];
