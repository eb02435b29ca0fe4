import type { BodyOf, WithBody } from '../../contract/calls';
import { cameraJpeg } from '../../core/testing/jpeg';
import { DEFAULT_KITCHEN } from '../../contract/dto';
import { setupOf } from '../../core/bake';
import type { Formula } from '../../core/formula';
import { lookupReference } from '../../core/ingredients';
import { EMPTY_PANEL, type PantryDoc } from '../../core/pantry';
import { readFormula } from '../../core/reading';
import { DEMO_EATERS, DEMO_WAYS } from '../../demo/data/pantry';
import { DEMO_KITCHEN } from '../../demo/data/kitchen';

/** A small formula in which every key there can be is set. */
const { formula: read } = readFormula({
  title: 'Harbour scones',
  text: '220 g sorghum flour\n2 eggs\n60 g something odd',
  method: 'Mix it.\nBake at 190 °C for 18 min.',
  oven: '190 °C',
  time: '18 min',
});
export const FULL_FORMULA: Formula = {
  ...read,
  yield: { pieces: 8, name: 'scones' },
  tin: {
    shape: 'round',
    written: '20 cm',
    volumeMl: { value: 1500, sd: 50, basis: 'derived' },
    count: 1,
    cm: { wide: 20, high: 5 },
  },
  parts: read.parts.map((p) => ({
    ...p,
    lines: p.lines.map((l, i) =>
      i === 1 ? { ...l, role: 'wash' as const, state: 'whisked' as const, preparation: 'beaten' } : l,
    ),
  })),
  avoids: ['egg'],
};

