import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { lookupReference } from '../ingredients';
import { mendOf, type Action, type ActionMend } from '../method';
import { linkMethod } from './actions';
import { readFormula } from './read';
import { checkMethod } from './whole';

/** Formulas of our own; what their methods should be read as is common practice, no source. */
const LOAF = `200 g sorghum flour
120 g tapioca starch
20 g psyllium husk
7 g instant yeast
30 g sugar, divided
8 g salt
2 eggs
30 g olive oil
340 g warm water`;
const TART = `Crust
150 g white rice flour
80 g butter, cold
30 g icing sugar
1 egg
Filling
300 ml single cream
2 eggs
60 g sugar
Icing
100 g icing sugar
15 g lemon juice`;

const read = (text: string, method: string, title = 'Harbour bake') =>
  readFormula({ text, method, title }).formula;
const acts = (text: string, method: string, title?: string): Action[] =>
  read(text, method, title).method.flatMap((s) => s.actions ?? []);
const kinds = (method: string, text = LOAF): string =>
  acts(text, method)
    .map((a) => a.kind)
    .join(' ');
const one = (method: string, text = LOAF): Action => acts(text, method).at(-1)!;
/** What an act takes, by ingredient, with shares that are not the whole. */
function taken(text: string, method: string): string[][] {
  const f = read(text, method);
  const name = new Map(
    f.parts.flatMap((p) => p.lines.map((l) => [l.id, l.item.kind === 'ref' ? `${p.id}.${l.item.id}` : '?'])),
  );
  return f.method
    .flatMap((s) => s.actions ?? [])
    .map((a) =>
      (a.uses ?? []).map(
        (u) =>
          `${name.get(u.lineId)!.replace(/^p1\./, '')}${u.share === 1 ? '' : `*${typeof u.share === 'number' ? u.share.toFixed(2) : u.share}`}`,
      ),
    );
}

describe('what a method does, act by act', () => {
  it.each([
    ['Whisk the dry. Add the water and beat 4 min.', 'whisk mix'],
    ['Scrape into a greased tin, cover with a cloth and prove 50 min.', 'fill proof'],
    ['Bake 20 min at 220 °C, then drop to 180 °C for 30 min more.', 'bake bake'],
    ['Bake under its lid 30 min. Take off the lid and bake another 15.', 'bake uncover bake'],
    ['Rub the butter into the flour, bind with the egg, chill for half an hour.', 'rub mix chill'],
    ['Cut into 8 equal pieces, roll each to a ball and flatten.', 'divide shape shape'],
    ['Boil the rings 45 seconds a side, drain on a towel.', 'boil drain'],
    ['Soak the raisins 12 hours, drain.', 'soak drain'],
    ['Oven: 180 fan. Oil a loaf tin.', 'preheat prepare'],
    ['Heat the milk to a simmer; melt the butter in it.', 'cook melt'],
    ['Slash a cross, brush with egg.', 'score wash'],
    [
      'Bake 20 min. Swap the trays halfway. Turn out, cool on a rack, dust with sugar.',
      'bake turn cool cool glaze',
    ],
    ['Leave the rest of the sugar for later.', 'rest'],
    ['The night before mix the flour and water, leave on the counter 10 hours until bubbly.', 'mix proof'],
  ])('%j', (method, want) => {
    expect(kinds(method)).toBe(want);
  });

  it.each<[string, Partial<Action>]>([
    ['Prove an hour and a quarter or until doubled.', { minutes: [75, 75], until: 'doubled' }],
    ['Prove 45-60 min somewhere warm.', { minutes: [45, 60], place: 'warm' }],
    ['Chill overnight (8 to 12 hours).', { minutes: [480, 720], place: 'fridge', overnight: true }],
    ['Freeze 15 minutes.', { place: 'freezer', minutes: [15, 15] }],
    ['Bake at 425 for 24 minutes.', { minutes: [24, 24] }],
    ['Bake 50 min at 200C/180 fan.', { tempC: 200 }],
    ['Bake 20 min at 180 fan.', { tempC: 180, fan: true }],
    [
      'Fry 2 minutes per side until puffed.',
      { minutes: [2, 2], perSide: true, place: 'hob', until: 'puffed' },
    ],
    ['Divide into 12, about 75 g each.', { pieces: 12, pieceG: 75 }],
    ['Scoop eight 95 g balls.', { pieces: 8, pieceG: 95 }],
    ['Press two thirds into the tin.', { share: 2 / 3 }],
    ['Bake 25 min: edges set, middle still soft.', { until: 'edges set, middle still soft' }],
    ['Bake 40 min till the middle reads 96 °C.', { until: 'the middle reads 96 °C' }],
  ])('fields: %j', (method, want) => {
    expect(one(method)).toMatchObject(want);
  });

  it('a heat is kept from the oven before, and said to be ours; a foil after 25 min is no stretch of its own length', () => {
    const [, bake, tent] = acts(
      LOAF,
      'Heat the oven to 190 °C. Bake 50 min, tenting with foil after 25, till deep brown.',
    );
    expect(bake).toMatchObject({ tempC: 190, ours: ['tempC'], minutes: [50, 50], until: 'deep brown' });
    expect(tent).toMatchObject({ cover: 'tent', afterMin: 25 });
    expect(tent!.minutes).toBeUndefined();
  });

  it('a lid stays on till it is taken off; a foil over a tin is no lid', () => {
    const all = acts(LOAF, 'Bake covered 30 min at 240 °C. Take off the lid. Bake 20 min more.');
    expect(all.map((a) => a.cover ?? '')).toEqual(['lid', 'none', 'none']);
    expect(one('Bake 30 min at 180 °C, covered with foil.').cover).toBe('tent');
  });
});

