import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { verdictFor, avoidsOf } from '../exclusions';
import { profileOf } from '../formula';
import {
  AVOID_IDS,
  COMPONENTS,
  ingredientById,
  lookupReference,
  type AvoidId,
  type Ingredient,
} from '../ingredients';
import { adapt } from '../rebalance';
import { formula, line, part } from '../testing/build';
import {
  CSV_COLUMNS,
  EMPTY_PANEL,
  factsByLabel,
  fromBlend,
  fromOwn,
  fromPacket,
  fromRows,
  makePantry,
  rowOf,
  withOwnWords,
  type BlendDoc,
  type OwnDoc,
  type PacketDoc,
  type PantryDoc,
  type PantryItem,
  type PhotoOfLabel,
} from './index';

const ref = (id: string): Ingredient => ingredientById(id)!;
const packet = (more: Partial<PacketDoc> = {}): PacketDoc => ({
  kind: 'packet',
  name: 'Harbour soya drink',
  like: 'soy_drink',
  labelText: 'Water, soya beans 8 %, sea salt.',
  seenWords: [],
  panel: EMPTY_PANEL,
  packG: 1000,
  price: 1.8,
  openedOn: null,
  everywhere: true,
  ...more,
});
const own = (more: Partial<OwnDoc> = {}): OwnDoc => ({
  kind: 'own',
  name: 'Quay oat crunch',
  otherNames: ['oat crunch'],
  like: null,
  group: 'flavour',
  panel: EMPTY_PANEL,
  gPerCup: null,
  gPerPiece: null,
  facts: {},
  note: '',
  ...more,
});
const blend = (parts: BlendDoc['parts'], more: Partial<BlendDoc> = {}): BlendDoc => ({
  kind: 'blend',
  name: 'Lantern blend',
  otherNames: [],
  parts,
  standsFor: [],
  note: '',
  ...more,
});
const item = (id: string, doc: PantryDoc, rev = 1, itemId = `of-${id}`): PantryItem => ({
  id,
  itemId,
  rev,
  doc,
});

