import { describe, expect, it } from 'vitest';
import { msg } from '../explain';
import { applyEdits, isChanged, readSteps, withChoices, type StepEdit } from './index';

const METHOD = `1. Heat the oven to 180 °C and line a tin.
2. Cream the butter with the sugar until pale.
3) Beat in the eggs one at a time.
- Fold in the flour.
Bake 45 min, then cool on a rack.`;

describe('reading a method', () => {
  it('makes a step of each line and knows what it does', () => {
    expect(readSteps(METHOD).map((s) => s.kind)).toEqual(['prepare', 'cream', 'whisk', 'fold', 'cool']);
    expect(readSteps(METHOD)[2]!.text).toBe('Beat in the eggs one at a time.');
  });

  it('splits one paragraph into sentences, but not at decimals', () => {
    const steps = readSteps('Mix 1.5 cups of flour with salt. Add water. Leave to rise until doubled. Bake.');
    expect(steps.map((s) => s.kind)).toEqual(['mix', 'mix', 'proof', 'bake']);
  });

  it('survives nothing, noise and far too much', () => {
    expect(readSteps('')).toEqual([]);
    expect(readSteps('   \n  ')).toEqual([]);
    expect(readSteps('🥖🥖🥖')[0]!.kind).toBe('other');
    expect(readSteps('Mix.\n'.repeat(500))).toHaveLength(60);
  });
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

  it('notes, strikes and finds whole words only, and leaves the source as it was', () => {
    const out = applyEdits(steps, [
      { op: 'instead', words: ['egg', 'eggs'], msg: msg('step.instead', { was: 'egg' }) },
      { op: 'strike', at: ['cream'], msg: msg('step.noCreaming') },
      { op: 'note', at: ['cool'], msg: msg('step.coolFully') },
    ]);
    expect(out.map((s) => s.notes.length)).toEqual([0, 0, 1, 0, 1]);
    expect(out[1]!.struck?.code).toBe('step.noCreaming');
    expect(steps.every((s) => s.notes.length === 0 && !s.struck)).toBe(true);
    const eggplant = readSteps('Add the eggplant');
    expect(applyEdits(eggplant, [{ op: 'instead', words: ['egg'], msg: gel }])[0]!.notes).toEqual([]);
  });

  it('a step for a part goes where the method speaks of the part, a gel never after something is baked', () => {
    const tart = readSteps(
      'Heat the oven to 180 C.\nRub the fat into the flour for the crust.\nBake the crust 12 min.\nWhisk the filling.\nBake again.',
    );
    const insert = (part: string | null, kind: 'gel' | 'whisk' = 'gel') =>
      applyEdits(tart, [
        {
          op: 'insert',
          before: ['whisk'],
          kind,
          msg: msg('step.gel', { n1: 'flax_ground', ...(part ? { part } : {}) }),
        },
      ]).findIndex((s) => s.added);
    expect(insert('Tart crust')).toBe(1);
    expect(insert('Filling')).toBe(3);
    expect(insert(null)).toBe(1);
    expect(insert(null, 'whisk')).toBe(3);
    // A part the method does not name is like none.
    expect(insert('Crumble')).toBe(1);
  });

  it('a step that names a part takes only what is for it; one that names none takes all', () => {
    const [rub, cream] = readSteps('Rub the butter in for the crust.\nCream the butter.');
    const edits = ['Short crust', 'Topping'].map((part): StepEdit => ({
      op: 'instead',
      words: ['butter'],
      msg: msg('step.instead', { part }),
    }));
    const out = applyEdits([rub!, cream!], edits, ['Short crust', 'Topping']);
    expect(out.map((s) => s.notes.map((n) => n.args.part))).toEqual([
      ['Short crust'],
      ['Short crust', 'Topping'],
    ]);
    expect(applyEdits([rub!], edits)[0]!.notes).toHaveLength(2);
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

  it('a stand-in for the dough has nothing to say at a wash that has its own; without one it does', () => {
    const steps = readSteps('Whisk the egg into the milk.\nBrush with egg.');
    const dough: StepEdit = { op: 'instead', words: ['egg'], msg: msg('step.instead', { was: 'egg' }) };
    const wash: StepEdit = { op: 'note', at: ['wash'], msg: msg('step.drinkWash') };
    expect(applyEdits(steps, [dough, wash]).map((s) => s.notes.map((n) => n.code))).toEqual([
      ['step.instead'],
      ['step.drinkWash'],
    ]);
    expect(applyEdits(steps, [dough])[1]!.notes.map((n) => n.code)).toEqual(['step.instead']);
  });
});
