import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { DEFAULT_KITCHEN } from '../../contract/dto';
import { DEMO_WAYS } from '../../demo/data/pantry';
import { answers } from '../testing/answers';
import { show } from '../testing/render';
import { missWords, wishesIn } from '../words/styleWords';
import { KitchenPage } from '../places/kitchen/KitchenPage';
import { turned } from './StyleFields';

const user = userEvent.setup();

describe('wishes of the house', () => {
  it('turn over one by one; wholegrain and light shut each other out', () => {
    expect(turned({}, 'whole')).toEqual({ grain: 'whole' });
    expect(turned({ grain: 'whole', fewest: true }, 'light')).toEqual({ grain: 'light', fewest: true });
    expect(turned({ grain: 'light', fewest: true }, 'fewest')).toEqual({ grain: 'light' });
    expect(turned({ pantryOnly: true }, 'pantryOnly')).toEqual({});
    expect(wishesIn({ gumFree: true, grain: 'light', pantryOnly: true })).toEqual([
      'no added gum',
      'light crumb',
      'from my pantry',
    ]);
  });

  it('what is not met is said by what misses it', () => {
    expect(missWords({ rule: 'onlyFrom', ids: ['flax_ground', 'tahini'] })).toBe(
      'Not in your pantry: ground flaxseed and tahini.',
    );
    expect(missWords({ rule: 'light', ids: ['flax_gel'] })).toBe('Not light: ground flaxseed gel.');
  });

  it('are kept by the kitchen', async () => {
    show(<KitchenPage />);
    await user.click(await screen.findByRole('checkbox', { name: 'fewest to buy' }));
    expect(answers.calls.at(-1)).toMatchObject({
      path: '/kitchen',
      body: { rev: 1, doc: { ...DEFAULT_KITCHEN, style: { fewest: true } } },
    });
  });

  it('ways of one’s own are listed with their doses, changed and taken off', async () => {
    answers.ways = [{ rev: 1, ...DEMO_WAYS[0]!, id: 'w1' }];
    show(<KitchenPage />);
    expect(await screen.findByText(/28 to 45 g squash purée for an egg/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: `Change ${DEMO_WAYS[0]!.name}` }));
    const name = await screen.findByRole('textbox', { name: 'Name' });
    await user.clear(name);
    await user.type(name, 'House eggs');
    await user.click(screen.getByRole('button', { name: 'Save changes' }));
    expect(answers.calls.at(-1)).toMatchObject({
      method: 'PUT',
      path: '/ways/w1',
      body: { rev: 1, doc: { name: 'House eggs' } },
    });
    await user.click(screen.getByRole('button', { name: `Remove ${DEMO_WAYS[0]!.name}` }));
    expect(answers.calls.at(-1)).toMatchObject({ method: 'DELETE', path: '/ways/w1' });
  });
});