describe('packets', () => {
  it('a read label makes known what was not: named is yes, warned of is may, the rest no', () => {
    const i = fromPacket(
      'p',
      packet({ labelText: 'Water, soya beans, sea salt. May contain traces of almonds.' }),
      ref('soy_drink'),
    );
    expect([i.facts.soy, i.facts.tree_nut, i.facts.milk, i.facts.oil, i.labelNeeded]).toEqual([
      'yes',
      'may',
      'no',
      'no',
      false,
    ]);
    expect(verdictFor(ref('soy_drink'), avoidsOf(['dairy'])).finding).toBe('check_packets');
    expect(verdictFor(i, avoidsOf(['dairy'])).finding).toBe('no_conflict_found');
  });

  it('a word nobody knows keeps everything not known until it is looked at', () => {
    const odd = packet({ labelText: 'Water, soya beans, glimmerroot.' });
    const before = factsByLabel(odd, ref('soy_drink'));
    expect([before.open, before.facts.milk]).toEqual([['glimmerroot'], 'unknown']);
    const after = factsByLabel({ ...odd, seenWords: ['Glimmerroot'] }, ref('soy_drink'));
    expect([after.open, after.facts.milk]).toEqual([[], 'no']);
  });

  it('the text of a photo alone says of nothing that it is not there', () => {
    const photo: PhotoOfLabel = { unsure: [], cutOff: false, compared: false };
    const by = (more: Partial<PhotoOfLabel>) =>
      factsByLabel(
        packet({ labelText: 'Water, soya beans.', photo: { ...photo, ...more } }),
        ref('soy_drink'),
      );
    // The photo lost "milk powder": whoever has not compared it cannot know.
    expect([by({}).facts.soy, by({}).facts.milk, by({}).read]).toEqual(['yes', 'unknown', false]);
    expect(by({ compared: true, cutOff: true }).facts.milk).toBe('unknown');
    expect(by({ compared: true, unsure: ['beans'] })).toMatchObject({
      open: ['beans'],
      facts: { milk: 'unknown' },
    });
    expect([by({ compared: true }).facts.milk, by({ compared: true }).read]).toEqual(['no', true]);
    const unread = fromPacket('p', packet({ photo }), ref('soy_drink'));
    expect([verdictFor(unread, avoidsOf(['dairy'])).finding, unread.labelNeeded]).toEqual([
      'check_packets',
      true,
    ]);
  });

  it('traps of labels: caseinate in a coconut creamer, cashew in a plant block, oil in a drink', () => {
    const facts = (like: string, labelText: string) =>
      factsByLabel(packet({ like, labelText }), ref(like)).facts;
    expect(facts('coconut_milk_powder', 'Coconut milk, maltodextrin, sodium caseinate.').milk).toBe('yes');
    expect(facts('plant_block', 'Coconut oil, water, cashew paste, salt.').tree_nut).toBe('yes');
    expect(facts('oat_drink', 'Water, oats 10 %, rapeseed oil, salt.').oil).toBe('yes');
    expect(facts('baking_powder', 'Diphosphates, sodium bicarbonate, wheat starch.').gluten).toBe('yes');
  });

  it('what a thing is by its kind no label takes away; an empty label tells nothing', () => {
    const i = fromPacket('p', packet({ labelText: 'Water, salt.' }), ref('soy_drink'));
    expect(i.facts.soy).toBe('yes');
    expect(fromPacket('p', packet({ labelText: ' ' }), ref('soy_drink')).facts).toEqual(
      ref('soy_drink').facts,
    );
  });

  it('oats claimed gluten-free stay not known for gluten; gluten from anything else is yes', () => {
    const facts = (labelText: string) =>
      factsByLabel(packet({ like: 'certified_oats', labelText }), ref('certified_oats')).facts.gluten;
    expect(facts('Certified gluten-free oats 100 %')).toBe('unknown');
    expect(facts('Oats')).toBe('yes');
    expect(facts('Gluten-free oats, barley malt extract')).toBe('yes');
  });

  it('the panel gives the make-up: starch is what of the carbohydrate is no sugar, water what is missing', () => {
    const panel = {
      kcal: 33,
      fat: 1.8,
      carbs: 0.8,
      sugars: 0.5,
      polyols: null,
      fibre: 0.6,
      protein: 3.3,
      salt: 0.1,
    };
    const i = fromPacket('p', packet({ panel }), ref('soy_drink'));
    expect(i.per100g.starch!.value).toBeCloseTo(0.3, 9);
    expect(COMPONENTS.reduce((s, c) => s + i.per100g[c]!.value, 0)).toBeCloseTo(100, 9);
    expect([i.per100g.fat!.basis, i.energyKcal]).toEqual([
      'label',
      { value: 33, basis: 'label', sourceId: 'label' },
    ]);
  });
});

describe('things of the baker’s own', () => {
  it('like nothing known, everything about it is not known, never 0', () => {
    const i = fromOwn('o', own(), null);
    expect(i.per100g.fat).toBeNull();
    for (const a of AVOID_IDS.filter((x) => x !== 'own_word')) expect(i.facts[a]).toBe('unknown');
    const p = profileOf(
      {
        ...part('batter', [line('white_rice_flour', 100)]),
        lines: [line('white_rice_flour', 100), { ...line('x', 50), item: { kind: 'own', id: 'o' } }],
      },
      (x) => ('id' in x && x.id === 'o' ? i : lookupReference(x)),
    );
    expect(p.props.fat.value).toBeCloseTo(1.4, 9);
  });

  it('like another, it is that one but for what is given; what follows from a fact follows', () => {
    const i = fromOwn(
      'o',
      own({ like: 'maple_syrup', facts: { soy: 'yes' }, gPerCup: 300 }),
      ref('maple_syrup'),
    );
    expect([i.per100g, i.facts.legume, i.like]).toEqual([ref('maple_syrup').per100g, 'yes', 'maple_syrup']);
    expect(i.densityGMl!.value * 236.5882365).toBeCloseTo(300, 9);
  });
});

