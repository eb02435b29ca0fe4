import { msg } from '../explain';
import { describe, expect, it } from 'vitest';
import { readSteps } from '../method';
import type { StatedBake, StatedTin } from '../formula';
import { readTin } from '../reading';
import { notedBake } from './method-notes';

const METHOD = readSteps(`Heat the oven to 180 °C and line a 20 cm round tin.
Bake the base blind 12 min at 180 °C.
Whisk the filling.
Bake 40-45 min at 180 °C, until set.
Cool 10 min in the tin.`);
const bake = (ovenC: number, minutes: [number, number], fan = false): StatedBake => ({ ovenC, minutes, fan });
const tin = (written: string): StatedTin => readTin(written)!;
const was = { bake: bake(180, [40, 45]), tin: tin('20 cm round tin') };
const codes = (now: Parameters<typeof notedBake>[2]) =>
  notedBake(METHOD, was, now).map((s) => s.notes.map((n) => n.code));

describe('a method whose oven, time or tin is no longer so', () => {
  it('is as it was where nothing moves, or no more than is read off an oven', () => {
    expect(notedBake(METHOD, was, was)).toEqual(METHOD);
    expect(codes({ bake: bake(181, [41, 46]), tin: was.tin }).flat()).toEqual([]);
  });

  it('says the heat where heat is named, the time at the baking but not at the blind one', () => {
    expect(codes({ bake: bake(165, [50, 58]), tin: was.tin })).toEqual([
      ['step.ovenNow'],
      [],
      [],
      ['step.ovenNow', 'step.timeNow'],
      [],
    ]);
    const [, , , last] = notedBake(METHOD, was, { bake: bake(180, [50, 58], true), tin: was.tin });
    expect(last!.notes.map((n) => n.args)).toEqual([
      { c: 180, fan: 1 },
      { from: 50, to: 58 },
    ]);
  });

  it('only figures that were stated are contradicted', () => {
    const other = readSteps(`Bake until brown, then cool 10 min.
Rest 5 min, then bake 40-45 min at 356 F.
Leave to rise at 28 °C, 40-45 min.`);
    const now = { bake: bake(165, [50, 58]), tin: was.tin };
    expect(notedBake(other, was, now).map((s) => s.notes.map((n) => n.code))).toEqual([
      [],
      ['step.ovenNow', 'step.timeNow'],
      [],
    ]);
  });

  it('says the tin where one is named with its size', () => {
    expect(codes({ bake: was.bake, tin: tin('24 cm round tin') })).toEqual([['step.tinNow'], [], [], [], []]);
  });

  it('takes its own notes off before it makes new ones, and leaves those of others', () => {
    const other = msg('step.paper');
    const first = notedBake(
      METHOD.map((s, i) => (i === 0 ? { ...s, notes: [other] } : s)),
      was,
      { bake: bake(165, [50, 58]), tin: was.tin },
    );
    const again = notedBake(first, was, { bake: bake(150, [60, 70]), tin: was.tin });
    expect(again[0]!.notes.map((n) => n.code)).toEqual(['step.paper', 'step.ovenNow']);
    expect(again[3]!.notes.find((n) => n.code === 'step.timeNow')!.args).toEqual({ from: 60, to: 70 });
    expect(notedBake(again, was, was).flatMap((s) => s.notes)).toEqual([other]);
  });
});
