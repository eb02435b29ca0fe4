import { describe, expect, it } from 'vitest';
import { readFormula } from './read';
import { isWholePaste, judgedRows, kindsOf, rowsOf } from './rows';
import { expandRow } from './things';
import { readYield } from './yields';

const PASTE = `Harbour oat squares

We bake these for the early ferry. They keep for a week in a tin!

You will need
For the base
200 g certified oats
- 80g sugar
1/2 c sunflower oil
a pinch of salt
FOR THE TOP
2 tbsp apricot jam

How to
1. Heat the oven to 180 °C and line a 20 cm square tin.
2) Mix the oats, sugar, oil and salt. Press into the tin.
3. Bake 25 minutes until golden, then brush with the jam.

Notes: they freeze well.`;

describe('one paste', () => {
  it('falls into title, list with its parts, method and notes', () => {
    const rows = rowsOf(PASTE);
    expect(rows.title).toBe('Harbour oat squares');
    expect(rows.list).toEqual([
      'For the base:',
      '200 g certified oats',
      '80g sugar',
      '1/2 c sunflower oil',
      'a pinch of salt',
      'FOR THE TOP:',
      '2 tbsp apricot jam',
    ]);
    expect(rows.method.map((m) => m.split(' ')[0])).toEqual(['Heat', 'Mix', 'Bake']);
    expect(rows.notes).toHaveLength(2);
    expect(isWholePaste(rows)).toBe(true);
  });

  it('is read whole: title, parts, oven, time and tin', () => {
    const { formula } = readFormula({ text: PASTE });
    expect(formula.title).toBe('Harbour oat squares');
    expect(formula.parts.map((p) => p.lines.length)).toEqual([4, 1]);
    expect(formula.bake).toMatchObject({ ovenC: 180, minutes: [25, 25] });
    expect(formula.tin?.shape).toBe('square');
    expect(formula.method).toHaveLength(3);
    expect(formula.originalText).toBe(PASTE);
  });

  it('works where nothing is marked, and leaves a bare list as it is', () => {
    const plain =
      'Quay crackers\n150 g teff flour\n60 g water\n1 t salt\nMix everything to a dough and rest it.\nRoll thin and bake at 200 °C for 12 min.';
    expect(kindsOf(plain.split('\n'))).toEqual(['title', 'line', 'line', 'line', 'step', 'step']);
    const list = '200 g rice flour\n2 eggs, beaten\nbutter for greasing';
    expect(isWholePaste(rowsOf(list))).toBe(false);
    expect(readFormula({ text: list }).formula.parts[0]!.lines).toHaveLength(3);
  });

  it('a method that is given beside is taken, and the text is the list', () => {
    const { formula } = readFormula({ text: '200 g rice flour\n2 eggs', method: 'Bake 20 min.' });
    expect([formula.method.length, formula.parts[0]!.lines.length]).toEqual([1, 2]);
  });
});

describe('several things in one row', () => {
  it.each<[string, string[]]>([
    ['2 eggs + 1 yolk', ['2 eggs', '1 egg yolk']],
    ['1 tsp soda and 2 tsp baking powder', ['1 tsp soda', '2 tsp baking powder']],
    ['1 tsp sugar, ½ tsp salt', ['1 tsp sugar', '½ tsp salt']],
    ['80 g raisins, soaked in 2 tbsp rum', ['80 g raisins', '2 tbsp rum']],
    ['1/4 tsp each nutmeg, ginger', ['1/4 tsp nutmeg', '1/4 tsp ginger']],
    ['30 g each: pumpkin, sunflower seeds', ['30 g pumpkin seeds', '30 g sunflower seeds']],
    // Of one thing, however it is written.
    ['1 cup plus 2 tbsp flour', ['1 cup plus 2 tbsp flour']],
    ['340 g flour, plus 2 tbsp for dusting', ['340 g flour, plus 2 tbsp for dusting']],
    ['1 tin chickpeas (400 g; 240 g drained)', ['1 tin chickpeas (400 g; 240 g drained)']],
    ['2 eggs, beaten', ['2 eggs, beaten']],
  ])('%s', (row, things) => {
    expect(expandRow(row)).toEqual(things);
  });
});