describe('blends', () => {
  const ids = [
    'white_rice_flour',
    'sorghum_flour',
    'tapioca_starch',
    'potato_starch',
    'oat_flour',
    'gf_blend_gum',
  ];
  const anyBlend = fc
    .uniqueArray(fc.tuple(fc.constantFrom(...ids), fc.double({ min: 1, max: 60, noNaN: true })), {
      minLength: 1,
      maxLength: 5,
      selector: ([id]) => id,
    })
    .map((rows) => rows.map(([id, percent]) => ({ id, percent })));
  const made = (parts: BlendDoc['parts']) =>
    fromBlend(
      'b',
      blend(parts),
      parts.map((p) => ({ ingredient: ref(p.id), percent: p.percent })),
    )!;

  it('weigh in a formula as their parts do: mass, water, starch, protein, thirst, energy', () => {
    fc.assert(
      fc.property(anyBlend, (parts) => {
        const sum = parts.reduce((s, p) => s + p.percent, 0);
        const whole = profileOf(
          { ...part('batter', []), lines: [{ ...line('b', 400), item: { kind: 'blend', id: 'b' } }] },
          () => made(parts),
        );
        const apart = profileOf(
          part(
            'batter',
            parts.map((p) => line(p.id, (400 * p.percent) / sum)),
          ),
          lookupReference,
        );
        for (const k of ['mass', 'water', 'starch', 'protein', 'fat', 'fibre', 'demand', 'energy'] as const)
          expect(whole.props[k].value).toBeCloseTo(apart.props[k].value, 6);
      }),
    );
  });

  it('hold what any part holds, and are known only as well as the least known part', () => {
    fc.assert(
      fc.property(anyBlend, (parts) => {
        const b = made(parts);
        for (const a of AVOID_IDS) {
          const facts = parts.map((p) => ref(p.id).facts[a]);
          expect(b.facts[a]).toBe(
            facts.includes('yes') ? 'yes' : facts.includes('unknown') ? 'unknown' : 'no',
          );
        }
      }),
    );
  });

  it('a part nobody knows makes the blend unknown', () => {
    expect(
      fromBlend('b', blend([{ id: 'x', percent: 100 }]), [{ ingredient: null, percent: 100 }]),
    ).toBeNull();
    expect(makePantry([item('b', blend([{ id: 'no_such', percent: 100 }]))]).byId('b')).toBeNull();
  });
});

describe('the pantry', () => {
  it('a packet stands for its kind everywhere it is asked for, and nowhere where it is cited to the letter', () => {
    const pantry = makePantry([item('p1', packet())]);
    expect(pantry.lookup({ kind: 'ref', id: 'soy_drink' })!.id).toBe('p1');
    expect(pantry.exact({ kind: 'ref', id: 'soy_drink' })!.id).toBe('soy_drink');
    expect(
      makePantry([item('p1', packet({ everywhere: false }))]).lookup({ kind: 'ref', id: 'soy_drink' })!.id,
    ).toBe('soy_drink');
  });

  it('only the newest revision stands for anything; older ones keep their meaning', () => {
    const pantry = makePantry([
      item('r2', packet({ labelText: 'Water, soya beans. May contain milk.' }), 2, 'drink'),
      item('r1', packet(), 1, 'drink'),
    ]);
    expect(pantry.lookup({ kind: 'ref', id: 'soy_drink' })!.id).toBe('r2');
    expect(pantry.byId('r1')!.facts.milk).toBe('no');
    expect(pantry.own.map((i) => i.id)).toEqual(['r2']);
  });

  it('swaps weigh the packet on the shelf, and a warning of traces rules it out where traces matter', () => {
    const f = formula('batter', { white_rice_flour: 200, egg: 100, milk: 200, sugar: 100, baking_powder: 8 });
    const pantry = makePantry([
      item('p1', packet({ labelText: 'Water, soya beans, salt. May contain almonds.' })),
    ]);
    const drinks = (strict: AvoidId[]) =>
      adapt(
        { formula: f, exclude: ['dairy', 'nuts'], pins: { kits: { 'p1:milk:dough': 'soy_drink' } }, strict },
        { lookup: pantry.lookup },
      );
    const loose = drinks([]).solutions[0]!;
    expect(loose.formula.parts[0]!.lines.map((l) => l.item)).toContainEqual({ kind: 'packet', id: 'p1' });
    expect(loose.verdicts.find((v) => v.ingredientId === 'p1')!.may).toEqual(['tree_nut']);
    expect(drinks(['tree_nut']).cannot.map((c) => c.need.code)).toEqual(['cannot.chosenKit']);
  });

  it('words of one’s own rule out whatever is named so', () => {
    const lookup = withOwnWords(lookupReference, ['cardamom', ' Épice ']);
    expect([
      lookup({ kind: 'ref', id: 'cardamom' })!.facts.own_word,
      lookup({ kind: 'ref', id: 'cinnamon' })!.facts.own_word,
    ]).toEqual(['yes', 'no']);
    const f = formula('batter', { white_rice_flour: 200, water: 200, cardamom: 4 });
    const out = adapt({ formula: f, exclude: [], words: ['cardamom'] }, { lookup: lookupReference });
    expect(out.conflicts.map((c) => [c.ingredientIds, c.avoids])).toEqual([[['cardamom'], ['own_word']]]);
  });
});

