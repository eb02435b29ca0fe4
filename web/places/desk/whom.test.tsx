import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { REFERENCE_PANTRY } from '../../../core/pantry';
import { readFormula } from '../../../core/reading';
import { DEMO_EATERS } from '../../../demo/data/pantry';
import { DEMO_FORMULAS } from '../../../demo/data/formulas';
import { answers } from '../../testing/answers';
import { deskFor, show } from '../../testing/render';
import { correctionOf } from '../../shared/read/correct';
import { LeaveOut } from './LeaveOut';
import { WhoEats } from '../../shared/WhoEats';

const user = userEvent.setup();
const eaters = DEMO_EATERS.map((e, i) => ({ ...e, rev: 1, id: `e${i}` }));
const { formula } = readFormula(DEMO_FORMULAS[0]!);

describe('what has to go, and for whom', () => {
  it('an eater asks for all they avoid at once, traces too', async () => {
    answers.eaters = eaters;
    const { doc } = show(<LeaveOut />, deskFor(0, { exclude: [] }));
    await user.click(screen.getByRole('button', { name: 'For whom' }));
    await user.click(await screen.findByRole('checkbox', { name: 'School choir' }));
    expect(doc().request).toMatchObject({
      exclude: ['nuts', 'sesame'],
      eaters: ['e2'],
      strict: ['gluten', 'tree_nut', 'peanut', 'sesame'],
    });
  });

  it('sets, single things and words of one’s own are behind "more"', async () => {
    const { doc } = show(<LeaveOut />, deskFor(0, { exclude: ['egg'] }));
    await user.click(screen.getByRole('button', { name: 'more' }));
    await user.click(await screen.findByRole('button', { name: 'every nut, coconut too' }));
    expect(doc().request.exclude).toEqual(['egg', 'nuts', 'pine_nuts', 'chestnut', 'coconut']);
  });

  it('traces matter for whatever is left out', async () => {
    const { doc } = show(<LeaveOut />, deskFor(0, { exclude: ['egg', 'nuts'] }));
    await user.click(screen.getByRole('checkbox', { name: /Also avoid “may contain”/ }));
    expect(doc().request.strict).toEqual(['gluten', 'egg', 'tree_nut', 'peanut']);
  });

  it('says for each eater the worst line and which it is', async () => {
    answers.eaters = eaters;
    show(<WhoEats formula={formula} lookup={REFERENCE_PANTRY.lookup} />, deskFor(0, { exclude: [] }));
    const clerk = (await screen.findByText('The ticket clerk')).closest('li')!;
    expect(clerk.textContent).toContain('not suitable');
    expect(clerk.textContent).toContain('buttermilk and butter (milk)');
  });
});

describe('a line said to be another thing', () => {
  const { byId } = REFERENCE_PANTRY;
  const us = { cup: 'us', spoon: 'us' } as const;
  const source = readFormula({ text: '1 cup moonbeam flour\n150 g moonbeam flour' }).formula;

  it('is weighed as that thing where it was measured, and keeps its grams where it was weighed', () => {
    expect(correctionOf(source, 'l1', { ingredientId: 'sorghum_flour' }, byId, us)).toMatchObject({
      item: { kind: 'ref', id: 'sorghum_flour' },
      amount: { massG: { value: expect.closeTo(127, 0) as number }, written: '1 cup moonbeam flour' },
    });
    expect(correctionOf(source, 'l2', { ingredientId: 'sorghum_flour' }, byId, us).amount!.massG!.value).toBe(
      150,
    );
    expect(correctionOf(source, 'l1', { massG: 99 }, byId, us)).toEqual({ lineId: 'l1', massG: 99 });
  });
});
