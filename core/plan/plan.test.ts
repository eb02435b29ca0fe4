import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { tasksOf, type Task } from './index';

const tasks = (text: string, method: string, title = 'Made up'): Task[] =>
  tasksOf(readFormula({ title, text, method }).formula, lookupReference);

describe('a version as tasks', () => {
  it('every demo has tasks, a bake or a pan, each after what is there before it', () => {
    for (const d of DEMO_FORMULAS) {
      const list = tasksOf(readFormula(d).formula, lookupReference);
      expect(list.length).toBeGreaterThan(3);
      expect(list.some((t) => t.kind === 'bake' || t.kind === 'cook' || t.kind === 'turn')).toBe(true);
      const before = new Set<string>();
      for (const t of list) {
        expect(t.minutes[0]).toBeLessThanOrEqual(t.minutes[1]);
        for (const id of t.after) expect(before.has(id), `${d.title}: ${t.id} after ${id}`).toBe(true);
        before.add(t.id);
      }
    }
  });

  it('a filling is cooked beside a crust that chills; both are there when it is filled', () => {
    const list = tasks(
      'Crust:\n200 g rice flour\n100 g butter\n1 egg\n\nFilling:\n500 g milk\n60 g sugar\n40 g cornflour',
      'Crust: Rub the butter into the flour, work in the egg, chill 1 hour.\nRoll out and line a 24 cm tin.\nFilling: Cook the milk, sugar and cornflour until thick.\nFill the crust and bake 30 minutes at 190 °C.',
    );
    const of = (kind: Task['kind']) => list.find((t) => t.kind === kind)!;
    const reaches = (from: string, to: string): boolean =>
      from === to || list.some((t) => t.after.includes(from) && reaches(t.id, to));
    expect(reaches(list[0]!.id, of('cook').id)).toBe(false);
    expect(reaches(of('cook').id, of('bake').id)).toBe(true);
    expect(reaches(of('chill').id, of('bake').id)).toBe(true);
  });

  it('a starter is fed and butter is out in time, where the method does not say so itself', () => {
    const fed = tasks('400 g buckwheat flour\n120 g sourdough starter\n360 g water\n8 g salt', 'Mix everything.\nProve 3 hours.\nBake 50 minutes at 220 °C.'); // prettier-ignore
    expect(fed[0]).toMatchObject({ kind: 'feed', basis: 'usual' });
    expect(fed[0]!.minutes[0]).toBeGreaterThanOrEqual(480);
    const cake = tasks('200 g rice flour\n150 g butter\n150 g sugar\n3 eggs', 'Cream the butter and sugar, beat in the eggs, fold in the flour.\nBake 40 minutes at 170 °C.'); // prettier-ignore
    expect(cake[0]).toMatchObject({ kind: 'soften', stretches: true });
    const crust = (butter: string) => tasks(`200 g rice flour\n100 g ${butter}\n60 g iced water`, 'Rub the butter into the flour, bring together with the water.\nRoll out and bake 20 minutes at 190 °C.')[0]!; // prettier-ignore
    expect(crust('butter, frozen and grated')).toMatchObject({ kind: 'cold', place: 'freezer' });
    expect(crust('butter, cold')).toMatchObject({ kind: 'cold', place: 'fridge' });
  });

  it('bakes and rises take as long as they were timed to in this kitchen, and say from how many', () => {
    const { formula } = readFormula({
      title: 'Loaf',
      text: '400 g buckwheat flour\n400 g water\n7 g instant yeast\n8 g salt\n20 g psyllium husk powder',
      method: 'Mix to a dough.\nLet it rise.\nBake 50 minutes at 220 °C.',
    });
    const { classId } = formula.parts[0]!;
    const own = {
      timed: [1, 2, 3].map(() => ({ classId, saidMin: 50, tookMin: 60 })),
      risen: [{ of: 'yeast' as const, saidMin: 60, tookMin: 80 }],
    };
    const [usual, here] = [{}, own].map((o) => {
      const list = tasksOf(formula, lookupReference, o);
      return { bake: list.find((t) => t.kind === 'bake')!, rise: list.find((t) => t.kind === 'proof')! };
    });
    expect(usual!.bake.learnt).toBeUndefined();
    expect(here!.bake.learnt).toBe(3);
    expect(here!.bake.minutes[0]).toBeGreaterThan(usual!.bake.minutes[0]);
    expect(here!.bake.minutes[0]).toBeLessThanOrEqual(60);
    expect(here!.rise.learnt).toBe(1);
    expect(here!.rise.minutes[0]).toBeGreaterThan(usual!.rise.minutes[0]);
  });

  it('a rise without a time takes that of the yeast clock, a stated one stays', () => {
    const dough =
      '400 g buckwheat flour\n400 g water\n7 g instant yeast\n8 g salt\n20 g psyllium husk powder';
    const rise = (method: string) => tasks(dough, method).find((t) => t.kind === 'proof')!;
    const clock = rise('Mix to a dough.\nLet it rise.\nBake 50 minutes at 220 °C.');
    expect(clock.basis).toBe('yeast');
    expect(clock.minutes[0]).toBeLessThan(clock.minutes[1]);
    const slow = tasks(dough.replace('7 g instant', '3 g instant'), 'Mix to a dough.\nLet it rise.\nBake 50 minutes at 220 °C.').find((t) => t.kind === 'proof')!; // prettier-ignore
    expect(slow.minutes[0]).toBeGreaterThan(clock.minutes[0]);
    expect(rise('Mix to a dough.\nLet it rise 40 minutes.\nBake 50 minutes at 220 °C.')).toMatchObject({ basis: 'written', minutes: [40, 40] }); // prettier-ignore
  });

  it('a bake without a time takes what the bake model says, with its width; one without a heat too is a guess', () => {
    const loaf = '400 g rice flour\n380 g water\n2 eggs\n7 g instant yeast\n8 g salt\n8 g xanthan gum';
    const bake = (method: string) => tasks(loaf, method).find((t) => t.kind === 'bake')!;
    const hot = bake(
      'Mix.\nProve 40 minutes.\nScrape into a 900 g loaf tin and bake at 220 °C until golden.',
    );
    expect(hot.basis).toBe('model');
    expect(hot.minutes[1] / hot.minutes[0]).toBeGreaterThan(1.5);
    const cool = bake(
      'Mix.\nProve 40 minutes.\nScrape into a 900 g loaf tin and bake at 170 °C until golden.',
    );
    expect(cool.minutes[0]).toBeGreaterThan(hot.minutes[0]);
    expect(bake('Mix.\nProve 40 minutes.\nBake until golden.').basis).toBe('guess');
  });

  it('a tin is lined before it is filled, unless the method does it', () => {
    const list = '200 g rice flour\n200 g water\n2 eggs';
    const silent = tasks(list, 'Mix.\nScrape into a 900 g loaf tin and bake 40 minutes at 180 °C.');
    const line = silent.find((t) => t.kind === 'line')!;
    expect(silent.some((t) => (t.kind === 'fill' || t.kind === 'bake') && t.after.includes(line.id))).toBe(
      true,
    );
    const said = tasks(
      list,
      'Line a 900 g loaf tin.\nMix.\nScrape into the tin and bake 40 minutes at 180 °C.',
    );
    expect(said.some((t) => t.kind === 'line')).toBe(false);
  });

  it('it is lined before the step that fills it, whatever else that step does', () => {
    const list = '200 g rice flour\n200 g water\n2 eggs\n10 g sesame seeds, for the top';
    const all = tasks(
      list,
      'Mix.\nScrape into a 900 g loaf tin, scatter with the seeds, prove 40 minutes.\nBake 40 minutes at 180 °C.',
    );
    const at = (kind: string) => all.findIndex((t) => t.kind === kind);
    expect(at('line')).toBeGreaterThan(-1);
    expect(at('fill')).toBeGreaterThan(at('line'));
    expect(at('proof')).toBeGreaterThan(at('fill'));
  });

  it('a bake whose step says no heat is as hot as the formula', () => {
    const list = 'Oven: 220C\n200 g rice flour\n200 g water';
    for (const method of ['Mix.\nBake 40 minutes.', 'Mix.\nBake 40 minutes at 160 °C.']) {
      const bake = tasks(list, method).find((t) => t.kind === 'bake')!;
      expect(bake.ovenC).toBe(method.includes('160') ? 160 : 220);
    }
  });

  it('says what is written and what is a guess', () => {
    const list = tasks('200 g rice flour\n200 g water', 'Mix.\nRest 45 minutes.\nBake until brown.');
    expect(list.find((t) => t.kind === 'rest')).toMatchObject({ minutes: [45, 45], basis: 'written' });
    expect(list.find((t) => t.kind === 'bake')).toMatchObject({ basis: 'guess' });
  });
});
