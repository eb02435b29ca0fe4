import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { eggsOf, pintsOf } from './country';
import { heatsIn, timesIn } from './heats';
import { readFormula } from './index';
import { stagesIn } from './stages';

const round = (x: number | null) => (x === null ? null : Math.round(x));

describe('heats in a text (°F to °C by definition; what is an oven: common practice, no source)', () => {
  it.each<[string, [number, boolean][]]>([
    ['Heat oven to 375', [[191, false]]],
    ['Heat oven to 190; line a tin', [[190, false]]],
    ['Oven 325 degrees, rack low', [[163, false]]],
    [
      '220C/200C fan/gas 7',
      [
        [220, false],
        [200, true],
        [218, false],
      ],
    ],
    [
      '180°C (fan 160°C)',
      [
        [180, false],
        [160, true],
      ],
    ],
    ['Oven: 200 fan.', [[200, true]]],
    ['Bake at 350°F convection', [[177, true]]],
    ['heat to 250-260C', [[255, false]]],
    ['Add 350 g of milk at once', []],
    ['Divide into 120 pieces', []],
    ['Bake for 120 minutes', []],
  ])('%s', (text, want) => {
    expect(heatsIn(text).map((h) => [Math.round(h.c), h.fan])).toEqual(want);
  });
});

describe('times in a text', () => {
  it.each<[string, [number, number][]]>([
    ['an hour and a quarter', [[75, 75]]],
    ['1 hr 15 more', [[75, 75]]],
    ['1 hour and 20 minutes', [[80, 80]]],
    ['an hour and 20 minutes', [[80, 80]]],
    ['half an hour', [[30, 30]]],
    ['1½ hours', [[90, 90]]],
    ['18–20 min', [[18, 20]]],
    ['for 25 to 30 minutes', [[25, 30]]],
    ['45 seconds a side', [[0.75, 0.75]]],
    [
      'five minutes, then 2-3 hours',
      [
        [5, 5],
        [120, 180],
      ],
    ],
  ])('%s', (text, want) => {
    expect(timesIn(text).map((t) => t.minutes)).toEqual(want);
  });

  it('minutes that nobody called so are taken where an oven is spoken of', () => {
    expect(timesIn('350 for 15 more', true).map((t) => t.minutes)).toEqual([[15, 15]]);
    expect(timesIn('at 190C for another 12-15.', true).map((t) => t.minutes)).toEqual([[12, 15]]);
    expect(timesIn('350 for 15 more')).toEqual([]);
  });
});

describe('stretches of the oven', () => {
  const stages = (method: string) =>
    stagesIn(method).stages.map((s) => [round(s.ovenC), ...s.minutes, s.cover]);

  it.each<[string, string, unknown[][]]>([
    [
      'of the hob, the fridge and the rack nothing is counted',
      'Simmer 10 min. Chill 30 min. Heat oven to 180C. Bake 25 min. Cool 2 hours on a rack.',
      [[180, 25, 25, 'none']],
    ],
    [
      'the heat of a core is none of the oven’s',
      'Bake at 375F for 18-20 min until 200F inside.',
      [[191, 18, 20, 'none']],
    ],
    [
      'two heats are two stretches',
      'Preheat to 425F. Bake 5 min at 425, then turn down to 350 and bake 15-17 min.',
      [
        [218, 5, 5, 'none'],
        [177, 15, 17, 'none'],
      ],
    ],
    [
      'a pot with its lid and then bare',
      'Preheat the oven with an iron pot inside to 250 C.\nLower into the pot, lid on, 30 min. Take off the lid, turn down to 220 C and bake 25 min more.',
      [
        [250, 30, 30, 'lid'],
        [220, 25, 25, 'none'],
      ],
    ],
    [
      'what is done within a stretch lengthens none',
      'Bake at 180°C for 30 minutes; after 20 minutes lay a sheet of foil on top.',
      [[180, 30, 30, 'none']],
    ],
    [
      'an oven that gets hot, or is off, bakes nothing',
      'Heat a stone in the oven at 250C for 40 min. Bake 6 minutes. Turn the oven off and leave it in for an hour.',
      [[250, 6, 6, 'none']],
    ],
    [
      'without a verb',
      'Spoon on 2 sheets. 425 for 10 minutes, 350 for 15 more.',
      [
        [218, 10, 10, 'none'],
        [177, 15, 15, 'none'],
      ],
    ],
    ['a griddle has none', 'Fry 2 minutes a side in a pan.', []],
  ])('%s', (_what, method, want) => {
    expect(stages(method)).toEqual(want);
  });

  it('laws: no stretch is longer than all the times of the text, and nothing that is written throws', () => {
    const words = fc.constantFrom(
      'bake',
      'oven',
      '350F',
      '180 C',
      '20 min',
      'lid on',
      'then',
      '.',
      ',',
      'cool',
      '1 hour',
      'foil',
      'at',
      'fan',
      '\n',
    );
    fc.assert(
      fc.property(fc.array(words, { maxLength: 30 }), (all) => {
        const text = all.join(' ');
        // Sentence by sentence, as a method is read: "20 min" at the end of one and "1 hour" after it are two times.
        const most = text
          .split(/[\n.]/)
          .flatMap((row) => timesIn(row))
          .reduce((sum, t) => sum + t.minutes[1], 0);
        const read = stagesIn(text).stages.reduce((sum, s) => sum + s.minutes[1], 0);
        expect(read).toBeLessThanOrEqual(most + 1e-9);
      }),
    );
  });
});

