import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { makeWorker, type WorkName } from '../../../contract/work';
import { show } from '../../testing/render';
import { FromElsewhere } from './FromElsewhere';
import type { Found } from './found';

// There is no worker here: the same work, in place.
vi.mock('../../workers/compute', () => ({
  compute: (name: WorkName, input: unknown) => {
    const done = makeWorker().run({ id: 1, name, input });
    return 'output' in done ? Promise.resolve(done.output) : Promise.reject(new Error('failed'));
  },
}));

function draw(text: string) {
  const taken: Found[] = [];
  const { container } = show(<FromElsewhere text={text} onTake={(f) => taken.push(f)} />);
  const input = container.querySelector<HTMLInputElement>('input[type=file]')!;
  const give = (name: string, content: string, type = 'text/plain') =>
    userEvent.upload(input, new File([content], name, { type }), { applyAccept: false });
  return { taken, give };
}

describe('formulas from elsewhere', () => {
  it('a plain list is left to be read as it stands', () => {
    draw('250 g rice flour\n120 g milk');
    expect(screen.queryByRole('note')).toBeNull();
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('several in one text are offered one by one and all at once', async () => {
    const { taken } = draw('# A\n10 g salt\n20 g oats\n# B\n1 egg\n2 cups milk');
    expect(await screen.findByText('This text holds 2 formulas.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Add all 2 formulas' })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Use “B”' }));
    expect(taken).toMatchObject([{ title: 'B', text: '1 egg\n2 cups milk' }]);
  });

  it('a page’s source that is cut off is refused with the reason', async () => {
    draw('<script type="application/ld+json">{"@type": "Recipe", "name": "x</script>');
    expect((await screen.findByRole('alert')).textContent).toMatch(/cut off or damaged/);
  });

  it('a table says what it cannot hold, and one without names or amounts what is missing', async () => {
    const { taken, give } = draw('');
    await give('Oat bars.csv', 'ingredient,grams,colour\noats,200,grey\n', 'text/csv');
    expect(await screen.findByText(/holds no method, oven or tin/)).toBeTruthy();
    expect(screen.getByText(/Not taken in: colour/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Use “Oat bars”' }));
    expect(taken).toMatchObject([{ title: 'Oat bars', text: '200 g oats' }]);
    await give('bad.csv', 'colour,grams\ngrey,3\n', 'text/csv');
    expect((await screen.findByRole('alert')).textContent).toMatch(/"ingredient" or "name"/);
  });

  it('a plain file is offered whole', async () => {
    const { taken, give } = draw('');
    await give('note.txt', '250 g rice flour\n120 g milk');
    await userEvent.click(await screen.findByRole('button', { name: 'Use it' }));
    expect(taken).toMatchObject([{ text: '250 g rice flour\n120 g milk' }]);
  });
});