const own: PantryDoc = {
  kind: 'own',
  name: 'Mill flour',
  otherNames: ['flour of the mill'],
  like: 'white_rice_flour',
  group: 'flour',
  panel: { ...EMPTY_PANEL, fat: 2 },
  gPerCup: 130,
  gPerPiece: null,
  facts: { gluten: 'no' },
  note: '',
};
const packet: PantryDoc = {
  kind: 'packet',
  name: 'Oat drink of the quay',
  like: 'oat_drink',
  labelText: 'Water, oats.',
  seenWords: ['quay'],
  photo: { unsure: ['oats'], cutOff: false, compared: true },
  panel: EMPTY_PANEL,
  packG: 1000,
  price: 2,
  openedOn: '2026-11-01',
  everywhere: true,
};
const blend: PantryDoc = {
  kind: 'blend',
  name: 'House blend',
  otherNames: [],
  parts: [
    { id: 'white_rice_flour', percent: 60 },
    { id: 'tapioca_starch', percent: 40 },
  ],
  standsFor: ['gf_blend'],
  note: 'sifted twice',
};
const run: BodyOf<'createRun'> = {
  formulaId: '00000000-0000-4000-8000-000000000001',
  versionId: '00000000-0000-4000-8000-000000000002',
  title: 'Harbour scones',
  batches: 1,
  scaleStepG: 1,
  begunAt: 1_796_000_000_000,
};
/** One of each that can happen. */
const DEEDS: BodyOf<'addEvents'>['events'][number]['doc'][] = [
  { kind: 'weighed', weighing: 'l1', g: 240.5 },
  { kind: 'tookOut', weighing: 'l1', g: 4 },
  { kind: 'leftOut', weighing: 'l2' },
  { kind: 'scaled', partId: 'p1', by: 1.03 },
  { kind: 'swapped', lineId: 'l3', ingredientId: 'oat_drink' },
  { kind: 'byFeel', lineId: 'l4', g: 20, feel: 4, enough: true },
  { kind: 'changed', lineId: 'l4', g: -12 },
  { kind: 'stepDone', stepId: 's1' },
  { kind: 'undone', event: '00000000-0000-4000-8000-000000000010' },
  { kind: 'oven', what: 'in', ovenId: 'o1' },
  { kind: 'sign', sign: 'golden', on: true },
  { kind: 'probe', c: 64.5 },
  { kind: 'bakeMass', when: 'before', g: 900 },
  { kind: 'cut' },
  { kind: 'note', text: 'stickier than last time' },
];
const day: BodyOf<'createDay'> = {
  title: 'Lantern walk',
  date: '2026-12-05',
  bakes: [
    {
      id: 'b1',
      formulaId: '00000000-0000-4000-8000-000000000001',
      versionId: '00000000-0000-4000-8000-000000000002',
      title: 'Harbour scones',
      batches: 2,
      readyBy: 29_900_000,
      keepsMin: 480,
    },
  ],
  people: [{ id: 'p1', name: 'Kiosk', hours: { from: 360, to: 1320 }, before: null }],
  ovenIds: ['o1'],
  counts: { pot: 1 },
  usual: { from: 420, to: 1200 },
  plan: {
    lain: [
      {
        bakeId: 'b1',
        taskId: 't1',
        from: 29_899_000,
        to: 29_899_030,
        hands: [{ personId: 'p1', from: 29_899_000, to: 29_899_005 }],
        ovenId: 'o1',
        heatC: 190,
      },
    ],
    ovens: [{ ovenId: 'o1', from: 29_899_000, to: 29_899_030, heatC: 190, heats: false, bakeIds: ['b1'] }],
    value: 12.5,
    proof: { kind: 'within', share: 0.02 },
  },
  plannedFor: 'k',
  told: { 'b1/t1': 'Harbour scones: Mix' },
  begun: { 'b1/t1': { from: 29_899_000, to: null, lasts: 30 } },
  inOven: { b1: 'o1' },
  pins: { 'b1/t2': 29_899_100 },
  answered: ['b1/t1'],
  timers: [{ id: 't', name: 'Tea', begunAt: 1_790_000_000_000, endsAt: 1_790_000_060_000, off: false }],
};
const request: BodyOf<'keepVersion'>['request'] = {
  exclude: ['egg', 'oil'],
  oil: 'all_fat',
  words: ['cardamom'],
  strict: ['egg'],
  eaters: ['e1'],
  pins: { kits: { a: 'b' }, lines: { l1: 3 }, lockMass: true, props: { p1: { fat: 3 } } },
  style: { gumFree: true, pantryOnly: true },
  steps: { s1: { off: true }, s2: { own: 'Stir.' } },
};
const trial: BodyOf<'createTrial'> = {
  formulaId: '00000000-0000-4000-8000-000000000001',
  versionId: '00000000-0000-4000-8000-000000000002',
  runId: '00000000-0000-4000-8000-000000000003',
  title: 'Harbour scones',
  bakedAt: 1_790_000_000_000,
  batches: 1,
  outcome: 'nearly',
  scores: { taste: 4, gumminess: 2 },
  faults: ['gummy'],
  actual: { massG: 900, bakeMin: 52, coreC: 93.5, coolMin: 40, doors: [12, 30], loss: 0.11 },
  photos: [{ hash: 'a'.repeat(64), wide: 800, high: 600 }],
  slices: [
    {
      photo: 'a'.repeat(64),
      wideMm: 196,
      marks: {
        card: [
          [0.6, 0.2],
          [0.9, 0.2],
          [0.9, 0.8],
          [0.6, 0.8],
        ],
        base: [
          [0.1, 0.8],
          [0.5, 0.8],
        ],
        noHoles: [[0.3, 0.5]],
        faceAboveMm: 15,
        focalMm: 26,
      },
      numbers: {
        heightMm: { value: 56.2, give: 0.7 },
        widthMm: { value: 84, give: 1 },
        areaCm2: { value: 40.1, give: 0.8 },
        dipMm: { value: 0.2, give: 0.5 },
        crust: {
          topMm: { value: 2.1, give: 0.4 },
          sideMm: { value: 1.6, give: 0.4 },
          baseMm: { value: 2.4, give: 0.4 },
        },
        open: { value: 0.38, give: 0.04 },
        typicalHoleMm: { value: 2.2, give: 0.2 },
        largestMm: null,
        holesPerCm2: { value: 7.2, give: 1.1 },
        openBelow: 0.31,
        openAbove: 0.4,
        uneven: null,
        gummy: { thickMm: 4, fromBaseMm: 5, depth: 4.2 },
        crumbColour: [74, 2, 16],
        crustColour: null,
        lacking: ['overExposed'],
      },
    },
  ],
  notes: 'Sticks to the knife.',
  tasters: ['Kiosk'],
  tests: {
    trialId: '00000000-0000-4000-8000-000000000004',
    fault: 'gummy',
    cause: 'out_early',
    repair: 'longer_bake',
  },
};
const tasting: BodyOf<'createTasting'> = {
  kind: 'triangle',
  title: 'Harbour scones',
  at: 1_790_000_000_000,
  a: '00000000-0000-4000-8000-000000000001',
  b: '00000000-0000-4000-8000-000000000002',
  servings: [
    {
      taster: 'Kiosk',
      plates: [
        { code: 417, of: 'a' },
        { code: 852, of: 'b' },
        { code: 136, of: 'a' },
      ],
      said: 852,
    },
  ],
};
const experiment: BodyOf<'createExperiment'> = {
  formulaId: '00000000-0000-4000-8000-000000000001',
  title: 'Harbour scones: powder and water',
  at: 1_790_000_000_000,
  factors: [
    { name: 'powder', low: '8 g', high: '12 g' },
    { name: 'water', low: '180 g', high: '200 g' },
  ],
  halvings: 0,
  measured: 'height, mm',
  runs: [
    { settings: [-1, 1], y: 41.5 },
    { settings: [0, 0], y: null },
  ],
};
const bake = setupOf(FULL_FORMULA, lookupReference)!;