describe('what a row says of a blend', () => {
  it.each([
    ['250 g gf flour blend (with xanthan)', 'gf_blend_gum'],
    ['250 g gluten-free flour mix, contains guar gum', 'gf_blend_gum'],
    ['250 g gf plain flour (no xanthan in it)', 'gf_blend'],
    ['250 g gf flour', 'gf_blend'],
  ])('%s', (text, id) => {
    const item = readFormula({ text }).formula.parts[0]!.lines[0]!.item;
    expect('id' in item && item.id).toBe(id);
  });
});

describe('how many it makes', () => {
  it.each([
    ['for about 16 squares', 16],
    ['Enough for 12 buns', 12],
    ['for 2 loaves.', 2],
    ['gives 8 scones', 8],
  ])('“%s” on a row of its own is no line of the list', (row, pieces) => {
    const text = `Tray cake\n\n${row}\n\n250 g chopped dates\n120 g soft butter\n220 g rice flour\n\nMash the dates and cream the butter.\nFold in the flour.\nBake 35 min.`;
    expect(rowsOf(text).list).toHaveLength(3);
    expect(readYield(text)?.pieces).toBe(pieces);
  });
  it('what begins like it and goes on is a line all the same', () => {
    const { list } = rowsOf(
      'Tray cake\n\n250 g dates\nfor the 12 muffins: 120 g soft butter\n2 eggs for 8 pieces\n\nMash the dates.\nBake 35 min.',
    );
    expect(list.join()).toContain('2 eggs for 8 pieces');
    expect(list.join()).toContain('120 g soft butter');
  });
  it.each<[string, number | null]>([
    ['Makes 12 large muffins.', 12],
    ['Yield: 2 loaves', 2],
    ['Divide into 8 and shape into balls.', 8],
    ['Roll out and cut into 15 squares.', 15],
    ['Shape the dough into six buns.', 6],
    ['Cut the butter into 2 cm pieces.', null],
    ['Press together and chill 1 h.', null],
    ['Bake in 2 tins for 20 min.', null],
  ])('%s', (text, pieces) => {
    expect(readYield(text)?.pieces ?? null).toBe(pieces);
  });
});

describe('the kind of bake by its title', () => {
  it.each([
    ['Blueberry muffins with crumb', 'muffin'],
    ['Carrot loaf with pecan streusel', 'soda_bread'],
    ['Buckwheat crêpes for filling', 'pancake'],
    ['Cookie crumb brownies', 'brownie'],
  ])('%s is %s', (title, kind) => {
    const { formula } = readFormula({
      title,
      text: '200 g rice flour\n2 eggs\n8 g baking powder\n100 g milk',
    });
    expect(formula.parts[0]!.classId).toBe(kind);
  });
});

describe('what the baker says of a row', () => {
  const PASTE =
    'Ferry cake\nSomething borrowed\n200 g rice flour\n2 eggs\n100 g sugar\nWhisk the eggs with the sugar.\nFold in the flour.\nBake 30 min at 180 °C.';
  it('is so, stays with its words, and tells its neighbours; everything else is kept', () => {
    const before = judgedRows(PASTE).find((r) => r.text === 'Something borrowed')!.kind;
    expect(before).not.toBe('line');
    const said = { 'Something borrowed': 'line' as const };
    expect(judgedRows(PASTE, said).find((r) => r.text === 'Something borrowed')!.kind).toBe('line');
    expect(judgedRows(`A note of mine.\n${PASTE}`, said).map((r) => r.text)).toHaveLength(9);
    const read = readFormula({ text: PASTE, rows: said });
    expect(read.lines.map((l) => l.line.amount.written)).toContain('Something borrowed');
    expect(read.formula.method).toHaveLength(3);
    // A row taken out is in neither list nor method.
    const out = readFormula({ text: PASTE, rows: { '2 eggs': 'mark' } });
    expect(out.lines).toHaveLength(2);
  });
  it('a name of an object is no word of a baker', () => {
    expect(judgedRows('constructor\n__proto__\n2 eggs').map((r) => r.text)).toHaveLength(3);
  });
});
