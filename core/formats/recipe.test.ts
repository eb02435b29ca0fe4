import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { durationOf, looksLikePage, minutesOf, MOST_PAGE_CHARS, recipeJsonLd, recipesIn } from './index';

const first = (page: string) => {
  const found = recipesIn(page);
  if ('fault' in found) throw new Error(found.fault);
  return found.recipes[0]!;
};
const ld = (node: object): string => JSON.stringify(node);
const CAKE = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Tide cake',
  recipeIngredient: ['200 g rice flour', '2 eggs', '&frac12; tsp salt &amp; pepper'],
  recipeInstructions: 'Mix it.\nBake at 180 &deg;C for 30 min.',
  cookTime: 'PT1H5M',
  recipeYield: ['8', '8 slices'],
};

describe('a recipe in a page', () => {
  it('is read from its data, its entities and tags made plain', () => {
    expect(first(ld(CAKE))).toEqual({
      title: 'Tide cake',
      text: '200 g rice flour\n2 eggs\n½ tsp salt & pepper',
      method: 'Mix it.\nBake at 180 °C for 30 min.',
      time: '65 min',
      yield: '8',
    });
  });

  it('is found in the source of a page, in a graph, under a list of types', () => {
    const page = `<html><head><script type="application/ld+json">{"@type":"WebSite"}</script>
      <script type='application/ld+json'>${ld({ '@graph': [{ '@type': 'Person' }, { ...CAKE, '@type': ['Thing', 'Recipe'] }] })}</script></head></html>`;
    expect(looksLikePage(page)).toBe(true);
    expect(first(page).title).toBe('Tide cake');
    expect(looksLikePage('200 g rice flour\n2 eggs')).toBe(false);
  });

  // The forms the published definition of recipeInstructions allows: text, ItemList, HowToStep, HowToSection.
  it.each<[string, unknown]>([
    ['a list of texts', ['Mix.', 'Bake.']],
    [
      'steps',
      [
        { '@type': 'HowToStep', text: 'Mix.' },
        { '@type': 'HowToStep', name: 'Bake.' },
      ],
    ],
    ['a section', { '@type': 'HowToSection', itemListElement: [{ text: 'Mix.' }, { text: 'Bake.' }] }],
    ['markup', '<ol><li>Mix.</li><li>Bake.</li></ol>'],
  ])('reads steps given as %s', (_how, recipeInstructions) => {
    expect(first(ld({ ...CAKE, recipeInstructions })).method).toBe('Mix.\nBake.');
  });

  it('reads ISO 8601 durations, and gives back what it was given', () => {
    expect(minutesOf('PT30M')).toBe(30);
    expect(minutesOf('P1DT2H')).toBe(1560);
    expect(minutesOf('PT90S')).toBeNull();
    for (const x of ['30 min', '', 'P', null, 30]) expect(minutesOf(x)).toBeNull();
    fc.assert(fc.property(fc.integer({ min: 1, max: 5000 }), (m) => minutesOf(durationOf(m)) === m));
  });
});

describe('what is no recipe', () => {
  it('is refused with its reason', () => {
    expect(recipesIn('{"@type": "Recipe", ')).toEqual({ fault: 'broken' });
    expect(recipesIn(ld({ '@type': 'Recipe', name: 'Empty' }))).toEqual({ fault: 'noRecipe' });
    expect(recipesIn(ld({ '@type': 'NewsArticle' }))).toEqual({ fault: 'noRecipe' });
    expect(recipesIn(' '.repeat(MOST_PAGE_CHARS + 1))).toEqual({ fault: 'tooLong' });
  });

  it('hostile data does no harm: markup goes, depth and number are bounded, strange types are left out', () => {
    const r = first(
      ld({ ...CAKE, name: '<img src=x onerror=alert(1)>Tide', recipeIngredient: ['a', 3, null, {}, ['b']] }),
    );
    expect(r.title).toBe('Tide');
    expect(r.text).toBe('a\n3');
    expect(first(ld({ ...CAKE, recipeIngredient: Array(5000).fill('1 egg') })).text.split('\n')).toHaveLength(
      200,
    );
    let deep: unknown = CAKE;
    for (let k = 0; k < 60; k++) deep = [deep];
    expect(recipesIn(JSON.stringify(deep))).toEqual({ fault: 'noRecipe' });
    expect(first('{"@type":"Recipe","recipeIngredient":["1 egg"],"__proto__":{"x":1}}').text).toBe('1 egg');
    expect(({} as { x?: number }).x).toBeUndefined();
  });

  it('any text at all gives recipes or a reason', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        const found = recipesIn(text);
        expect('fault' in found || found.recipes.length > 0).toBe(true);
      }),
    );
  });
});

describe('a formula as a recipe', () => {
  it('comes back with the lines and steps it went out with', () => {
    const words = fc
      .string({ minLength: 1, maxLength: 40 })
      .map((s) => s.replace(/[<>&\s]+/g, ' ').trim())
      .filter((s) => s !== '');
    fc.assert(
      fc.property(
        words,
        fc.array(words, { minLength: 1, maxLength: 20 }),
        fc.array(words, { maxLength: 10 }),
        (title, lines, steps) => {
          const out = recipeJsonLd({ title, lines, steps, minutes: [30, 35], yield: '8 slices', note: '' });
          expect(first(out)).toEqual({
            title,
            text: lines.join('\n'),
            method: steps.join('\n'),
            time: '35 min',
            yield: '8 slices',
          });
        },
      ),
    );
  });
});