describe('what each act takes', () => {
  it('names, kinds of thing, all the dry, and what is left', () => {
    expect(
      taken(
        LOAF,
        'Stir the yeast and half the sugar into the water. Whisk the flour, starch, psyllium, salt and the rest of the sugar. Add everything else and beat 5 min.',
      ),
    ).toEqual([
      ['instant_yeast', 'sugar*0.50', 'water'],
      ['sorghum_flour', 'tapioca_starch', 'psyllium_husk', 'salt', 'sugar*0.50'],
      ['egg', 'olive_oil'],
    ]);
    expect(taken(LOAF, 'Whisk the dry. Whisk the wet. Stir together.').map((t) => t.length)).toEqual([
      6, 3, 0,
    ]);
    expect(taken(LOAF, 'Blitz all but the oil.')[0]).not.toContain('olive_oil');
  });
  it('grams of a line are a share of it; eggs are parted', () => {
    expect(
      taken(LOAF, 'Whisk the yolks with 10 g of the sugar. Whisk the whites with the other 20 g sugar.'),
    ).toEqual([
      ['egg*some', 'sugar*0.33'],
      ['egg*rest', 'sugar*0.67'],
    ]);
  });
  it('of two of a kind the one of the part at work; a part by its name; what is made is taken no second time', () => {
    expect(
      taken(
        TART,
        'Rub the butter into the flour and icing sugar, bind with the egg. Whisk the eggs with the cream and sugar. When cold drizzle with the icing.',
      ),
    ).toEqual(
      [
        ['butter', 'white_rice_flour', 'icing_sugar'],
        ['egg'],
        ['p2.egg', 'p2.single_cream', 'p2.sugar'],
        ['p3.icing_sugar', 'p3.lemon_juice'],
      ].map((x) =>
        x.map((y) =>
          expect.stringMatching(new RegExp(`^${y.replace('single_cream', '(?:single_)?cream')}$`)),
        ),
      ),
    );
    expect(taken(TART, 'Warm the cream. Add the cream to the eggs.')[1]!.join()).not.toContain('cream');
  });
  it('what is soaked or drained is still there afterwards; water of a bath is of no line', () => {
    const raisins = `${LOAF}\n80 g raisins`;
    expect(
      taken(
        raisins,
        'Cover the raisins with water and leave overnight. Drain them. Fold in the raisins.',
      ).map((t) => t.includes('raisins')),
    ).toEqual([true, true, true]);
    expect(taken(LOAF, 'Melt the oil over a pan of simmering water.')).toEqual([['olive_oil']]);
    // What stands in the place of a verb is taken all the same, and two things are both.
    expect(taken(TART, 'Whisk the cream; sugar and eggs in the case, pour over.')[1]).toHaveLength(2);
    expect(taken(TART, 'Whisk the eggs. Whip the cream, spread with both.').at(-1)).toEqual([]);
    expect(
      taken(
        'Sponge\n3 eggs\n90 g sugar\nFilling\n200 ml double cream\n90 g jam',
        'Whip cream, unroll, spread with both.',
      ).at(-1),
    ).toEqual(['p2.jam']);
  });
});