describe('whose eggs', () => {
  it.each([
    ['2 cups flour\n1 cup milk\n½ cup sugar\n3 large eggs', 'us'],
    ['200 g flour\n100 ml milk\n3 large eggs\n50 g sugar', 'eu'],
    ['3 large eggs', null],
  ])('%s', (text, want) => {
    expect(eggsOf(text)).toBe(want);
  });

  it('a large egg weighs 50 g in US cups and 60 g in grams (USDA; common practice, no source)', () => {
    const massOf = (text: string) =>
      readFormula({ text }).formula.parts[0]!.lines.find((l) => /egg/.test(l.amount.written))!.amount.massG!
        .value;
    expect(massOf('2 cups rice flour\n1 cup milk\n1 cup sugar\n1 large egg')).toBe(50);
    expect(massOf('300 g rice flour\n200 ml milk\n90 g sugar\n1 large egg')).toBe(60);
  });
});

describe('what a row says', () => {
  const linesOf = (text: string, method = '') =>
    readFormula({ text, method, title: 'Harbour cake' }).formula.parts.map((p) => [
      p.name,
      p.classId,
      ...p.lines.map((l) => `${l.item.kind === 'ref' ? l.item.id : '?'}${l.role ? `:${l.role}` : ''}`),
    ]);

  it('a heading needs no colon: it stands first, without a bullet, or names what follows', () => {
    expect(
      linesOf('Pastry case\n• 200 g rice flour\n• 90 g butter\nApples\n• 900 g tart apples\n• nutmeg'),
    ).toEqual([
      ['Pastry case', 'shortcrust', 'white_rice_flour', 'butter'],
      ['Apples', 'fruit_filling', 'apple', 'nutmeg'],
    ]);
    // A thing without an amount is none.
    expect(linesOf('200 g rice flour\nsalt\n90 g butter')).toEqual([
      ['', 'batter', 'white_rice_flour', 'salt', 'butter'],
    ]);
  });

  it('a choice is taken by its first known member, and that is said', () => {
    const read = readFormula({ text: '90 g walnuts or pecans\n60 g sunflower or pumpkin seeds' });
    expect(read.formula.parts[0]!.lines.map((l) => l.item)).toMatchObject([
      { id: 'walnuts' },
      { id: 'sunflower_seeds' },
    ]);
    expect(read.lines[0]!.issues.map((i) => i.code)).toContain('name.choice');
    expect(read.lines[0]!.suggestions.map((s) => s.id)).toContain('pecans');
  });

  it('more of a thing for the board is not what the amount is for', () => {
    expect(
      linesOf('340 g gf self raising flour, plus more for dusting\n1 tsp salt, plus flaky salt to finish'),
    ).toEqual([['', 'batter', 'gf_self_raising', 'salt', 'coarse_salt:dusting']]);
    expect(linesOf('rice flour for dusting\n2 tsp olive oil for the pan')).toEqual([
      ['', 'batter', 'white_rice_flour:dusting', 'olive_oil:release'],
    ]);
  });

  it('what is only brushed on is beside; what is poured away is beside; the rest is in', () => {
    const method = 'Mix the flour with the milk. Brush with the yolk. Bake.';
    expect(
      linesOf(
        '200 g rice flour\n150 g milk\n1 egg yolk\nFor the bath:\n2 litres water\n2 tbsp honey',
        method,
      ),
    ).toEqual([
      ['', 'batter', 'white_rice_flour', 'milk', 'egg_yolk:wash'],
      ['bath', expect.any(String), 'water:bath', 'honey:bath'],
    ]);
  });

  it('each line is told once: those of the parts are those that were read', () => {
    const read = readFormula({ text: '200 g rice flour\nFor the bath:\n2 litres water' });
    expect(read.formula.parts.flatMap((p) => p.lines)).toEqual(read.lines.map((l) => l.line));
  });

  it('a blend says that gum is in it, that none is, or nothing', () => {
    const gum = (row: string) => {
      const [line] = readFormula({ text: row }).formula.parts[0]!.lines;
      return [line!.item.kind === 'ref' ? line!.item.id : '?', line!.gum];
    };
    expect(gum('200 g gf flour blend (brown rice, potato starch, tapioca, xanthan)')).toEqual([
      'gf_blend_gum',
      true,
    ]);
    expect(gum('200 g gf flour blend w/out gum')).toEqual(['gf_blend', false]);
    expect(gum('200 g gf flour blend')).toEqual(['gf_blend', undefined]);
  });

  it('an egg of flax is its flax and its water', () => {
    expect(linesOf('2 flax eggs\n100 g rice flour')).toEqual([
      ['', 'batter', 'flax_ground', 'water', 'white_rice_flour'],
    ]);
    expect(linesOf('2 flax eggs (2 T ground flax + 6 T water)\n100 g rice flour')).toEqual([
      ['', 'batter', 'flax_ground', 'water', 'white_rice_flour'],
    ]);
  });
});

