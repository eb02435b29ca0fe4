import { MantineProvider } from '@mantine/core';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../../demo/data/formulas';
import { BAKE_FAULTS, plainPhase, REASONS, SCHOOLS } from '../../../core/bake';
import type { BakePhase } from '../../../core/formula';
import { DONE_SIGNS } from '../../../core/classes';
import { deskFor, show } from '../../testing/render';
import { BAKE_FAULT_WORDS, REASON_WORDS, SIGN_WORDS } from '../../words/data/bake';
import { setHeatScale } from '../../words/heat';
import { BakeStop } from './BakeStop';
import { Band } from './Band';

afterEach(() => setHeatScale('c'));
const user = userEvent.setup();
const LOAF = DEMO_FORMULAS.findIndex((d) => d.title.includes('Night-boat'));
const GRIDDLE = DEMO_FORMULAS.findIndex((d) => d.title.includes('griddle'));

describe('Bake', () => {
  it('draws the tin cut through, and says how one knows that it is done, with the weight out of the oven', () => {
    show(<BakeStop />, deskFor(LOAF, { exclude: ['egg'] }));
    expect(
      screen.getByRole('img', { name: /cm wide at the rim, .* cm high; the dough is .* cm deep/ }),
    ).toBeTruthy();
    const signs = screen.getByRole('region', { name: 'How you know it is done' });
    expect(within(signs).getByText(/96 to 99 °C/)).toBeTruthy();
    expect(within(signs).getByText(/of dough weigh .* out of the oven/)).toBeTruthy();
    expect(within(signs).getByText(/Cool 2 h to 3 h before cutting/)).toBeTruthy();
  });

  it('oven, fan, tin, dough and lid are changed and kept; a tin without a size is asked for one', async () => {
    const { doc } = show(<BakeStop />, deskFor(LOAF, { exclude: [] }));
    const oven = screen.getByLabelText('Oven');
    await user.clear(oven);
    await user.type(oven, '180');
    await user.click(screen.getByRole('switch', { name: 'Fan' }));
    await user.selectOptions(screen.getByLabelText('Made of'), 'glass');
    expect(doc().request.bake).toMatchObject({ metal: 'glass' });
    const tin = screen.getByLabelText('Tin');
    await user.clear(tin);
    await user.type(tin, 'a tin');
    expect(screen.getByText(/Enter it with its size/)).toBeTruthy();
    await user.clear(tin);
    await user.type(tin, '23 cm round tin');
    expect(doc().request.bake?.tin).toMatchObject({ shape: 'round', written: '23 cm round tin' });
  });

  it('in a kitchen of °F heat is shown and asked for in it, and kept in °C', async () => {
    setHeatScale('f');
    const { doc } = show(<BakeStop />, deskFor(LOAF, { exclude: ['egg'] }));
    expect(screen.getByText(/the core temperature is 205 to 210 °F/)).toBeTruthy();
    expect(screen.getByText(/Ovens differ by 36 °F/)).toBeTruthy();
    const oven = screen.getByLabelText<HTMLInputElement>('Oven');
    expect(oven.value).toMatch(/^\d{3} °F$/);
    await user.clear(oven);
    await user.type(oven, '350');
    expect(doc().request.bake!.phases![0]!.ovenC).toBeCloseTo(176.7, 5);
    expect(oven.value).toBe('350 °F');
    expect(document.body.textContent).not.toMatch(/\d °C/);
  });

  it('where no oven is stated it says so, and one can be begun with', async () => {
    const { doc } = show(<BakeStop />, deskFor(GRIDDLE, { exclude: [] }));
    expect(screen.getByText('No oven stated')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Start with 180 °C' }));
    expect(doc().request.bake).toEqual({ phases: [plainPhase(180)] });
    cleanup();
    show(<BakeStop />, deskFor(GRIDDLE, { exclude: [], bake: { phases: [plainPhase(180)] } }));
    expect(screen.getByLabelText('Oven')).toBeTruthy();
  });

  it('the two schools are a press away for a loaf, and what keeps and what is minded is said', async () => {
    const { doc } = show(<BakeStop />, deskFor(LOAF, { exclude: [], bake: { startC: -18 } }));
    expect(screen.getByText(/From frozen: hot for 15 to 20 min/)).toBeTruthy();
    expect(screen.getByText(/never in the fridge/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Hot and covered' }));
    expect(doc().request.bake).toEqual({ startC: -18, phases: SCHOOLS.hot });
  });

  it('a stretch is added, and takes of the one before', async () => {
    const { doc } = show(<BakeStop />, deskFor(LOAF, { exclude: [] }));
    await user.click(screen.getByRole('button', { name: 'Add a stage' }));
    expect(doc().request.bake!.phases).toEqual([{ ...plainPhase(200), min: 15 }, plainPhase(200)]);
  });

  it.each<[string, () => Promise<void>, Partial<BakePhase>[]]>([
    [
      'covered',
      () => user.selectOptions(screen.getByLabelText('Cover of stage 1'), 'lid'),
      [{ min: 30, cover: 'lid' }, { cover: 'none' }],
    ],
    [
      'grilled',
      () => user.selectOptions(screen.getByLabelText('Heat of stage 2'), 'grill'),
      [{ heat: 'even' }, { heat: 'grill' }],
    ],
    [
      'steamed',
      () => user.click(screen.getByRole('switch', { name: 'Steam of stage 1' })),
      [{ steam: true }, { steam: false }],
    ],
    ['removed', () => user.click(screen.getByRole('button', { name: 'Remove stage 1' })), [{ ovenC: 210 }]],
  ])('a stretch is %s, and the others stay', async (_how, act, want) => {
    const phases = [{ ...plainPhase(230), min: 30 }, plainPhase(210)];
    const { doc } = show(<BakeStop />, deskFor(LOAF, { exclude: [], bake: { phases } }));
    await act();
    const now = doc().request.bake!.phases!;
    expect(now).toHaveLength(want.length);
    want.forEach((w, i) => expect(now[i]).toMatchObject(w));
  });

  it('the band moves the end of a stretch; the next one takes what it gives', () => {
    const three = [{ ...plainPhase(230), min: 20 }, { ...plainPhase(210), min: 10 }, plainPhase(190)];
    const moved: number[][] = [];
    render(
      <MantineProvider>
        <Band phases={three} end={60} onPhases={(next) => moved.push(next.map((p) => p.min))} />
      </MantineProvider>,
    );
    const first = screen.getByRole('slider', { name: /End of stage 1/ });
    expect(first.getAttribute('aria-valuetext')).toBe('20 min');
    fireEvent.keyDown(first, { key: 'ArrowRight' });
    fireEvent.keyDown(first, { key: 'PageDown' });
    fireEvent.keyDown(screen.getByRole('slider', { name: /End of stage 2/ }), { key: 'PageUp' });
    fireEvent.keyDown(first, { key: 'a' });
    expect(moved).toEqual([
      [21, 9, 0],
      [15, 15, 0],
      [20, 15, 0],
    ]);
  });

  it('every fault, reason and sign has words', () => {
    for (const f of BAKE_FAULTS) expect(BAKE_FAULT_WORDS[f].length).toBeGreaterThan(10);
    for (const r of REASONS) expect(REASON_WORDS[r]).toBeTruthy();
    for (const s of DONE_SIGNS) expect(s === 'none' || SIGN_WORDS[s].length > 3).toBe(true);
  });
});
