import fc from 'fast-check';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { MantineProvider } from '@mantine/core';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { makePantry } from '../../../core/pantry';
import { FoundTable, sortIn, sortText } from './FoundTable';
import { entriesOf } from './list';

const pantry = makePantry([]);
const entries = entriesOf(pantry, []);

function Sorted({ first = null }: { first?: ReturnType<typeof sortIn> }) {
  const [sort, setSort] = useState(first);
  return (
    <MantineProvider>
      <MemoryRouter>
        <FoundTable
          entries={entries}
          page={1}
          sort={sort}
          onSort={setSort}
          chosen={new Set()}
          onChoose={() => undefined}
        />
      </MemoryRouter>
    </MantineProvider>
  );
}
const firstRow = (): string =>
  within(screen.getAllByRole('row')[1]!).getByRole('rowheader').textContent ?? '';

describe('what a table is sorted by', () => {
  it('comes back from the address as it was, and is nothing where there is no such column', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('name', 'group', 'water', 'fat', 'protein', 'absorbs'),
        fc.boolean(),
        (id, desc) => {
          expect(sortIn(sortText({ id, desc }))).toEqual({ id, desc });
        },
      ),
    );
    for (const text of [null, '', '-', 'price', '--fat', 'fat-']) expect(sortIn(text)).toBeNull();
  });

  it('puts the most first, then the least, then as it was; what is not known stands at the end of both', async () => {
    render(<Sorted />);
    const asItWas = firstRow();
    const button = screen.getByRole('button', { name: /^fat/ });
    const richest = entries
      .filter((e) => e.ingredient.per100g.fat !== null)
      .reduce((a, b) => (b.ingredient.per100g.fat!.value > a.ingredient.per100g.fat!.value ? b : a));
    await userEvent.click(button);
    expect(firstRow()).toContain(richest.name);
    await userEvent.click(button);
    expect(within(screen.getAllByRole('row')[1]!).getAllByRole('cell')[3]!.textContent).not.toBe('?');
    await userEvent.click(button);
    expect(firstRow()).toBe(asItWas);
  });
});
