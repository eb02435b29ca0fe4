import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { INGREDIENTS } from '../ingredients';
import { factsIn } from './facts';
import { readFormula } from './read';
import { judgedRows } from './rows';

const LIST = '200 g rice flour\n100 g sugar\n2 eggs\n80 g butter\n8 g baking powder';
const METHOD = 'Beat butter and sugar, add eggs.\nFold in the flour and powder.';
const read = (text: string, method?: string) =>
  readFormula({ text, ...(method === undefined ? {} : { method }) });
const bakeOf = ({ formula }: ReturnType<typeof read>) => [
  formula.bake?.ovenC ?? null,
  formula.bake?.minutes ?? null,
  formula.tin?.shape ?? null,
  formula.yield?.pieces ?? null,
];

describe('a row of figures of the whole bake', () => {
  it.each<[string, ReturnType<typeof factsIn>]>([
    ['Oven: 190C', { oven: '190C' }],
    ['Oven temperature: 350 F', { oven: '350 F' }],
    ['Temp: 180', { oven: '180' }],
    ['Oven 170C fan', { oven: '170C fan' }],
    ['Oven: 180 °C, 25 min', { oven: '180 °C, 25 min', time: '180 °C, 25 min' }],
    ['Time: 25-30 min', { time: '25-30 min' }],
    ['Baking time 50 minutes', { time: '50 minutes' }],
    ['Backzeit: 40 Min', { time: '40 Min' }],
    ['Tin: 20 cm square', { tin: '20 cm square tin' }],
    ['Pan: 9x5 loaf', { tin: '9x5 loaf pan' }],
    ['Makes: 24', { yields: 'makes 24' }],
    ['Prep time: 10 min', {}],
    ['Difficulty: very easy', {}],
    ['Total time 1 hour 20 min', {}],
    ['Prep 2 apples', null],
    ['Total: 500 g flour blend', null],
    ['Prep 10 min | Bake 25 min | Oven 170C', { time: '25 min', oven: '170C' }],
    ['Oven: 170C; Time: 20 min', { oven: '170C', time: '20 min' }],
    // A thing, a step, or nothing that a field could read.
    ['Heat 200 ml milk', null],
    ['Tin: 400 g chopped tomatoes', null],
    ['Oven: heat to 190, then turn down to 160', null],
    ['Oven: 180 fan. Oil a loaf tin.', null],
    ['oven 375F, paper liners in a muffin pan', null],
    ['Bake 25 min', null],
    ['Bake until golden', null],
    ['Time: whenever', null],
    ['Oven: hot', null],
    ['Proof time: 1 hour', null],
    ['Cream: 200 ml', null],
    ['butter: 80 g', null],
  ])('%s', (row, facts) => {
    expect(factsIn(row)).toEqual(facts);
  });

  it('an ingredient and its amount is never one', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...INGREDIENTS),
        fc.integer({ min: 1, max: 999 }),
        fc.constantFrom('g', 'ml', 'tbsp', 'cups'),
        (i, n, unit) => {
          for (const row of [
            `${n} ${unit} ${i.names[0]!}`,
            `${i.names[0]!}: ${n} ${unit}`,
            `${i.names[0]!} ${n} ${unit}`,
          ])
            expect(factsIn(row)).toBeNull();
        },
      ),
    );
  });

  it('is read wherever it stands in a paste, and is neither an ingredient nor a step', () => {
    const facts = 'Oven: 190C\nTime: 25 min\nTin: 20 cm square\nMakes 16';
    for (const text of [
      `Plum squares\n${facts}\n\n${LIST}\n\n${METHOD}`,
      `Plum squares\n\n${LIST}\n\n${METHOD}\n${facts}`,
      `Plum squares\n\n${LIST}\n${facts}\n\n${METHOD}`,
    ]) {
      const r = read(text);
      expect(bakeOf(r)).toEqual([190, [25, 25], 'square', 16]);
      expect(r.lines).toHaveLength(5);
      expect(r.formula.method).toHaveLength(2);
    }
  });

  it('is read in a box of the list or of the method, too; what a field of its own says counts for more', () => {
    expect(bakeOf(read(`Oven: 190C\n${LIST}`, `${METHOD}\nBake time: 30 min`))).toEqual([
      190,
      [30, 30],
      null,
      null,
    ]);
    const r = readFormula({ text: `Oven: 190C\n${LIST}`, method: METHOD, oven: '170 C' });
    expect(r.formula.bake?.ovenC).toBe(170);
  });

  it('two that differ are stretches of the bake, and stay steps', () => {
    const r = read(
      `Tart\nBase:\n200 g rice flour\n100 g butter\nFilling:\n3 eggs\n200 ml cream\n\nRub butter into flour, press into a 23 cm tart tin.\nOven: 190 C, 15 min\nPour in eggs and cream.\nOven: 160 C, 30 min`,
    );
    expect(r.formula.method).toHaveLength(4);
    expect(
      r.formula.method.flatMap(
        (s) => s.actions?.map((a) => [a.kind, a.tempC ?? null, a.minutes ?? null]) ?? [],
      ),
    ).toEqual(
      expect.arrayContaining([
        ['blind_bake', 190, [15, 15]],
        ['bake', 160, [30, 30]],
      ]),
    );
    expect(r.formula.bake?.phases?.map((p) => [p.ovenC, p.min])).toEqual([
      [190, 15],
      [160, 30],
    ]);
  });

  it('an oven that something is done after is heated there', () => {
    const steps = 'Mix all.\nOven: 200 fan.\nBake 15 min at that.';
    for (const r of [read(LIST, steps), read(`Plum squares\n${LIST}\n\n${steps}`)])
      expect(r.formula.method.map((s) => s.actions?.[0]?.kind)).toEqual(['mix', 'preheat', 'bake']);
  });

  it('stays a step where the baker says so', () => {
    const text = `Plum squares\n${LIST}\n\n${METHOD}\nOven: 190C`;
    expect(judgedRows(text).at(-1)!.kind).toBe('note');
    const r = readFormula({ text, rows: { 'Oven: 190C': 'step' } });
    expect(r.formula.method.at(-1)!.text).toBe('Oven: 190C');
  });
});