describe('tins and pieces by few words', () => {
  it.each<[string, string | null, number | null]>([
    ['Spray an 8 x 8 inch pan. Cut in 9.', 'square', 9],
    ['sit them in a 23x33cm tin', 'tray', null],
    ['line a 23 x 33 cm swiss roll tin', 'tray', null],
    ['Press into a 23cm springform', 'round', null],
    ['line 12 muffin cups', 'muffin', 12],
    ['Scoop 100 g each, you get 14.', null, 14],
    ['Scoop eight 95 g balls, flatten into 4" discs', null, 8],
    ['Roll to 45 cm, fold in three. Cut in 9, fill.', null, 9],
    ['2 dozen', null, 24],
    ['Pour into 6 ramekins', null, 6],
    ['Roll 3 mm thick. Chill 20 minutes.', null, null],
    ['Fry in a 24 cm pan, swirl.', null, null],
  ])('%s', (method, shape, pieces) => {
    const { formula } = readFormula({ text: '200 g rice flour', method });
    expect([formula.tin?.shape ?? null, formula.yield?.pieces ?? null]).toEqual([shape, pieces]);
  });
});

describe('whose pints', () => {
  // An imperial pint is 568.26 mL, a US one 473.18 (Weights and Measures Act 1985; NIST Handbook 44).
  it.each([
    ['8 oz gluten-free self-raising flour\n1/4 pint milk', 146],
    ['2 cups all-purpose gluten-free flour\n1/4 pint milk', 122],
    ['200 g rice flour\n1/4 pint milk', 122],
    ['1/2 cup caster sugar\n1/4 pint milk', 122],
  ])('%s', (text, grams) => {
    const { formula } = readFormula({ title: 'Made up', text });
    const milk = formula.parts.flatMap((p) => p.lines).at(-1)!;
    expect(Math.abs(milk.amount.massG!.value - grams)).toBeLessThan(1.5);
  });
  it('a long text is looked at as quickly as a short one', () => {
    expect(pintsOf(`${'a '.repeat(500_000)} treacle`)).toBeNull();
  });
});
