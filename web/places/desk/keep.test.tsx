import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { doughLines, massOf } from '../../../core/formula';
import { ingredientName } from '../../words/things';
import { deskFor, show } from '../../testing/render';
import { KeepVersion } from './KeepVersion';

const user = userEvent.setup();
const keepIt = () => screen.getByRole('button', { name: 'Save' });
const said = () => screen.getByRole('status').textContent;

function open() {
  const context = deskFor(0, { exclude: ['egg'] });
  const solution = context.solution!;
  show(
    <KeepVersion
      formulaId="f1"
      doc={context.doc}
      solution={solution}
      sourceChanged={false}
      suggestedName="no egg"
      onClose={() => undefined}
    />,
    context,
  );
  return solution;
}

describe('Save version: how much to make', () => {
  it('says what rounding does, and that tin and time stay when the amount changes', async () => {
    open();
    expect(said()).toMatch(/^Amounts are rounded for a kitchen scale\./);
    expect(said()).not.toMatch(/Heat and time/);
    const make = screen.getByLabelText('Make');
    await user.clear(make);
    await user.type(make, '2');
    expect(said()).toMatch(/2 of the tins\. Oven and time stay/);
  });

  it('asks for another amount where none can be made of this one, and keeps nothing till then', async () => {
    open();
    await user.clear(screen.getByLabelText('Make'));
    expect(said()).toMatch(/Enter an amount/);
    expect(keepIt()).toHaveProperty('disabled', true);
    await user.type(screen.getByLabelText('Make'), '3');
    expect(keepIt()).toHaveProperty('disabled', false);
  });

  it('starts each way of counting at what the formula is', async () => {
    const solution = open();
    const dough = solution.formula.parts.flatMap(doughLines);
    const mass = dough.reduce((s, l) => s + massOf(l), 0);
    const counted = screen.getByLabelText('Counted in');
    await user.selectOptions(counted, 'dough');
    expect(screen.getByLabelText('Make')).toHaveProperty('value', `${Math.round(mass)} g`);
    await user.selectOptions(counted, 'line');
    const of = screen.getByLabelText('Of which');
    const line = dough.find((l) => 'id' in l.item && ingredientName(l.item.id) === 'Sugar') ?? dough[1]!;
    await user.selectOptions(of, line.id);
    expect(screen.getByLabelText('Amount you have')).toHaveProperty('value', `${Math.round(massOf(line))} g`);
    await user.selectOptions(counted, 'pieces');
    expect(screen.getByLabelText('Bake loss')).toHaveProperty('value', '12%');
  });
});