describe('"the powder" of a method', () => {
  const taken = (text: string, method: string) =>
    read(text, method).formula.method[0]!.actions!.flatMap((a) => a.uses?.map((u) => u.lineId) ?? []);
  it('is the baking powder', () => {
    expect(taken(LIST, 'Fold in the flour and powder.')).toEqual(expect.arrayContaining(['l1', 'l5']));
  });
  it('is nothing that is known where another powder is in the list', () => {
    expect(taken(`${LIST}\n20 g cocoa powder`, 'Fold in the flour and powder.')).not.toContain('l5');
  });
});

describe('how a thing of a known weight is sold', () => {
  it.each([
    ['400g tin coconut milk', 'coconut_milk', 400],
    ['7g sachet yeast', 'active_dry_yeast', 7],
    ['7 g packet dried yeast', 'active_dry_yeast', 7],
    ['200g tub of cream cheese', 'cream_cheese', 200],
    ['250g pack butter', 'butter', 250],
    ['1 kg bag sugar', 'sugar', 1000],
    ['100 g bar dark chocolate', 'dark_chocolate', 100],
    ['125g block margarine', 'plant_block', 125],
  ])('%s', (row, id, g) => {
    const [line] = read(row).lines;
    expect([line!.line.item, line!.line.amount.massG?.value]).toEqual([{ kind: 'ref', id }, g]);
    expect(line!.line.amount.written).toBe(row);
  });
  it('pot barley is a grain, and no barley in a pot', () => {
    expect(read('100 g pot barley').lines[0]!.name).toBe('pot barley');
  });
});

it('small things may weigh a few grams where the list says only how many', () => {
  const crackers = '100 g sunflower seeds\n50 g gf oats\n20 g psyllium husk\n150 ml water';
  const codes = (title: string) =>
    readFormula({ title, text: crackers, method: 'Mix, roll out, bake. Makes 24.' }).issues.map(
      (i) => i.code,
    );
  expect(codes('Seed crackers')).not.toContain('check.yield');
  expect(codes('Seed bread')).toContain('check.yield');
});
