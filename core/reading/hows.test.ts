import { describe, expect, it } from 'vitest';
import { bindStrength, jobStrength, liftStrength } from '../classes';
import { ingredientById, lookupReference } from '../ingredients';
import { readFormula } from './read';

const CAKE = '200 g soft butter\n200 g caster sugar\n4 eggs\n200 g rice flour\n8 g baking powder';
const hows = (text: string, method: string, title = 'Cake') =>
  Object.fromEntries(
    readFormula({ title, text, method })
      .formula.parts.flatMap((p) => p.lines)
      .map((l) => [lookupReference(l.item)?.id, l.how]),
  );

// How things are treated in these words is common practice, no source.
describe('how a thing goes in', () => {
  it('creamed, and eggs beaten into what was creamed; whisked to a ribbon; melted and stirred', () => {
    expect(
      hows(CAKE, 'Cream the butter and sugar until pale.\nBeat in the eggs one by one.\nFold in the rest.'),
    ).toMatchObject({ butter: 'creamed', egg: 'creamed' });
    expect(
      hows(CAKE, 'Whisk the eggs and sugar to a thick ribbon.\nFold in the flour, then the melted butter.'),
    ).toMatchObject({
      egg: 'whipped',
    });
    expect(hows(CAKE, 'Melt the butter.\nStir in sugar, eggs and the dry things.')).toMatchObject({
      butter: 'melted',
      egg: 'mixed',
    });
  });

  it('rubbed in, rolled in, boiled to a paste, and left open where the method is silent', () => {
    const crust = '200 g rice flour\n100 g cold butter\n1 egg\n20 g water';
    expect(hows(crust, 'Rub the butter into the flour.\nAdd egg and water.', 'Shortcrust')).toMatchObject({
      butter: 'rubbed',
      egg: 'mixed',
    });
    const paste = hows(
      '120 g water\n60 g butter\n90 g rice flour\n3 eggs',
      'Boil water and butter, tip in the flour and cook to a ball.\nCool and beat in the eggs.',
      'Choux',
    );
    expect(paste.butter).toBe('cooked');
    expect(hows(crust, '', 'Shortcrust')).toMatchObject({ butter: undefined, egg: undefined });
  });

  it('air only where it was beaten in; binding whatever was done', () => {
    const egg = ingredientById('egg')!;
    const lift = (how?: 'whipped' | 'mixed' | 'cooked') => liftStrength(egg, undefined, 'batter', how).value;
    expect(lift('mixed')).toBeLessThan(0.5 * lift('whipped'));
    expect(lift('cooked')).toBe(0);
    expect(lift()).toBe(lift('whipped'));
    expect(bindStrength(egg, undefined, 'batter').value).toBeGreaterThan(0);
    const butter = ingredientById('butter')!;
    expect(jobStrength(butter, undefined, 'flaky', 'flake', 'melted').value).toBe(0);
    expect(jobStrength(butter, undefined, 'flaky', 'flake', 'layered').value).toBeGreaterThan(0);
    // No air that was beaten in is left in what is rubbed or rolled thin.
    expect(liftStrength(egg, undefined, 'shortcrust', 'whipped').value).toBe(0);
  });
});
