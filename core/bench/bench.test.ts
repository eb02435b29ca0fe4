import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { massOf, type Formula } from '../formula';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { adapt, linesSpokenOf, takesOf } from '../rebalance';
import { benchOrder, toleranceOf, type BenchOrder } from './order';
import { asItIs, lateUntil, repairsOf } from './repair';
import { byFeelNow, feelsAbout } from './feel';
import { learnt, recordOf, thirstOf } from './record';
import { standInsFor, swapOf } from './swap';
import { bowlsOf, counted, replay, wantedG, type BenchEvent } from './run';

const ordered = (formula: Formula, written = formula, scaleStepG = 1): BenchOrder =>
  benchOrder({
    formula,
    takes: takesOf(written, formula, lookupReference),
    spoken: linesSpokenOf(written, formula, lookupReference),
    lookup: lookupReference,
    scaleStepG,
  });
const MUFFINS = readFormula({
  title: 'Quay muffins',
  text: '240 g sorghum flour\n60 g tapioca starch\n8 g baking powder\n2 g salt\n120 g sugar, divided\n2 eggs\n180 g milk\n90 g sunflower oil\n80 g walnuts',
  method:
    'Heat the oven to 190 °C and line a 12-hole muffin tin.\nWhisk the flour, starch, baking powder and salt.\nWhisk the eggs with 100 g of the sugar, the milk and the oil.\nStir the wet into the dry.\nFold in the walnuts.\nFill the tin, strew with the rest of the sugar.\nBake 22 min.',
}).formula;
const event = (n: number, e: Record<string, unknown>): BenchEvent =>
  ({ id: `e${n}`, at: 1000 * n, ...e }) as BenchEvent;
const weighedAll = (order: BenchOrder): BenchEvent[] =>
  order.weighings.map((w, i) => event(i, { kind: 'weighed', weighing: w.id, g: w.targetG }));
const line = (id: string): string =>
  MUFFINS.parts[0]!.lines.find((l) => lookupReference(l.item)?.id === id)!.id;

