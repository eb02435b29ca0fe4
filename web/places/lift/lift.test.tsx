import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { DEFAULT_KITCHEN } from '../../../contract/dto';
import { DEMO_FORMULAS } from '../../../demo/data/formulas';
import { derivedAmount, mapLines } from '../../../core/formula';
import { lookupReference } from '../../../core/ingredients';
import { PLAN_FAULTS, planFaults, USUAL_PLAN, type LiftPlan } from '../../../core/leavening';
import { readFormula } from '../../../core/reading';
import { answers } from '../../testing/answers';
import { deskFor, show } from '../../testing/render';
import { PLAN_FAULT_WORDS } from '../../words/data/lift';
import { ticksTo } from '../../shared/Chart';
import { liftLines, span } from '../../shared/liftLines';
import { LiftStop } from './LiftStop';

const user = userEvent.setup();
const at = (title: string): number => DEMO_FORMULAS.findIndex((d) => d.title.includes(title));
const MUFFINS = at('muffins');
const LOAF = at('Night-boat');
const region = (name: string) => screen.getByRole('region', { name });
const retype = async (label: string | RegExp, text: string) => {
  const field = screen.getByLabelText(label);
  await user.clear(field);
  await user.type(field, text);
};

describe('Lift of a batter', () => {
  it('weighs acid against soda, shows gas by where it comes from, and other leaveners', () => {
    show(<LiftStop />, deskFor(MUFFINS, { exclude: ['egg'] }));
    expect(within(region('Acid against soda')).getByRole('img').getAttribute('aria-label')).toMatch(
      /\d+% of the soda is neutralised/,
    );
    expect(within(region('Gas')).getByRole('img', { name: /^original: neutralised soda/ })).toBeTruthy();
    expect(
      within(region('Other raising agents')).getByText(/Home-made baking powder, phosphate-free/),
    ).toBeTruthy();
    expect(screen.getByText(/Figures are for sea level/)).toBeTruthy();
  });

  it('soda that meets no acid is said, and mended at a press', async () => {
    const context = deskFor(MUFFINS, { exclude: [] });
    const lines = context.doc.source.parts[0]!.lines.map((l) =>
      'id' in l.item && l.item.id === 'soda'
        ? { ...l, amount: { ...l.amount, massG: { value: 6, basis: 'user' as const } } }
        : l,
    );
    const source = { ...context.doc.source, parts: [{ ...context.doc.source.parts[0]!, lines }] };
    const { doc } = show(<LiftStop />, { ...context, solution: null, doc: { ...context.doc, source } });
    expect(within(region('What may go wrong')).getByText(/Tastes of soda/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Lock soda at/ }));
    const soda = lines.find((l) => 'id' in l.item && l.item.id === 'soda')!.id;
    expect(doc().request.pins?.lines?.[soda]).toBeLessThan(4);
    expect(Object.keys(doc().request.pins!.lines!)).toHaveLength(2);
  });

  it('up high the kitchen’s height speaks', async () => {
    answers.kitchen = { ...DEFAULT_KITCHEN, altitudeM: 1800 };
    show(<LiftStop />, deskFor(MUFFINS, { exclude: [] }));
    expect(await screen.findByRole('heading', { name: 'At 1,800 m' })).toBeTruthy();
    expect(screen.getByText(/less raising agent/)).toBeTruthy();
  });
});

