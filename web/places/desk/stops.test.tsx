import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { answers } from '../../testing/answers';
import { deskFor, show } from '../../testing/render';
import { BalanceStop } from './BalanceStop';
import { ReadStop } from './ReadStop';
import { SwapStop } from './SwapStop';

const user = userEvent.setup();
const PINNED = {
  'p1:egg:dough': 'chia_gel',
  'p1:cultured:dough': 'soy_lemon',
  'p1:butter:release': 'paper_lining',
};

describe('Swap', () => {
  it('shows what leaves with its jobs, the ways to cover it, and whole solutions', () => {
    show(<SwapStop />, deskFor(0, { exclude: ['egg', 'dairy'] }));
    expect(screen.getByRole('heading', { name: 'Eggs' })).toBeTruthy();
    const jobs = screen.getByRole('list', { name: 'What eggs did here' });
    expect(within(jobs).getAllByRole('listitem').length).toBeGreaterThan(3);
    expect(
      within(screen.getByRole('region', { name: 'Complete options' })).getAllByRole('button', {
        pressed: false,
      }).length,
    ).toBe(2);
    expect(screen.getByRole('radiogroup', { name: 'In place of eggs' })).toBeTruthy();
    expect(screen.getAllByText(/brings in soy/).length).toBeGreaterThan(0);
    // What is to be checked is named; the general caution stands on the card alone.
    expect(screen.getAllByText(/Check packets for/).length).toBeGreaterThan(0);
    expect(screen.queryByText(/local food law/)).toBeNull();
  });

  it('a choice moves only itself; the other choices are held as they stand', async () => {
    const context = deskFor(0, { exclude: ['egg', 'dairy'] });
    const { doc } = show(<SwapStop />, context);
    const eggs = screen.getByRole('radiogroup', { name: 'In place of eggs' });
    const other = within(eggs)
      .getAllByRole('radio')
      .find((r) => !(r as HTMLInputElement).checked) as HTMLInputElement;
    await user.click(other);
    expect(doc().request.pins?.kits).toEqual({ ...context.solution!.kits, 'p1:egg:dough': other.value });
  });

  it('whole solutions can be taken', async () => {
    const context = deskFor(2, { exclude: ['dairy'] });
    const { doc } = show(<SwapStop />, context);
    await user.click(
      within(screen.getByRole('region', { name: 'Complete options' })).getAllByRole('button')[1]!,
    );
    expect(doc().request.pins?.kits).toEqual(context.whole[1]!.kits);
  });

  it('what has to go is pressed, and the stricter reading of oil is there only with oil', async () => {
    const { doc } = show(<SwapStop />, deskFor(3, { exclude: [] }));
    expect(screen.getByText('Nothing has to go')).toBeTruthy();
    expect(screen.queryByText(/Also leave out fatty foods/)).toBeNull();
    await user.click(screen.getByRole('checkbox', { name: 'Leave out dairy' }));
    expect(doc().request.exclude).toEqual(['dairy']);
    cleanup();
    const strict = show(<SwapStop />, deskFor(3, { exclude: ['oil', 'dairy'] }));
    await user.click(screen.getByRole('checkbox', { name: /Also leave out fatty foods/ }));
    expect(strict.doc().request.oil).toBe('all_fat');
  });

  it('more replacements are one press away', async () => {
    show(<SwapStop />, deskFor(0, { exclude: ['egg'] }));
    const before = screen.getAllByRole('radio').length;
    await user.click(screen.getByRole('button', { name: /more replacements for this/ }));
    expect(screen.getAllByRole('radio').length).toBeGreaterThan(before);
    expect(screen.getByRole('button', { name: 'Show fewer' })).toBeTruthy();
  });
});

