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

  it('told by few words: "a little at a time", whipped, cut small by a machine, poured over, browned first', () => {
    expect(
      hows(CAKE, 'Beat butter and sugar until pale.\nAdd eggs a little at a time.\nFold in the rest.'),
    ).toMatchObject({ egg: 'creamed' });
    expect(
      hows(CAKE, 'Brown the butter in a pot.\nChill until soft.\nCream with the sugar.\nAdd the rest.'),
    ).toMatchObject({ butter: 'creamed', sugar: 'creamed' });
    const meringue = '120 g egg whites\n200 g caster sugar\n200 g whipping cream\n5 g cornflour';
    expect(
      hows(
        meringue,
        'Whisk whites stiff, then add the sugar by the spoon.\nFold in cornflour and bake.\nWhip cream and pile on.',
        'Pavlova',
      ),
    ).toMatchObject({ sugar: 'whipped', cream: 'whipped', corn_starch: 'mixed' });
    expect(
      hows(
        '150 g rice flour\n90 g cold butter\n1 egg',
        'Blitz flour and butter to crumbs, add the egg and pulse.',
        'Shortcrust',
      ),
    ).toMatchObject({ butter: 'rubbed' });
    expect(
      hows(
        '250 ml double cream\n250 g dark chocolate',
        'Heat the cream until steaming, pour over the chopped chocolate and stir.',
        'Ganache',
      ),
    ).toMatchObject({ dark_chocolate: 'melted' });
  });

  it('of two lines on one row, each by its own words', () => {
    const { formula } = readFormula({
      title: 'Rolls',
      text: '300 g bread flour mix\n200 ml milk\n60 g vegan butter, soft, plus 20 g melted for the tops',
      method: 'Mix the flour with the milk and the soft butter.\nBake 20 min.\nBrush with the melted butter.',
    });
    const hows = formula.parts.flatMap((p) => p.lines).filter((l) => /vegan/.test(l.amount.written));
    expect(hows.map((l) => l.how)).toEqual(['mixed', 'melted']);
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
