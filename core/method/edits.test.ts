import { describe, expect, it } from 'vitest';
import { argOf, msg } from '../explain';
import {
  applyEdits,
  isChanged,
  readSteps,
  spokenOf,
  withChoices,
  type Instead,
  type PartWords,
  type Step,
  type StepEdit,
} from './index';

const METHOD = `1. Heat the oven to 180 °C and line a tin.
2. Cream the butter with the sugar until pale.
3) Beat in the eggs one at a time.
- Fold in the flour.
Bake 45 min, then cool on a rack.`;
const EGGS = ['egg', 'eggs'];
const instead = (exact: string[], more: Partial<Instead> = {}): Instead => ({
  op: 'instead',
  of: { exact, loose: [] },
  msg: msg('step.instead', { was: 'egg', kit: 'flax_gel' }),
  inline: true,
  lineIds: [],
  comes: 'thing',
  foams: false,
  ...more,
});

describe('changing a method', () => {
  const steps = readSteps(METHOD);
  const gel = msg('step.gel', { g1: 7, n1: 'flax_ground' });

  it('inserts before the first step of a kind', () => {
    const out = applyEdits(steps, [{ op: 'insert', before: ['whisk', 'mix'], kind: 'gel', msg: gel }]);
    expect(out.map((s) => s.kind)).toEqual(['prepare', 'cream', 'gel', 'whisk', 'fold', 'cool']);
    expect(out[2]!.added).toEqual(gel);
  });

  it('leaves an insertion out where a step speaks of it already', () => {
    const edit = { op: 'insert', before: ['bake'], kind: 'prepare', msg: gel, unless: ['line'] } as const;
    expect(applyEdits(steps, [{ ...edit, before: ['bake'], unless: ['line'] }])).toHaveLength(steps.length);
    expect(applyEdits(steps, [{ ...edit, before: ['bake'], unless: ['grease'] }])).toHaveLength(
      steps.length + 1,
    );
  });

  it('inserts after the preparations when no step fits', () => {
    const out = applyEdits(steps, [{ op: 'insert', before: ['knead'], kind: 'gel', msg: gel }]);
    expect(out[1]!.kind).toBe('gel');
    expect(applyEdits([], [{ op: 'insert', before: ['knead'], kind: 'gel', msg: gel }])).toHaveLength(1);
  });

  it('what only tells how many it makes is no step', () => {
    const texts = (method: string) => readSteps(method).map((s) => s.text);
    expect(texts('Bake 12 minutes. Cool on the sheet. Makes about 28.')).toEqual([
      'Bake 12 minutes.',
      'Cool on the sheet.',
    ]);
    expect(
      texts('Make 8 wells with a spoon.\nServes as a base for 2 tarts once it is cold. Chill it.'),
    ).toHaveLength(2);
  });

  it.each([
    ['Add egg & water.', ['egg'], 'Add water.'],
    ['Add water & egg.', ['egg'], 'Add water.'],
    ['Pour in eggs, yolk and butter.', ['eggs', 'yolk'], 'Pour in butter.'],
    ['Pour in butter, eggs and yolk.', ['eggs', 'yolk'], 'Pour in butter.'],
    ['Whisk egg + oil + yolk, then stir.', ['egg', 'yolk'], 'Whisk oil, then stir.'],
  ])('what joins a name to the rest leaves with it: %s', (text, words, left) => {
    const names = words.map((w, i) => ({
      from: text.indexOf(w),
      to: text.indexOf(w) + w.length,
      lineIds: [`l${i}`],
    }));
    const step: Step = {
      id: 's1',
      kind: 'mix',
      text,
      notes: [],
      actions: [{ kind: 'mix', text, from: 0, to: text.length, names }],
    };
    const edits = words.map((w, i) => instead([w], { lineIds: [`l${i}`], comes: 'nothing' }));
    const leaving = new Set(words.map((_w, i) => `l${i}`));
    const [out] = applyEdits([step], edits, [], { leaving, called: new Map(), avoids: [], lined: false });
    const swaps = [...(out!.swaps ?? [])].sort((a, b) => b.from - a.from);
    expect(swaps.reduce((t, { from, to }) => t.slice(0, from) + t.slice(to), text)).toBe(left);
  });

  it('notes, strikes and finds whole words only, and leaves the source as it was', () => {
    const out = applyEdits(steps, [
      instead(['egg', 'eggs'], { inline: false }),
      { op: 'strike', at: ['cream'], msg: msg('step.noCreaming') },
      { op: 'note', at: ['cool'], msg: msg('step.workIn') },
    ]);
    expect(out.map((s) => s.notes.length)).toEqual([0, 0, 1, 0, 1]);
    expect(out[1]!.struck?.code).toBe('step.noCreaming');
    expect(steps.every((s) => s.notes.length === 0 && !s.struck)).toBe(true);
    const eggplant = readSteps('Add the eggplant');
    expect(applyEdits(eggplant, [instead(['egg'])])[0]).toEqual(eggplant[0]);
  });

  it('a step for a part goes where the method speaks of the part, a gel never after something is baked', () => {
    const tart = readSteps(
      'Heat the oven to 180 C.\nRub the fat into the flour for the crust.\nBake the crust 12 min.\nWhisk the filling.\nBake again.',
    );
    const insert = (part: string | null, kind: 'gel' | 'whisk' = 'gel') =>
      applyEdits(
        tart,
        [
          {
            op: 'insert',
            before: ['whisk'],
            kind,
            msg: msg('step.gel', { n1: 'flax_ground', ...(part ? { part } : {}) }),
          },
        ],
        ['Tart crust', 'Filling', 'Crumble'].map((name) => ({ name, words: [] })),
      ).findIndex((s) => s.added);
    expect(insert('Tart crust')).toBe(1);
    expect(insert('Filling')).toBe(3);
    expect(insert(null)).toBe(1);
    expect(insert(null, 'whisk')).toBe(3);
    // A part the method does not name is like none.
    expect(insert('Crumble')).toBe(1);
  });

  it('a step that names a part takes only what is for it; one that names none takes all', () => {
    const [rub, cream] = readSteps('Rub the butter in for the crust.\nCream the butter.');
    const names = ['Short crust', 'Topping'];
    const edits = names.map((part) =>
      instead(['butter'], { msg: msg('step.instead', { was: 'butter', kit: 'olive', part }) }),
    );
    const parts = names.map((name) => ({ name, words: [] }));
    const [first, second] = applyEdits([rub!, cream!], edits, parts);
    expect(first!.swaps!.map((w) => w.msg.args.part)).toEqual(['Short crust']);
    expect([first!.notes, second!.swaps]).toEqual([[], undefined]);
    expect(second!.notes.map((n) => n.args.part).sort()).toEqual(names);
  });

  const swapped = (text: string, edits: StepEdit[], parts: PartWords[] = []) => {
    const [step] = applyEdits(readSteps(text), edits, parts);
    return { step: step!, words: (step!.swaps ?? []).map((w) => step!.text.slice(w.from, w.to)) };
  };

  it.each([
    // The word, with an amount, an article or "one at a time" that would no longer be true of what comes.
    ['Beat in the eggs one at a time.', ['eggs one at a time']],
    ['Whisk 2 large eggs with the sugar.', ['2 large eggs']],
    ['Add an egg, then another egg.', ['an egg', 'egg']],
    ['Add the eggplant and egg-free noodles.', []],
    ['Eggs go in last.', ['Eggs']],
  ])('words that leave are found: %s', (text, words) => {
    expect(swapped(text, [instead(EGGS)]).words).toEqual(words);
  });

  it.each([
    ['Butter the tin and flour the board.', []],
    ['Melt the butter; grease and butter a tin.', ['butter']],
    ['Stir in the peanut butter and 50 g of butter.', ['50 g of butter']],
  ])('what is done to a tin and what is of a plant is not what leaves: %s', (text, words) => {
    expect(swapped(text, [instead(['butter'])]).words).toEqual(words);
  });

  it('the longest name is meant, each stretch has one stand-in, a second one for it is a note', () => {
    const { step, words } = swapped('Whip the egg whites, then stir in the eggs.', [
      instead(EGGS),
      instead(['egg white', 'egg whites'], { msg: msg('step.instead', { was: 'egg', kit: 'aquafaba' }) }),
    ]);
    expect(words).toEqual(['egg whites', 'eggs']);
    expect(step.swaps!.map((w) => argOf(w.msg, 'kit'))).toEqual(['aquafaba', 'flax_gel']);
    const both = swapped('Cream the butter.', [
      instead(['butter'], { msg: msg('step.instead', { was: 'egg', kit: 'olive' }) }),
      instead(['butter'], { msg: msg('step.instead', { was: 'egg', kit: 'seed' }) }),
    ]).step;
    expect([both.swaps!.length, both.notes.map((n) => argOf(n, 'kit'))]).toEqual([1, ['seed']]);
  });

  it('a gel is not whisked to a foam: said once, unless what comes can be', () => {
    const text = 'Whisk the eggs until pale and thick.';
    expect(swapped(text, [instead(EGGS), instead(['yolk'])]).step.notes.map((n) => n.code)).toEqual([
      'step.noFoam',
    ]);
    expect(swapped(text, [instead(EGGS, { foams: true })]).step.notes).toEqual([]);
    expect(swapped('Whisk the eggs into the milk.', [instead(EGGS)]).step.notes).toEqual([]);
  });

  it.each([
    ['Brown the butter and let it cool.', true],
    ['Melt the butter until it smells nutty and is browned.', true],
    ['Cream the butter with the brown sugar.', false],
    ['Bake until brown and brush with butter.', false],
  ])('what stands in for butter does not brown, which is said: %s', (text, told) => {
    const { step } = swapped(text, [instead(['butter'])]);
    expect(step.notes.some((n) => n.code === 'step.noBrowning')).toBe(told);
  });

  it('where a step does not say of which part it speaks, or nothing comes, it is said in a note', () => {
    const crust = msg('step.instead', { was: 'egg', kit: 'flax_gel', part: 'Short crust' });
    const parts = [
      { name: 'Short crust', words: ['egg', 'rice flour'] },
      { name: 'Filling', words: ['egg', 'cream', 'nutmeg'] },
    ];
    const edits = [instead(EGGS, { msg: crust })];
    expect(swapped('Stir in the eggs.', edits, parts).step).toMatchObject({ notes: [crust] });
    expect(swapped('Stir the eggs into the crust.', edits, parts).words).toEqual(['eggs']);
    // A step belongs to the part of which it names something that is in no other.
    expect(swapped('Stir the eggs into the rice flour.', edits, parts).words).toEqual(['eggs']);
    const filling = swapped('Whisk eggs, cream and nutmeg.', edits, parts).step;
    expect([filling.swaps, filling.notes]).toEqual([undefined, []]);
    // A yolk is not the egg of the other part; one part named does not hide what is in the other alone.
    const cake = [
      { name: 'Base', words: ['egg yolk', 'cornflour'] },
      { name: 'Top', words: ['egg', 'almonds', 'rhubarb'] },
    ];
    const top = instead(['almonds'], { msg: msg('step.instead', { was: 'egg', kit: 'seeds', part: 'Top' }) });
    const base = instead(['egg yolk'], {
      msg: msg('step.instead', { was: 'egg', kit: 'flax_gel', part: 'Base' }),
    });
    expect(swapped('Rub in the cornflour, bind with the egg yolk.', [base, top], cake).words).toEqual([
      'egg yolk',
    ]);
    expect(swapped('Lay rhubarb on the base, strew almonds.', [base, top], cake).words).toEqual(['almonds']);
    const none = swapped('Stir in the eggs.', [instead(EGGS, { inline: false })]);
    expect([none.words, none.step.notes.length]).toEqual([[], 1]);
  });

  it('left off, a step stands as it was written, and one with words swapped counts as changed', () => {
    const { step } = swapped('Stir in the eggs.', [instead(EGGS)]);
    expect(isChanged(step)).toBe(true);
    expect(withChoices([step], { [step.id]: { off: true } })[0]!.swaps).toBeUndefined();
  });

  it('the baker accepts, leaves off or says a change in own words; ids outlive other changes', () => {
    const edits: StepEdit[] = [
      { op: 'insert', before: ['whisk'], kind: 'gel', msg: gel },
      { op: 'strike', at: ['cream'], msg: msg('step.noCreaming') },
    ];
    const out = applyEdits(steps, edits);
    const [added, struck] = [out.find((s) => s.added)!, out.find((s) => s.struck)!];
    expect(withChoices(out, {})).toEqual(out);
    const off = withChoices(out, { [added.id]: { off: true }, [struck.id]: { off: true } });
    expect(off).toEqual(steps);
    expect(off.some(isChanged)).toBe(false);
    const own = withChoices(out, { [struck.id]: { own: 'Beat it for a minute.' } });
    expect(own.find((s) => s.id === struck.id)).toMatchObject({ own: 'Beat it for a minute.', notes: [] });
    expect(own.find((s) => s.id === struck.id)!.struck).toBeUndefined();
    const more = applyEdits(steps, [
      { op: 'insert', before: ['cream'], kind: 'whisk', msg: msg('step.aquafaba', { n1: 'aquafaba' }) },
      ...edits,
      edits[0]!,
    ]);
    expect(more.filter((s) => s.added).map((s) => s.id)).toEqual(
      expect.arrayContaining([added.id, `${added.id}#2`]),
    );
  });

  it('an exact name goes before the last word of another: ground hazelnuts are not the hazelnuts on top', () => {
    const ground = instead(['ground hazelnut', 'ground hazelnuts'], {
      of: { exact: ['ground hazelnuts'], loose: ['hazelnuts'] },
      msg: msg('step.instead', { was: 'egg', kit: 'ground_seed' }),
    });
    const whole = instead(['hazelnuts'], { msg: msg('step.instead', { was: 'egg', kit: 'seeds' }) });
    const of = (text: string) =>
      applyEdits(readSteps(text), [ground, whole])[0]!.swaps!.map((w) => argOf(w.msg, 'kit'));
    expect(of('Rub in the ground hazelnuts, then the hazelnuts.')).toEqual(['ground_seed', 'seeds']);
    expect(of('Scatter the hazelnuts over.')).toEqual(['seeds']);
    expect(applyEdits(readSteps('Scatter the hazelnuts over.'), [ground])[0]!.swaps).toHaveLength(1);
  });

  it('the last word of a name that is a deed as well is a thing only where it is spoken of as one', () => {
    const spread = instead(['chocolate spread'], { of: { exact: ['chocolate spread'], loose: ['spread'] } });
    const of = (text: string) => applyEdits(readSteps(text), [spread])[0]!.swaps ?? [];
    expect(of('Spread out thin and bake.')).toEqual([]);
    expect(of('Unroll, spread with cream.')).toEqual([]);
    expect(of('Warm the spread until it runs.')).toHaveLength(1);
  });

  it('a stand-in for the dough says nothing at a wash that has its own, but other things there are swapped', () => {
    const steps = readSteps('Whisk the egg into the milk.\nBrush with egg and scatter the almonds.');
    const dough = instead(EGGS, { notBrushed: true });
    const wash: StepEdit = { op: 'note', at: ['wash'], msg: msg('step.drinkWash') };
    const out = applyEdits(steps, [dough, wash, instead(['almonds'])]);
    expect(out.map((s) => s.notes.map((n) => n.code))).toEqual([[], ['step.drinkWash']]);
    expect(out.map((s) => s.swaps!.map((w) => s.text.slice(w.from, w.to)))).toEqual([['egg'], ['almonds']]);
    expect(applyEdits(steps, [instead(EGGS)])[1]!.swaps).toHaveLength(1);
  });

  it('a note goes to steps that speak of a thing, unless they speak of another', () => {
    const at: StepEdit = { op: 'at', words: ['grease'], unless: ['griddle'], msg: msg('step.paper') };
    const out = applyEdits(readSteps('Grease a tin.\nGrease a hot griddle.\nBake.'), [at]);
    expect(out.map((s) => s.notes.length)).toEqual([1, 0, 0]);
  });
});

describe('how a method speaks of an ingredient', () => {
  it('by its names, in both numbers, and loosely by the last word', () => {
    expect(spokenOf(['unsalted butter', 'butter'])).toEqual({
      exact: ['unsalted butter', 'unsalted butters', 'butter', 'butters'],
      loose: [],
    });
    expect(spokenOf(['ground hazelnuts']).loose).toEqual(['hazelnuts', 'hazelnut']);
    expect(spokenOf(['olive oil']).loose).toEqual(['oil', 'oils']);
    expect(spokenOf(['white rice flour']).loose).toEqual([]);
    expect(spokenOf([])).toEqual({ exact: [], loose: [] });
  });
});