describe('the order at the bench', () => {
  it('goes by the method, small things first in their bowl; what is divided is weighed at each of its steps', () => {
    const { weighings, bowls } = ordered(MUFFINS);
    const ids = weighings.map(
      (w) => lookupReference(MUFFINS.parts[0]!.lines.find((l) => l.id === w.lineId)!.item)!.id,
    );
    expect(ids).toEqual([
      'baking_powder',
      'salt',
      'sorghum_flour',
      'tapioca_starch',
      'egg',
      'sugar',
      'milk',
      'sunflower_oil',
      'walnuts',
      'sugar',
    ]);
    expect(weighings.filter((w) => w.lineId === line('sugar')).map((w) => Math.round(w.targetG))).toEqual([
      100, 20,
    ]);
    // Two bowls, which become one when the wet goes into the dry.
    expect(bowls.slice(0, 2).map((b) => b.from)).toEqual([[], []]);
    expect(bowls[2]!.from).toEqual(['b1', 'b2']);
  });
  const named = (
    formula: Formula,
    written = formula,
  ): { step: string; bowl: string; from: string[]; ids: string[] }[] => {
    const { weighings, bowls } = ordered(formula, written);
    const lines = new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l])));
    return formula.method.flatMap((s) => {
      const own = weighings.filter((w) => w.stepId === s.id);
      const bowl = bowls.find((b) => b.id === own[0]?.bowl);
      const ids = own.map((w) => lookupReference(lines.get(w.lineId)!.item)!.id);
      return bowl
        ? [{ step: s.added?.code ?? s.text.slice(0, 12), bowl: bowl.id, from: bowl.from, ids }]
        : [];
    });
  };
  it('"in another bowl" is another; "the flour" is what was written so; what goes on top stands apart', () => {
    const { formula } = readFormula({
      title: 'Tea loaf',
      text: 'Loaf\n180 g gf plain flour blend\n60 g ground almonds\n2 g salt\n3 eggs\n140 g sugar\n110 g sunflower oil\nCrumb\n50 g gf oat flour\n30 g cold butter\nTo finish\n20 g icing sugar',
      method:
        'Rub the butter into the oat flour.\nWhisk flour, almonds and salt.\nIn another bowl beat the eggs with the sugar until thick, then trickle in the oil.\nFold the dry into the eggs.\nScrape into the tin, scatter over the crumb and bake 55 min.\nDust with icing sugar.',
    });
    expect(named(formula)).toMatchObject([
      { bowl: 'b1', ids: ['butter', 'oat_flour'] },
      { bowl: 'b2', from: [], ids: ['salt', 'gf_blend', 'almond_flour'] },
      { bowl: 'b3', from: [], ids: ['egg', 'sugar', 'sunflower_oil'] },
      {},
    ]);
    const { bowls } = ordered(formula);
    expect(bowls[3]).toMatchObject({ from: ['b2', 'b3'] });
  });
  it('a gel stands in a bowl of its own until what speaks of it takes it up; "together" brings in nothing that stands there', () => {
    const muffins = readFormula(DEMO_FORMULAS.find((d) => /muffins/i.test(d.title))!).formula;
    const { formula } = adapt(
      { formula: muffins, exclude: ['egg', 'dairy'], pins: { kits: { 'p1:egg:dough': 'flax_gel' } } },
      { lookup: lookupReference },
    ).solutions[0]!;
    const [gel, dry, wet, last] = named(formula, muffins);
    expect(gel).toMatchObject({ step: 'step.gel', ids: ['flax_ground', 'water'] });
    expect(dry!.bowl).not.toBe(gel!.bowl);
    expect(dry!.ids).not.toContain('flax_ground');
    expect(wet).toMatchObject({ bowl: gel!.bowl });
    expect(last!.ids).toContain('walnuts');
    expect([...last!.from].sort()).toEqual([gel!.bowl, dry!.bowl].sort());
  });
  it('what is whisked and only then goes to the dry has a bowl; what is brushed on or strewn over goes into none of the dough', () => {
    const crown = readFormula(DEMO_FORMULAS.find((d) => /crown/i.test(d.title))!).formula;
    const [dry, wet, butter, brushed] = named(crown);
    expect(wet!.ids).toEqual(['milk', 'egg']);
    expect(wet!.from).toEqual([]);
    expect(wet!.bowl).not.toBe(dry!.bowl);
    expect(butter).toMatchObject({ ids: ['butter'], from: [dry!.bowl, wet!.bowl] });
    expect(brushed!.from).toEqual([]);
    expect([dry!.bowl, wet!.bowl, butter!.bowl]).not.toContain(brushed!.bowl);
  });
  it('a method of one bowl keeps one', () => {
    const cake = readFormula(DEMO_FORMULAS.find((d) => /pound cake/i.test(d.title))!).formula;
    expect(new Set(named(cake).map((x) => x.bowl)).size).toBe(1);
  });
  it('is tight for what a bake is sensitive to, and asks for a spoon where the scale is too coarse', () => {
    const { weighings } = ordered(MUFFINS, MUFFINS, 5);
    const of = (id: string) => weighings.find((w) => w.lineId === line(id))!;
    expect(of('salt').toleranceG).toBeLessThan(of('walnuts').toleranceG);
    expect(of('salt').bySpoon).toBe(true);
    expect(of('sorghum_flour').bySpoon).toBe(false);
    expect(toleranceOf(500, null)).toBeGreaterThan(toleranceOf(100, null));
  });
  it('every demo formula, as written and without egg and dairy: every weighed gram once, and none that is not there', () => {
    for (const d of DEMO_FORMULAS) {
      const source = readFormula(d).formula;
      const best = adapt(
        { formula: source, exclude: ['egg', 'dairy'], limit: 1 },
        { lookup: lookupReference },
      ).solutions[0];
      for (const f of [source, ...(best ? [best.formula] : [])]) {
        const { weighings } = ordered(f, source);
        const sums = new Map<string, number>();
        for (const w of weighings) sums.set(w.lineId, (sums.get(w.lineId) ?? 0) + w.targetG);
        for (const l of f.parts.flatMap((p) => p.lines)) {
          const g = sums.get(l.id) ?? 0;
          if (!l.role && l.amount.massG) expect(g, `${d.title} ${l.id}`).toBeCloseTo(massOf(l), 6);
          else expect(g).toBeLessThanOrEqual((l.amount.massG ? massOf(l) : 0) + 1e-9);
        }
        expect(new Set(weighings.map((w) => w.id)).size).toBe(weighings.length);
      }
    }
  });
});