/** A body that is right for every call that has one; ids of what must be there are put in by whoever sends it. */
export const BODIES: { [N in WithBody]: BodyOf<N> } = {
  read: {
    text: '2 eggs',
    title: 't',
    method: 'Bake.',
    oven: '180 °C',
    time: '20 min',
    classId: 'batter',
    kitchen: { cup: 'us', spoon: 'metric', eggs: 'eu' },
  },
  match: { names: ['oat milk', 'x'] },
  labels: { text: 'whey', ruleset: 'eu' },
  adapt: {
    formula: FULL_FORMULA,
    exclude: ['egg'],
    words: ['x'],
    strict: ['egg'],
    pins: { lockMass: true },
    limit: 1,
  },
  bake: { source: bake, adapted: bake, stated: [18, 20], cells: 4, quick: true },
  createFormula: { formula: FULL_FORMULA },
  changeFormula: { title: 'Called otherwise', archived: false },
  keepVersion: {
    parentId: '',
    name: 'no egg',
    note: 'n',
    doc: FULL_FORMULA,
    request,
    source: FULL_FORMULA,
    draftRev: 1,
  },
  markVersion: { name: 'n', note: 'n', star: true },
  putDraft: { rev: 0, doc: { baseId: 'v', source: FULL_FORMULA, request } },
  createAside: { doc: { baseId: 'v', source: FULL_FORMULA, request } },
  createPantry: { docs: [own, packet, blend] },
  revisePantry: { rev: 1, doc: packet },
  removePantry: { itemIds: ['x'] },
  restorePantry: { itemIds: ['x'] },
  createEater: DEMO_EATERS[0]!,
  putEater: { rev: 1, doc: DEMO_EATERS[1]! },
  createWay: DEMO_WAYS[0]!,
  putWay: { rev: 1, doc: DEMO_WAYS[0]! },
  createDay: day,
  putDay: { rev: 1, doc: day },
  createRun: run,
  addEvents: {
    events: DEEDS.map((doc, i) => ({
      id: `00000000-0000-4000-8000-0000000000${10 + i}`,
      agoMs: 10 * i,
      doc,
    })),
  },
  createTrial: trial,
  putTrial: { rev: 1, doc: trial },
  createExperiment: experiment,
  putExperiment: { rev: 1, doc: experiment },
  createTasting: tasting,
  putTasting: { rev: 1, doc: tasting },
  createPhoto: { data: Buffer.from(cameraJpeg(80, 60)).toString('base64') },
  setUp: {
    code: 'AAAAA-AAAAA-AAAAA',
    kitchen: 'Corner bakery',
    name: 'Mira',
    signIn: 'mira',
    passphrase: 'three loaves by the mill',
  },
  signIn: { signIn: 'mira', passphrase: 'three loaves by the mill' },
  recover: { signIn: 'mira', code: 'AAAAA-AAAAA', passphrase: 'three loaves by the mill' },
  pair: { code: 'AAAAA-AAAAA-AAAAA' },
  changePassphrase: { old: 'x', passphrase: 'three loaves by the mill' },
  createPerson: { name: 'Tomo', role: 'helper', signIn: 'tomo', passphrase: 'four loaves by the mill' },
  changePerson: { name: 'Tomo', role: 'baker', passphrase: 'five loaves by the mill' },
  createPairing: { personId: 'x' },
  putKitchen: { rev: 0, doc: { ...DEFAULT_KITCHEN, ...DEMO_KITCHEN } },
};

/** Every place in a document, as keys. */
export function placesIn(value: unknown, at: (string | number)[] = []): (string | number)[][] {
  if (value === null || typeof value !== 'object') return [at];
  return [
    at,
    ...Object.entries(value).flatMap(([k, v]) => placesIn(v, [...at, Array.isArray(value) ? Number(k) : k])),
  ];
}

/** What to do at a place: take it out, or put something in its stead. */
export type Change = { drop: true } | { to: unknown };
export function changed(value: unknown, place: readonly (string | number)[], change: Change): unknown {
  const [key, ...rest] = place;
  if (key === undefined) return 'to' in change ? change.to : undefined;
  const copy = (Array.isArray(value) ? [...(value as unknown[])] : { ...(value as object) }) as Record<
    string | number,
    unknown
  >;
  if (rest.length === 0 && 'drop' in change) {
    if (Array.isArray(copy)) copy.splice(Number(key), 1);
    else delete copy[key];
  } else copy[key] = changed(copy[key], rest, change);
  return copy;
}
/** A value of another type than the one that is there. */
export function retyped(value: unknown): unknown {
  if (typeof value === 'number') return String(value);
  if (typeof value === 'string') return 7;
  if (typeof value === 'boolean') return 'true';
  return Array.isArray(value) ? { 0: 'x' } : value === null ? [] : ['x'];
}
