import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ExclusionId } from '../exclusions';
import { AVOID_IDS, INGREDIENTS, lookupReference, type AvoidId } from '../ingredients';
import type { Step } from '../method';
import { readFormula } from '../reading';
import { adapt } from '../rebalance';
import { besideTheList } from './beside';
import { suitabilityOf } from './suitable';

const AVOIDS: AvoidId[] = ['egg', 'milk', 'tree_nut', 'peanut', 'sesame'];
const LIST = '400 g gf bread flour\n7 g yeast\n300 ml warm water\n20 g sunflower oil\n6 g salt';
const rolls = (method: string) =>
  readFormula({
    title: 'Rolls',
    text: LIST,
    method: `Mix everything to a dough.\n${method}\nBake 25 min at 200 C.`,
  }).formula;
const told = (method: string) =>
  besideTheList(rolls(method), AVOIDS, lookupReference).flatMap((b) =>
    b.contains.length > 0 ? [`${b.text}: ${b.contains.join()}`] : [],
  );

describe('what the method calls by name and the list does not have', () => {
  it.each<[string, string[]]>([
    [
      'Brush with beaten egg and scatter with sesame seeds and flaked almonds.',
      ['beaten egg: egg', 'sesame seeds: sesame', 'flaked almonds: tree_nut'],
    ],
    ['Brush the tops with egg wash or a little milk.', ['egg: egg', 'milk: milk']],
    ['Sprinkle with grated cheddar.', ['cheddar: milk']],
    [
      'Grease the tin with butter and dust with ground almonds.',
      ['butter: milk', 'ground almonds: tree_nut'],
    ],
    ['Butter the slices and eat.', ['Butter: milk']],
    ['Dip in honey, then in nuts.', ['nuts: tree_nut']],
    ['Serve with peanut butter.', ['peanut butter: peanut']],
    ['Serve with gluten-free cream cheese.', ['cream cheese: milk']],
    ['Pour the custard over.', []],
    // Likened to it, told to be none of it, or another thing.
    ['Bake until the colour of butter, as pale as cream inside.', []],
    ['Serve with dairy-free yogurt.', []],
    ['Egg-free and nut-free.', []],
    ['Use coconut milk instead of milk.', []],
    ['Keep in a tin lined with butter paper.', []],
    ['Cream together to a creamy mass.', []],
    ['Divide into egg-sized pieces.', []],
    ['Add a little cream of tartar.', []],
  ])('%s', (method, words) => {
    expect(told(method)).toEqual(words);
  });

  it('a thing called by its own name is told for what it holds, and for nothing else', () => {
    const things = INGREDIENTS.filter((i) => i.names[0]!.split(' ').length > 1);
    fc.assert(
      fc.property(fc.constantFrom(...things), fc.subarray([...AVOID_IDS]), (thing, avoids) => {
        const all = besideTheList(rolls(`Serve with ${thing.names[0]!}.`), avoids, lookupReference);
        const holds = avoids.filter((a) => thing.facts[a] === 'yes');
        // What the list has a word of is judged by its line.
        const said = all.flatMap((b) => b.contains);
        for (const a of said) expect(holds).toContain(a);
        if (holds.length > 0 && all.length > 0) expect(said).toEqual(expect.arrayContaining(holds));
      }),
    );
  });

  it('what only ends so in the list is another thing, unless it is spoken of as there', () => {
    const told = (row: string, method: string) =>
      besideTheList(
        readFormula({
          title: 'Rolls',
          text: `${LIST}\n${row}`,
          method: `Mix everything to a dough.\n${method}`,
        }).formula,
        AVOIDS,
        lookupReference,
      ).flatMap((b) => (b.contains.length > 0 ? [b.text] : []));
    expect(told('60 g peanut butter', 'Serve with butter.')).toEqual(['butter']);
    expect(told('60 g peanut butter', 'Beat the butter until smooth.')).toEqual([]);
    expect(told('1 tsp egg replacer', 'Brush with egg.')).toEqual(['egg']);
    expect(told('2 flax eggs', 'Beat in the eggs.')).toEqual([]);
    expect(told('1 tsp cream of tartar', 'Serve with cream.')).toEqual(['cream']);
    expect(told('200 ml oat milk', 'Brush with milk.')).toEqual([]);
    expect(told('60 g vegan butter', 'Serve with butter.')).toEqual([]);
  });

  it('is part of what a bake is said to hold, whatever its list holds', () => {
    const s = suitabilityOf(rolls('Brush with beaten egg.'), ['egg'], lookupReference);
    expect(s.finding).toBe('contains');
    expect(s.contains).toEqual([
      { lineId: null, stepId: 's2', ingredientId: null, written: 'beaten egg', avoids: ['egg'] },
    ]);
  });

  it('own words of a step are looked at, struck ones are not', () => {
    const f = rolls('Brush with beaten egg.');
    const words = () => besideTheList(f, AVOIDS, lookupReference).map((b) => b.text);
    f.method[1]!.struck = { code: 'step.own', args: { text: '' } };
    expect(words()).toEqual([]);
    f.method[1]!.own = 'Brush with oat drink and flaked almonds.';
    // What an oat drink holds its packet says.
    expect(words()).toEqual(['oat drink', 'flaked almonds']);
  });
});