describe('Balance', () => {
  it('mirrors every property, and each opens into its sum and sources', async () => {
    show(<BalanceStop />, deskFor(0, { exclude: ['egg', 'dairy', 'nuts', 'oil'] }));
    const fat = screen.getByRole('button', { name: /^fat: original 16\d g, adapted \d+ g/ });
    await user.click(fat);
    expect(screen.getByRole('heading', { name: 'Fat' })).toBeTruthy();
    expect(screen.getByText(/pumpkin seeds × 0.49/)).toBeTruthy();
    expect(screen.getByText(/USDA FoodData Central, figures not checked against it/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^effective hydration/ }));
    expect(screen.getByText(/effective hydration = free water ÷ water absorption/)).toBeTruthy();
  });

  it('every line has its grams, its share on flour and a reason', () => {
    const context = deskFor(0, { exclude: ['egg', 'dairy'], pins: { kits: PINNED } });
    show(<BalanceStop />, context);
    const rows = within(screen.getByRole('region', { name: 'Lines' }))
      .getAllByRole('row')
      .slice(1);
    expect(rows).toHaveLength(context.solution!.moves.length);
    expect(within(rows[0]!).getByText('as it was')).toBeTruthy();
    expect(screen.getByText('Ground chia')).toBeTruthy();
    expect(rows.some((r) => r.textContent?.includes('out: milk'))).toBe(true);
  });

  it('an amount is held, changed and let go; wetness and mass are locked', async () => {
    const { doc } = show(
      <BalanceStop />,
      deskFor(0, { exclude: ['egg'], pins: { lines: { 'p1:egg:dough/flax_gel/flax_ground': 15 } } }),
    );
    const field = screen.getByLabelText('Grams of ground flaxseed, locked');
    expect((field as HTMLInputElement).value).toBe('15 g');
    await user.click(screen.getByRole('button', { name: 'Unlock ground flaxseed' }));
    expect(doc().request.pins).toEqual({});
    await user.click(screen.getByRole('button', { name: /^Lock sorghum flour at 150 g/ }));
    expect(doc().request.pins?.lines).toEqual({ l1: 150 });
    await user.click(screen.getByRole('switch', { name: 'Lock hydration to the original' }));
    await user.selectOptions(screen.getByLabelText('Total weight'), 'held');
    expect(doc().request.pins).toMatchObject({ lockWetness: true, lockMass: true });
    await user.selectOptions(screen.getByLabelText('Total weight'), 'free');
    expect(doc().request.pins?.freeMass).toBe(true);
    expect(doc().request.pins?.lockMass).toBeUndefined();
  });

  it('locks that contradict each other are said, and can be let go of', async () => {
    const kits = { 'p1:nut_pieces:dough': 'pumpkin_pieces' };
    const lines = { 'p1:nut_pieces:dough/pumpkin_pieces/pumpkin_seeds': 10, 'p1:water': 0 };
    const context = deskFor(0, {
      exclude: ['nuts'],
      pins: { kits, lines, lockMass: true, lockWetness: true },
    });
    expect(context.solution).toBeNull();
    const { doc } = show(<BalanceStop />, context);
    expect(screen.getByText(/These locks conflict/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Unlock all' }));
    expect(doc().request.pins).toEqual({ kits });
  });
});

describe('Compare', () => {
  it('up to three whole solutions stand beside the source, and one is taken', async () => {
    const context = deskFor(0, { exclude: ['egg', 'dairy', 'oil'] });
    const { doc } = show(<SwapStop />, context);
    expect(context.whole.length).toBeGreaterThan(3);
    await user.click(screen.getByRole('button', { name: /more complete option/ }));
    const boxes = screen.getAllByRole('checkbox', { name: /^Compare: (?!\d)/ });
    for (const b of boxes.slice(0, 3)) await user.click(b);
    expect((boxes[3] as HTMLInputElement).disabled).toBe(true);
    await user.click(screen.getByRole('button', { name: 'Compare: 3' }));
    const table = await screen.findByRole('region', { name: 'Complete options compared' });
    expect(within(table).getAllByRole('columnheader')).toHaveLength(4);
    expect(within(table).getByRole('rowheader', { name: 'fat' })).toBeTruthy();
    const eggs = within(table).getByRole('row', { name: /^Eggs / });
    expect(within(eggs).getAllByLabelText('none')).toHaveLength(3);
    await user.click(within(table).getAllByRole('button', { name: 'Use this one' })[0]!);
    expect(doc().request.pins?.kits).toEqual(context.whole[1]!.kits);
  });
});

describe('House style at Swap', () => {
  it('is said, and can be other for this formula', async () => {
    const { doc } = show(<SwapStop />, deskFor(0, { exclude: ['egg'], style: { grain: 'whole' } }));
    expect(screen.getByText(/by your choice: wholegrain/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Change order' }));
    await user.click(await screen.findByRole('checkbox', { name: 'light crumb' }));
    expect(doc().request.style).toEqual({ grain: 'light' });
    await user.click(screen.getByRole('button', { name: 'As in Kitchen' }));
    expect(doc().request.style).toBeUndefined();
  });

  it('a wish that is not met is said on the solution', () => {
    show(<SwapStop />, deskFor(0, { exclude: ['egg', 'dairy', 'oil'], style: { onlyFrom: [] } as never }));
    expect(screen.getAllByText(/Not in your pantry: /).length).toBeGreaterThan(0);
  });
});

describe('A way of one’s own', () => {
  it('is written with its doses; what is wrong is said where it is', async () => {
    show(<SwapStop />, deskFor(0, { exclude: ['egg'] }));
    await user.click(screen.getByRole('button', { name: 'My own replacement for eggs' }));
    const form = await screen.findByRole('dialog');
    await user.type(within(form).getByRole('textbox', { name: 'Name' }), 'Beet mash');
    await user.type(within(form).getByLabelText('at least'), '40');
    await user.type(within(form).getByLabelText('usual'), '30');
    await user.type(within(form).getByLabelText('at most'), '60');
    await user.click(within(form).getByRole('button', { name: 'Save and try it' }));
    expect(within(form).getByText('Choose what it is.')).toBeTruthy();
    expect(answers.calls).toEqual([]);
    await user.click(within(form).getByRole('combobox', { name: 'Ingredient' }));
    await user.keyboard('beetroot');
    await user.click((await screen.findAllByRole('option', { name: /beetroot/i }))[0]!);
    await user.click(within(form).getByRole('button', { name: 'Save and try it' }));
    expect(within(form).getByText(/in rising order/)).toBeTruthy();
    await user.clear(within(form).getByLabelText('usual'));
    await user.type(within(form).getByLabelText('usual'), '50');
    await user.click(within(form).getByRole('button', { name: 'Save and try it' }));
    expect(answers.calls.at(-1)).toMatchObject({
      method: 'POST',
      path: '/ways',
      body: { name: 'Beet mash', groups: ['egg'], items: [{ lo: 40, usual: 50, hi: 60, per: 'egg' }] },
    });
  });
});

describe('Method', () => {
  it('a change stands, is removed, or is said in own words; undone as it came', async () => {
    const context = deskFor(0, { exclude: ['egg'] });
    const { doc } = show(<BalanceStop />, context);
    const method = screen.getByRole('region', { name: 'Method' });
    const added = context.solution!.formula.method.find((s) => s.added)!;
    await user.click(within(method).getByRole('button', { name: /^Remove: Make the gel/ }));
    expect(doc().request.steps).toEqual({ [added.id]: { off: true } });
    await user.click(within(method).getAllByRole('button', { name: /^Edit: / })[0]!);
    const field = within(method).getByRole('textbox', { name: 'The step in your own words' });
    await user.clear(field);
    await user.type(field, 'Oven on.');
    await user.click(within(method).getByRole('button', { name: 'Save' }));
    expect(Object.values(doc().request.steps!)).toContainEqual({ own: 'Oven on.' });
  });
});

describe('A property held', () => {
  it('is held at what it is, changed, and let go', async () => {
    const { doc } = show(<BalanceStop />, deskFor(0, { exclude: ['egg'] }));
    await user.click(screen.getByRole('button', { name: /^fat: original/ }));
    await user.click(screen.getByRole('button', { name: /^Lock fat at/ }));
    expect(doc().request.pins?.props?.p1?.fat).toBeGreaterThan(50);
    cleanup();
    const held = show(
      <BalanceStop />,
      deskFor(0, { exclude: ['egg'], pins: { props: { p1: { fat: 170 } } } }),
    );
    await user.click(screen.getByRole('button', { name: /^fat: original/ }));
    await user.click(screen.getByRole('button', { name: 'Unlock' }));
    expect(held.doc().request.pins).toEqual({});
  });
});

describe('Read', () => {
  it('shows each line in grams with how it was read, and corrects one in place', async () => {
    const { doc } = show(<ReadStop />, deskFor(0, { exclude: [] }));
    expect(screen.getByText('2 at 60 g each')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Correct 2 large eggs' }));
    const field = screen.getByLabelText('Grams');
    await user.clear(field);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(doc().source.parts[0]!.lines.find((l) => l.id === 'l5')!.amount.massG!.value).toBe(120);
    cleanup();
    const again = show(<ReadStop />, deskFor(0, { exclude: [] }));
    await user.click(screen.getByRole('button', { name: 'Correct 2 large eggs' }));
    await user.clear(screen.getByLabelText('Grams'));
    await user.type(screen.getByLabelText('Grams'), '112');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(again.doc().source.parts[0]!.lines.find((l) => l.id === 'l5')!.amount).toMatchObject({
      massG: { value: 112, basis: 'user' },
      written: '2 large eggs',
    });
  });
});