describe('the dry things', () => {
  const MUFFINS =
    'Muffins\n200 g rice flour\n8 g baking powder\n90 g brown sugar\n2 eggs\n100 ml oil\nTopping\n20 g oats\n15 g demerara sugar';
  it('are without the sugar where that goes in later, and with it where it does not', () => {
    expect(
      taken(MUFFINS, 'Mix the dry. Whisk the eggs and oil, stir in the sugar. Combine.').slice(0, 3),
    ).toEqual([['white_rice_flour', 'baking_powder'], ['egg', 'sunflower_oil'], ['brown_sugar']]);
    expect(
      taken(MUFFINS, 'Mix the dry. Whisk the eggs and oil. Combine. Sprinkle with sugar.')[0],
    ).toHaveLength(3);
  });
});

describe('the check of the whole', () => {
  const codes = (text: string, method: string) =>
    checkMethod(read(text, method), lookupReference).map((c) =>
      `${c.code} ${'lineId' in c ? c.lineId : 'ingredientId' in c ? c.ingredientId : ''}`.trim(),
    );
  const WHOLE =
    'Whisk the flour, starch, psyllium, yeast, sugar and salt. Add the water, eggs and oil and beat 5 min. Bake 50 min at 200 °C.';
  it('says what is in no step, what is left of a divided line, and what no line has', () => {
    expect(codes(LOAF, `${WHOLE} Knead 2 min.`)).toEqual([]);
    expect(
      codes(LOAF, WHOLE.replace(', yeast', '').replace('Add the water', 'Add the water and stir 1 min. Add')),
    ).toContain('unused l4');
    expect(codes(LOAF, WHOLE.replace('sugar', 'half the sugar').replace('Add', 'Stir 1 min. Add'))).toContain(
      'left l5',
    );
    expect(
      codes(LOAF, WHOLE.replace('eggs', 'eggs, buttermilk').replace('Add', 'Stir 1 min. Add')),
    ).toContain('unlisted buttermilk');
  });
  it('says what is only brushed or strewn on, and egg for brushing where all of it went in; not what is likened or done', () => {
    expect(codes(LOAF, `${WHOLE} Scatter with flaked almonds.`)).toEqual(['unlisted almonds']);
    expect(codes(LOAF, WHOLE.replace('Bake', 'Brush with beaten egg. Bake'))).toEqual(['spent egg']);
    expect(codes(LOAF, WHOLE.replace('Bake', 'Sprinkle over the salt left. Bake'))).toEqual([]);
  });
  it('pieces that do not come to the dough are said; a method of a word or two is not held to account', () => {
    expect(
      codes(LOAF, `${WHOLE} Knead the dough with the rest. Divide into 20 pieces of 90 g each.`).join(),
    ).toContain('pieces');
    expect(codes(LOAF, 'Mix and bake.')).toEqual([]);
  });
});