describe('Lift of a yeast dough', () => {
  it('gives the time to the rise, and takes other places and kinds of yeast', async () => {
    const { doc } = show(<LiftStop />, deskFor(LOAF, { exclude: [] }));
    const clock = region('Yeast clock');
    expect(within(clock).getByText(/^About \d h/)).toBeTruthy();
    expect(within(clock).getByText(/Equal to .* fresh yeast/)).toBeTruthy();
    await user.click(within(clock).getByRole('button', { name: '+ fridge' }));
    expect(doc().request.lift?.places).toHaveLength(2);
    await user.click(within(clock).getByRole('button', { name: 'start again' }));
    expect(doc().request.lift?.places).toEqual(USUAL_PLAN.places);
  });

  it('what cannot be is met in words where it is, and nothing typed is lost', async () => {
    const bad: LiftPlan = {
      ...USUAL_PLAN,
      wakeC: 200,
      places: [{ hours: 2, tempC: 60 }],
      feed: { starter: 1, water: 5, flour: 0 },
      needG: -5,
    };
    const { doc } = show(<LiftStop />, deskFor(LOAF, { exclude: [], lift: bad }));
    expect(screen.getByText(PLAN_FAULT_WORDS.wakeKills)).toBeTruthy();
    expect(screen.getByText(PLAN_FAULT_WORDS.placeKills)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Plan a starter for it' }));
    expect(screen.getByText(PLAN_FAULT_WORDS.feedFlour)).toBeTruthy();
    expect(screen.getByText(PLAN_FAULT_WORDS.need)).toBeTruthy();
    await retype('Yeast is activated at', '38');
    expect(doc().request.lift).toMatchObject({ wakeC: 38, needG: -5 });
  });

  it('a hot mixture is reckoned with, and said where it kills', () => {
    show(<LiftStop />, deskFor(LOAF, { exclude: [], lift: { ...USUAL_PLAN, hotG: 700, hotC: 85 } }));
    expect(screen.getByText(/will be about \d+ °C: that kills the yeast/)).toBeTruthy();
    cleanup();
    show(<LiftStop />, deskFor(LOAF, { exclude: [], lift: { ...USUAL_PLAN, hotG: 100, hotC: 50 } }));
    expect(screen.getByText(/fine for the yeast/)).toBeTruthy();
    cleanup();
    show(<LiftStop />, deskFor(LOAF, { exclude: [], lift: { ...USUAL_PLAN, hotG: -5, hotC: 300 } }));
    expect(screen.getByText(PLAN_FAULT_WORDS.hot)).toBeTruthy();
    expect(screen.getByText(PLAN_FAULT_WORDS.hotAmount)).toBeTruthy();
  });

  it('readings of the height are noted one by one; one that cannot be is refused with the reason', async () => {
    const { doc } = show(<LiftStop />, deskFor(LOAF, { exclude: [] }));
    const note = async (min: string, mm: string) => {
      await retype('After', min);
      await user.type(screen.getByLabelText('Height'), mm);
      await user.click(screen.getByRole('button', { name: 'Add reading' }));
    };
    await note('0', '60');
    expect(doc().request.lift?.readings).toEqual([{ min: 0, heightMm: 60 }]);
    cleanup();
    const readings = [0, 20, 40, 60].map((min, k) => ({ min, heightMm: [60, 66, 78, 92][k]! }));
    const later = show(<LiftStop />, deskFor(LOAF, { exclude: [], lift: { ...USUAL_PLAN, readings } }));
    expect(within(region('Rise gauge')).getByText(/Grown by 53%\. Rising\. About/)).toBeTruthy();
    await retype('After', '30');
    await user.type(screen.getByLabelText('Height'), '95');
    expect(screen.getByText('Enter a time after the last reading.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Remove the reading at 20 min' }));
    expect(later.doc().request.lift?.readings).toHaveLength(3);
    await user.click(screen.getByRole('button', { name: /begin a second proof/ }));
    expect(later.doc().request.lift?.readings).toEqual([]);
  });

  it('a starter in place of the yeast takes its flour and water from the dough', async () => {
    const { doc } = show(<LiftStop />, deskFor(LOAF, { exclude: [] }));
    await user.click(screen.getByRole('button', { name: 'Plan a starter for it' }));
    expect(within(region('Starter')).getByText(/at its peak in about/)).toBeTruthy();
    expect(within(region('Starter')).getByText('In place of the yeast')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Build that much' }));
    expect(doc().request.lift!.needG).toBeGreaterThan(100);
  });
});

describe('words and ticks', () => {
  it('every fault of a plan has words, and a usual plan has none', () => {
    expect(Object.keys(PLAN_FAULT_WORDS).sort()).toEqual([...PLAN_FAULTS].sort());
    expect(planFaults(USUAL_PLAN)).toEqual([]);
    expect(planFaults({ ...USUAL_PLAN, rise: 9, wantC: 90, feedC: 60 })).toEqual([
      'rise',
      'wantHot',
      'feedHot',
    ]);
  });

  it('stretches of time are said to five minutes; ticks are round', () => {
    expect([span(12), span(60), span(143)]).toEqual(['10 min', '1 h', '2 h 25 min']);
    expect(ticksTo(190, [5, 30, 60, 120])).toEqual([0, 30, 60, 90, 120, 150, 180]);
    expect(ticksTo(5000, [5, 60])).toHaveLength(84);
  });

  it('the card says how long the rise takes, and where soda meets no acid', () => {
    const { formula } = readFormula(DEMO_FORMULAS[LOAF]!);
    // A stated rise is a fact; what the baker plans goes before it.
    expect(liftLines(formula, { exclude: [] }, lookupReference, DEFAULT_KITCHEN)).toEqual([
      'rise 50 min at 28 °C, original',
    ]);
    expect(liftLines(formula, { exclude: [], lift: USUAL_PLAN }, lookupReference, DEFAULT_KITCHEN)).toEqual([
      expect.stringMatching(/^rise by 90% at 22 °C: about \d h/),
    ]);
    // Twice the sugar slows the yeast: by so much later than was written.
    const sweet = mapLines(formula, (l) =>
      l.item.kind === 'ref' && l.item.id === 'honey' ? { ...l, amount: derivedAmount(200) } : l,
    );
    expect(liftLines(sweet, { exclude: [] }, lookupReference, DEFAULT_KITCHEN, formula)[0]).toMatch(
      /^rise (?:5[5-9]|[6-9]\d|1\d\d) min.* at 28 °C: original 50 min, by the change|^rise \d h.* by the change/,
    );
    const muffins = readFormula(DEMO_FORMULAS[MUFFINS]!).formula;
    expect(liftLines(muffins, { exclude: [] }, lookupReference, DEFAULT_KITCHEN)).toEqual([]);
  });
});