describe('CSV', () => {
  const docs: PantryDoc[] = [
    own({
      like: 'maple_syrup',
      panel: { ...EMPTY_PANEL, kcal: 260, sugars: 60 },
      gPerCup: 320,
      note: 'a, "quoted"\nnote',
    }),
    packet({ openedOn: '2026-11-02', panel: { ...EMPTY_PANEL, fat: 1.8 } }),
    blend(
      [
        { id: 'white_rice_flour', percent: 60 },
        { id: 'tapioca_starch', percent: 40 },
      ],
      { standsFor: ['gf_blend'] },
    ),
  ];

  it('round trips what it holds', () => {
    expect(fromRows(docs.map(rowOf))).toEqual({ docs, problems: [] });
    expect(Object.keys(rowOf(docs[0]!))).toEqual([...CSV_COLUMNS]);
  });

  it.each([
    [{ kind: 'own', name: '' }, 'name', 'csv.name'],
    [{ kind: 'gadget', name: 'x' }, 'kind', 'csv.kind'],
    [{ kind: 'own', name: 'x', like: 'no_such' }, 'like', 'csv.like'],
    [{ kind: 'packet', name: 'x' }, 'like', 'csv.packetLike'],
    [{ kind: 'own', name: 'x', fat_per_100g: 'lots' }, 'fat_per_100g', 'csv.number'],
    [{ kind: 'own', name: 'x', fat_per_100g: '1e400' }, 'fat_per_100g', 'csv.number'],
    [{ kind: 'own', name: 'x', fat_per_100g: '-3' }, 'fat_per_100g', 'csv.number'],
    [{ kind: 'own', name: 'x', fat_per_100g: '90', carbs_per_100g: '60' }, 'fat_per_100g', 'csv.panelSum'],
    [{ kind: 'own', name: 'x', group: 'nonsense' }, 'group', 'csv.group'],
    [{ kind: 'packet', name: 'x', like: 'milk', opened_on: 'yesterday' }, 'opened_on', 'csv.date'],
    [{ kind: 'blend', name: 'x', parts: 'no_such 40' }, 'parts', 'csv.part'],
    [{ kind: 'blend', name: 'x' }, 'parts', 'csv.part'],
  ])('%j is refused at %s, and the rows beside it come in', (row, column, code) => {
    const { docs: made, problems } = fromRows([{ kind: 'own', name: 'fine' }, row]);
    expect(made.map((d) => d.name)).toEqual(['fine']);
    expect(problems.map((p) => [p.row, p.column, p.issue.code])).toEqual([[3, column, code]]);
  });

  it('reads anything without a crash', () => {
    const cell = fc.string({ unit: 'binary', maxLength: 30 });
    fc.assert(
      fc.property(
        fc.array(fc.dictionary(fc.constantFrom(...CSV_COLUMNS), cell), { maxLength: 5 }),
        (rows) => void fromRows(rows),
      ),
    );
  });
});