describe('laws of a linked method', () => {
  const PHRASES = [
    'Whisk the flour',
    'add the water',
    'half the sugar',
    'bake 20 min',
    'at 180 °C',
    'then',
    'and',
    ',',
    ';',
    '.',
    'fold in the eggs',
    'the rest',
    'everything else',
    'chill 1 h',
    'brush with oil',
    '12',
    'until golden',
    'lid on',
    '(about 50 g each)',
    'cut into',
    '\n',
  ];
  const lawful = (text: string, method: string) => {
    const f = read(text, method);
    const ids = new Set(f.parts.flatMap((p) => p.lines.map((l) => l.id)));
    const shares = new Map<string, number>();
    for (const s of f.method) {
      let from = 0;
      for (const a of s.actions ?? []) {
        expect(a.from).toBeGreaterThanOrEqual(from);
        expect(a.to).toBeGreaterThan(a.from);
        expect(a.to).toBeLessThanOrEqual(s.text.length);
        from = a.from;
        for (const u of a.uses ?? []) {
          expect(ids.has(u.lineId)).toBe(true);
          // What is soaked and drained comes back.
          if (typeof u.share === 'number' && !['soak', 'drain'].includes(a.kind))
            shares.set(u.lineId, (shares.get(u.lineId) ?? 0) + u.share);
        }
        if (a.minutes) expect(a.minutes[0]).toBeLessThanOrEqual(a.minutes[1]);
      }
    }
    for (const x of shares.values()) expect(x).toBeLessThanOrEqual(1 + 1e-9);
    // Linking again changes nothing.
    expect(linkMethod(f, lookupReference)).toEqual(f);
  };
  it('random methods: acts lie in their steps in order, take lines that are there, and no more of them than there is', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...PHRASES), { maxLength: 24 }),
        fc.constantFrom(LOAF, TART),
        (words, text) => lawful(text, words.join(' ')),
      ),
      { numRuns: 150 },
    );
  });
  it('every demo formula: each weighed line is in a step, or it is said; nothing is taken that is not there', () => {
    for (const d of DEMO_FORMULAS) {
      const f = readFormula(d).formula;
      lawful(d.text, d.method ?? '');
      const used = new Set(
        f.method.flatMap((s) => (s.actions ?? []).flatMap((a) => (a.uses ?? []).map((u) => u.lineId))),
      );
      const told = new Set(checkMethod(f, lookupReference).flatMap((c) => ('lineId' in c ? [c.lineId] : [])));
      for (const l of f.parts.flatMap((p) => p.lines))
        if (!l.role) expect(used.has(l.id) || told.has(l.id), `${d.title}: ${l.amount.written}`).toBe(true);
    }
  });
});

describe('an act that the baker put right', () => {
  const METHOD = 'Heat the oven to 200 °C.\nMix all. Rest 10 min. Rest 10 min.\nBake 40 min.';
  const source = read(LOAF, METHOD);
  const mended = (stepId: string, ...mends: ActionMend[]) =>
    linkMethod(
      {
        ...source,
        method: source.method.map(({ actions: _old, ...s }) => (s.id === stepId ? { ...s, mends } : s)),
      },
      lookupReference,
    ).method.flatMap((s) => s.actions ?? []);
  const before = source.method.flatMap((s) => s.actions ?? []);

  it('has what was said, is found among acts of the same words, and the others stay as they were', () => {
    const rests = before.filter((a) => a.text.startsWith('Rest'));
    expect(rests).toHaveLength(2);
    const mend = mendOf(rests[1]!, { ...rests[1]!, kind: 'chill', place: 'fridge', minutes: [30, 40] }, 1)!;
    const after = mended('s2', mend);
    expect(after.filter((a) => a.mended)).toEqual([
      { ...rests[1]!, kind: 'chill', place: 'fridge', minutes: [30, 40], mended: true },
    ]);
    expect(after.filter((a) => !a.mended)).toEqual(before.filter((a) => a !== rests[1]));
  });

  it("hands the oven that was said on to the bake that says none, and what was ours is the baker's", () => {
    const heat = before.find((a) => a.kind === 'preheat')!;
    const after = mended('s1', mendOf(heat, { ...heat, tempC: 230 }, 0)!);
    expect(after.find((a) => a.kind === 'bake')).toMatchObject({ tempC: 230, ours: ['tempC'] });
    const bake = before.find((a) => a.kind === 'bake')!;
    const own = mended('s3', mendOf(bake, { ...bake, tempC: 190 }, 0)!).find((a) => a.kind === 'bake')!;
    expect(own.tempC).toBe(190);
    expect(own.ours).toBeUndefined();
  });

  it('a field can be no more; words that are gone, and nothing said, change nothing', () => {
    const rest = before.find((a) => a.text.startsWith('Rest'))!;
    const { minutes: _min, ...none } = rest;
    expect(mended('s2', mendOf(rest, none, 0)!).find((a) => a.mended)).not.toHaveProperty('minutes');
    expect(mendOf(rest, rest, 0)).toBeNull();
    expect(mended('s2', { words: 'Leave it', nth: 0, kind: 'chill' })).toEqual(before);
  });
});