describe('a method in another language', () => {
  it.each<[string, string[]]>([
    [
      'Den Teig zu Brötchen formen, mit verquirltem Ei bestreichen und mit gehackten Walnüssen bestreuen.',
      ['Ei: egg', 'Walnüssen: tree_nut'],
    ],
    [
      'Mit Haselnussbutter und Schlagsahne servieren.',
      ['Haselnussbutter: milk,tree_nut', 'Schlagsahne: milk'],
    ],
    ['Pétrir la pâte, badigeonner avec un œuf et parsemer d’amandes.', ['œuf: egg', 'amandes: tree_nut']],
    ['Beurrer le moule et verser la pâte.', ['Beurrer: milk']],
    ['Servir con nata y nueces en el plato.', ['nata: milk', 'nueces: tree_nut']],
    ['Spennellare con uovo sbattuto e impastare con le mani.', ['uovo: egg']],
    // Likened to it, told to be none of it, or another thing.
    [
      'Zu einem walnussgroßen Stück formen und auf Butterbrotpapier legen, ohne Ei und statt Butter mit Öl.',
      [],
    ],
    ['Mit Muskatnuss und Kokosmilch würzen.', []],
    ['Mélanger sans œuf et avec le lait de coco.', []],
    ['Servir sin leche y con agua.', []],
  ])('%s', (method, words) => {
    const formula = readFormula({ title: 'Rolls', text: LIST, method }).formula;
    expect(
      besideTheList(formula, AVOIDS, lookupReference).map((b) => `${b.text}: ${b.contains.join()}`),
    ).toEqual(words);
  });

  it('is silent on what the list tells of, however it is inflected', () => {
    const { formula } = readFormula({
      title: 'Brötchen',
      text: `${LIST}\n2 Eier`,
      method: 'Alles mit den Eiern verrühren, zu Brötchen formen und mit Ei bestreichen.',
    });
    expect(besideTheList(formula, AVOIDS, lookupReference)).toEqual([]);
  });

  it('words of other languages are no concern of an English one', () => {
    expect(
      told('Roll in your hands to a pan of rolls, e.g. with poi, la nata or il burro from the shop.'),
    ).toEqual([]);
  });
});

describe('in an adapted method', () => {
  /** The steps of the best answer, but for those that came in. */
  const stepsOf = (text: string, method: string, exclude: ExclusionId[]) => {
    const { formula } = readFormula({ title: 'Rolls', text, method });
    const { solutions } = adapt({ formula, exclude, limit: 1, options: false }, { lookup: lookupReference });
    return solutions[0]!.formula.method.filter((s) => !s.added);
  };
  const toldIn = (steps: readonly Step[]) =>
    steps.flatMap((s) => s.notes.flatMap((n) => (n.code === 'step.stillNamed' ? [n.args] : [])));
  const notesOf = (text: string, method: string) => toldIn(stepsOf(text, method, ['egg', 'dairy', 'nuts']));

  it('what has to go and nothing came for stands as a note at its step', () => {
    expect(
      notesOf(
        LIST,
        'Mix to a dough. Shape into 8 rolls.\nBrush with beaten egg.\nBake 25 min at 200 C.\nServe with butter.',
      ),
    ).toEqual([
      { text: 'beaten egg', avoid: 'egg' },
      { text: 'butter', avoid: 'milk' },
    ]);
  });

  it('egg that is brushed on is no part of what holds the dough, and its stand-in is not brushed on', () => {
    const [mix, brush] = stepsOf(
      '200 g rice flour\n100 g sugar\n2 eggs\n100 ml oil\n8 g baking powder',
      'Beat the eggs with the sugar and oil, fold in the flour and baking powder.\nBrush the tops with beaten egg white, then bake 20 min at 180 C.',
      ['egg'],
    );
    expect(mix!.swaps).toHaveLength(1);
    expect(brush!.swaps ?? []).toEqual([]);
    expect(brush!.notes).toEqual([{ code: 'step.stillNamed', args: { text: 'beaten egg', avoid: 'egg' } }]);
  });

  it('butter to serve is none of what comes for the butter in it; cream of the list that is kept for serving is', () => {
    const [, butter, cream] = stepsOf(
      '200 g rice flour\n100 g sugar\n80 g butter\n100 ml milk\n8 g baking powder\nTo finish:\n200 ml double cream',
      'Melt the butter, stir in the sugar, milk, flour and baking powder. Bake 20 min at 180 C.\nServe warm with butter.\nServe with the cream.',
      ['dairy'],
    );
    expect([butter!.swaps, butter!.notes.map((n) => n.args)]).toEqual([
      undefined,
      [{ text: 'butter', avoid: 'milk' }],
    ]);
    expect(toldIn([cream!])).toEqual([]);
  });

  it('a note on one thing tells nothing of another that holds the same', () => {
    const said = notesOf(
      `${LIST}\n60 g butter`,
      'Mix everything to a dough. Shape into 8 rolls.\nBake 25 min at 200 C in a tin brushed with the butter, and serve with clotted cream.',
    );
    expect(said).toEqual([{ text: 'clotted cream', avoid: 'milk' }]);
  });

  it('what was swapped is not told again', () => {
    expect(
      notesOf(
        `${LIST}\n2 eggs\n60 g butter\n1 egg yolk, for brushing`,
        'Mix flour, yeast, salt and water, beat in the eggs, knead in the butter.\nShape into 8 rolls.\nBrush with the yolk.\nBake 25 min at 200 C in a buttered tin.',
      ),
    ).toEqual([]);
  });
});