describe('a run is what happened', () => {
  const order = ordered(MUFFINS);
  it('the same events give the same bowls; bowls come together when something goes into both', () => {
    const events = weighedAll(order);
    const state = replay(order, events);
    expect(replay(order, [...events])).toEqual(state);
    expect(state.next).toBeNull();
    expect(bowlsOf(order, replay(order, events.slice(0, 6)))).toHaveLength(2);
    expect(bowlsOf(order, replay(order, events.slice(0, -1)))).toHaveLength(1);
    // Sugar that is strewn over in the tin is weighed by itself.
    expect(bowlsOf(order, state)).toHaveLength(2);
  });
  it('taking back takes back, and can be taken back', () => {
    const events = [
      event(1, { kind: 'weighed', weighing: order.weighings[0]!.id, g: 8 }),
      event(2, { kind: 'undone', event: 'e1' }),
    ];
    expect(replay(order, events).put.size).toBe(0);
    const again = [...events, event(3, { kind: 'undone', event: 'e2' })];
    expect(replay(order, again).put.get(order.weighings[0]!.id)).toBe(8);
    expect(counted(again).map((e) => e.id)).toEqual(['e1']);
  });
  it('mass is conserved whatever happens: what is in the bowls is what went in less what was taken out', () => {
    const anyEvent = fc.record({
      kind: fc.constantFrom('weighed', 'tookOut', 'scaled', 'leftOut', 'byFeel'),
      at: fc.nat({ max: order.weighings.length - 1 }),
      g: fc.double({ min: 0, max: 400, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(anyEvent, { maxLength: 40 }), (list) => {
        const inIt = new Map<string, number>();
        let byFeel = 0;
        const events = list.map(({ kind, at, g }, n) => {
          const w = order.weighings[at]!;
          if (kind === 'weighed') inIt.set(w.id, (inIt.get(w.id) ?? 0) + g);
          if (kind === 'tookOut') inIt.set(w.id, Math.max(0, (inIt.get(w.id) ?? 0) - g));
          if (kind === 'byFeel') byFeel += g;
          return event(n, {
            kind,
            weighing: w.id,
            lineId: w.lineId,
            partId: 'p1',
            by: 1 + g / 1000,
            feel: 3,
            g,
          });
        });
        const state = replay(order, events);
        const sum = [...inIt.values()].reduce((s, g) => s + g, 0) + byFeel;
        const inBowlsG = bowlsOf(order, state).reduce((s, b) => s + b.massG, 0);
        expect(inBowlsG).toBeCloseTo(sum, 6);
      }),
    );
  });
});

describe('a slip and what can be done', () => {
  const order = ordered(MUFFINS);
  const upTo = (n: number, off: number): ReturnType<typeof replay> =>
    replay(
      order,
      order.weighings
        .slice(0, n)
        .map((w, i) => event(i, { kind: 'weighed', weighing: w.id, g: w.targetG + (i === n - 1 ? off : 0) })),
    );
  it('within what nobody notices nothing is said; too little is put to it', () => {
    expect(repairsOf(MUFFINS, order, upTo(3, 2), order.weighings[2]!, lookupReference)).toEqual([]);
    const [add] = repairsOf(MUFFINS, order, upTo(3, -30), order.weighings[2]!, lookupReference);
    expect(add).toEqual({ kind: 'add', g: 30 });
  });
  it('too much flour is taken out while it lies on top; too much milk cannot be', () => {
    const flour = repairsOf(MUFFINS, order, upTo(3, 24), order.weighings[2]!, lookupReference);
    expect(flour[0]).toEqual({ kind: 'takeOut', g: expect.closeTo(24, 6) });
    const milkAt = order.weighings.findIndex((w) => w.lineId === line('milk'));
    const milk = repairsOf(MUFFINS, order, upTo(milkAt + 1, 45), order.weighings[milkAt]!, lookupReference);
    expect(milk.map((r) => r.kind)).toEqual(['scale', 'leave']);
    const [scale, leave] = milk as [
      Extract<(typeof milk)[number], { kind: 'scale' }>,
      Extract<(typeof milk)[number], { kind: 'leave' }>,
    ];
    expect(scale.by).toBeCloseTo(1.25, 2);
    // What is in already is topped up, so that the shares are those of the formula again.
    const flourMore = scale.more.find((m) => m.weighing === line('sorghum_flour'))!;
    expect(flourMore.g).toBeCloseTo(60, 0);
    expect(scale.effect.wetness.now!).toBeCloseTo(scale.effect.wetness.was!, 2);
    expect(scale.effect.timeBy!).toBeGreaterThan(1);
    expect(leave.effect.wetness.now!).toBeGreaterThan(leave.effect.wetness.was!);
    expect(leave.effect.massG).toBeLessThan(scale.effect.massG);
  });
  it('scaling the rest keeps every share, and every gram is accounted for', () => {
    const at = order.weighings.findIndex((w) => w.lineId === line('milk'));
    const before = upTo(at + 1, 45);
    const scale = repairsOf(MUFFINS, order, before, order.weighings[at]!, lookupReference).find(
      (r) => r.kind === 'scale',
    )!;
    if (scale.kind !== 'scale') throw new Error('no scale');
    const events = [
      ...before.live,
      event(90, { kind: 'scaled', partId: 'p1', by: scale.by }),
      ...scale.more.map((m, i) => event(91 + i, { kind: 'weighed', weighing: m.weighing, g: m.g })),
    ];
    let state = replay(order, events);
    while (state.next) {
      const w = state.next;
      state = replay(order, [
        ...state.live,
        event(200 + state.live.length, { kind: 'weighed', weighing: w.id, g: wantedG(order, state, w) }),
      ]);
    }
    const now = asItIs(MUFFINS, order, state, lookupReference);
    for (const l of now.parts[0]!.lines) {
      const was = MUFFINS.parts[0]!.lines.find((x) => x.id === l.id)!;
      expect(massOf(l) / massOf(was), l.id).toBeCloseTo(scale.by, 2);
    }
  });
  it('a forgotten thing goes in until what it is in is shaped or baked', () => {
    const stepOf = (id: string | null) => MUFFINS.method.find((s) => s.id === id)?.text ?? '';
    expect(stepOf(lateUntil(MUFFINS, line('salt')))).toContain('Fold in the walnuts');
  });
});

describe('water by feel', () => {
  const order = benchOrder({
    formula: MUFFINS,
    takes: takesOf(MUFFINS, MUFFINS, lookupReference),
    spoken: linesSpokenOf(MUFFINS, MUFFINS, lookupReference),
    lookup: lookupReference,
    scaleStepG: 1,
    keepBack: { lineId: line('milk'), massG: 20 },
  });
  const all = order.weighings.map((w, i) =>
    event(i, { kind: 'weighed', weighing: w.id, g: w.targetG - w.keepBackG }),
  );
  const feel = (n: number, g: number, enough?: true): BenchEvent =>
    event(100 + n, { kind: 'byFeel', lineId: line('milk'), g, feel: 3, ...(enough ? { enough } : {}) });
  const now = (events: BenchEvent[]) => byFeelNow(MUFFINS, order, replay(order, events), lookupReference);

  it('is asked for once all of its part is in, and no longer when it is enough', () => {
    const milk = order.weighings.findIndex((w) => w.lineId === line('milk'));
    expect(now(all.slice(0, milk + 1))).toBeNull();
    expect(now(all)).toMatchObject({ keptG: 20, putG: 0, withG: 160 });
    expect(now([...all, feel(1, 5), feel(2, 5)])).toMatchObject({ putG: 10 });
    expect(now([...all, feel(1, 5), feel(2, 0, true)])).toBeNull();
    expect(feelsAbout('tacky')).toEqual(['sticky', 'tacky', 'rolls', 'cracks']);
    expect(feelsAbout('pours')).toEqual(['pours', 'runs', 'drops', 'frosting']);
  });
  it('is told in the record, with how thirsty the dough was', () => {
    const state = replay(order, [...all, feel(1, 15), feel(2, 15), feel(3, 0, true)]);
    const record = recordOf(MUFFINS, order, state);
    expect(record.feel).toMatchObject({ keptG: 20, putG: 30 });
    expect(record.lines.find((l) => l.lineId === line('milk'))).toMatchObject({
      plannedG: 180,
      wentG: 190,
      off: false,
    });
    expect(thirstOf(state, record, 180)).toBeCloseTo(10 / 180, 9);
    expect(thirstOf(state, record, 1800)).toBeNull();
    const open = replay(order, [...all, feel(1, 15), feel(2, 15)]);
    expect(thirstOf(open, recordOf(MUFFINS, order, open), 180)).toBeNull();
  });
  it('teaches a packet a little with each bake, each once, and never runs off', () => {
    const first = learnt(undefined, 'a', 0.1);
    expect(first).toEqual({ times: expect.closeTo(Math.sqrt(1.1), 3), runs: ['a'] });
    expect(learnt(first, 'a', 0.1)).toEqual(first);
    // A packet of which it was learnt right asks for no more: the next bake leaves it where it is.
    expect(learnt(first, 'b', 0).times).toBeCloseTo(first.times, 3);
    let wild = first;
    for (let k = 0; k < 60; k++) wild = learnt(wild, `r${k}`, 0.9);
    expect(wild.times).toBeLessThanOrEqual(1.5);
  });
});

describe('another thing in its place', () => {
  const order = ordered(MUFFINS);
  const thing = (id: string) => lookupReference({ kind: 'ref', id })!;
  it('says how wet it gets and the water that keeps it as it was, and then keeps it', () => {
    const state = replay(order, []);
    const flour = line('tapioca_starch');
    const swap = swapOf(MUFFINS, order, state, flour, thing('coconut_flour'), lookupReference);
    expect(swap.effect.wetness.now!).toBeLessThan(swap.effect.wetness.was!);
    expect(swap.water).toMatchObject({ lineId: line('milk') });
    expect(swap.water!.g).toBeGreaterThan(50);
    const after = replay(order, [
      event(1, { kind: 'swapped', lineId: flour, ingredientId: 'coconut_flour' }),
      event(2, { kind: 'changed', lineId: line('milk'), g: swap.water!.g }),
    ]);
    const milk = order.weighings.find((w) => w.lineId === line('milk'))!;
    expect(wantedG(order, after, milk)).toBeCloseTo(180 + swap.water!.g, 9);
    const again = swapOf(MUFFINS, order, after, flour, thing('coconut_flour'), lookupReference);
    expect(again.water).toBeNull();
  });
  it('says what it is for what must go: what is known, and what is not', () => {
    const formula: Formula = { ...MUFFINS, avoids: ['milk', 'gluten'] };
    const state = replay(order, []);
    const of = (id: string) =>
      swapOf(formula, order, state, line('sugar'), thing(id), lookupReference).verdict;
    expect(of('milk_powder').finding).toBe('contains');
    expect(of('gf_blend').finding).not.toBe('no_conflict_found');
  });
  it('offers others of its group that break nothing, the likest first', () => {
    const formula: Formula = { ...MUFFINS, avoids: ['gluten', 'wheat', 'corn'] };
    const all = ['wheat_flour', 'maize_flour', 'teff_flour', 'buckwheat_flour', 'coconut_flour', 'sugar'].map(
      thing,
    );
    const ids = standInsFor(formula, thing('sorghum_flour'), all).map((i) => i.id);
    expect(ids).toEqual(expect.arrayContaining(['teff_flour', 'buckwheat_flour']));
    expect(ids).not.toContain('wheat_flour');
    expect(ids).not.toContain('maize_flour');
    expect(ids.indexOf('teff_flour')).toBeLessThan(ids.indexOf('coconut_flour'));
  });
});
