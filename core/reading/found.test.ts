import { describe, expect, it } from 'vitest';
import { massOf } from '../formula';
import type { Step } from '../method';
import { NO_CHANGES, otherWords } from '../method/linked';
import { readFormula } from './read';

const read = (text: string) => readFormula({ text });

describe('pastes as people write them', () => {
  it('a heat is known by its fan, a loaf tin by its pounds, a fruit by its peeled weight', () => {
    const { formula, lines } = read(
      'Banana loaf\n3 very ripe bananas (about 300g peeled)\n2 eggs\n220g GF plain flour\n2 tsp baking powder\nMash, whisk, fold. Into a lined 2lb tin. 170 fan, 50-55 mins till a skewer is clean.',
    );
    expect(formula.bake).toMatchObject({ ovenC: 170, fan: true, minutes: [50, 55] });
    expect(formula.tin?.shape).toBe('loaf');
    expect(massOf(formula.parts[0]!.lines[0]!)).toBe(300);
    expect(lines.flatMap((l) => l.issues)).toEqual([]);
  });

  it('an amount in words may stand behind its thing; what is put in a hot oven for a time is baked', () => {
    const { formula } = read(
      'Yorkshire puddings\ncornflour 200g\neggs 3 medium\nmilk 300 ml\nsalt half a teaspoon\n\nHeat oven to 220°C. Whisk it all. Pour in. 20-25 mins, don’t open the door!',
    );
    const salt = formula.parts[0]!.lines.at(-1)!;
    expect([salt.item, massOf(salt)]).toEqual([{ kind: 'ref', id: 'salt' }, 3]);
    expect(formula.bake).toMatchObject({ ovenC: 220, minutes: [20, 25] });
  });

  it('a rest before anything goes in is no bake, nor is a time after it', () => {
    expect(read('Loaf\n200 g gf flour\n180 g water\nHeat the oven to 220C. Stir. 20 min under a cloth. Bake 40 min.').formula.bake?.minutes).toEqual([40, 40]); // prettier-ignore
    expect(read('Loaf\n200 g gf flour\n180 g water\nHeat the oven to 220C. Pour in. Bake 40 min. 10 min on a rack.').formula.bake?.minutes).toEqual([40, 40]); // prettier-ignore
  });

  it('a stretch that says it has no steam has none', () => {
    const { bake } = read(
      'Batard\n300 g rice flour\n300 g water\n6 g instant yeast\nBake 230C with steam 20 min, 210C no steam 25 min.',
    ).formula;
    expect(bake?.phases?.map((p) => p.steam)).toEqual([true, false]);
  });

  it('a topping of sugar and juice is poured over; with flour it is a crumb', () => {
    const of = (topping: string) =>
      read(
        `Squares\nFor the sponge\n225g gf flour\n4 eggs\nFor the crunchy topping\n${topping}\nMix. Bake 35 min.`,
      ).formula.parts[1]!.classId;
    expect(of('175g granulated sugar\njuice of 2 lemons')).toBe('glaze');
    expect(of('100g gf flour\n60g sugar\n60g butter')).toBe('crumb');
  });

  it('a row with a handle is a note, one with a temperature behind the sign a step', () => {
    const { formula } = read(
      'Bread\n300 g rice flour\n300 g water\n6 g instant yeast\nHydrate all of it 5 min. Bulk 60 min @ 27C, then shape and score.\nSeen at @somebody',
    );
    expect(formula.method.map((s) => s.text).join(' ')).toContain('Bulk 60 min @ 27C');
    expect(formula.method.map((s) => s.text).join(' ')).not.toContain('@somebody');
  });

  it('what stands behind a title tells of the whole', () => {
    const { formula } = read(
      'Orange buns | makes 12 | prep 20 | cook 1h\n250g ground almonds\n6 eggs\n250g sugar\nWhisk, fold. Bake at 170C.',
    );
    expect(formula.title).toBe('Orange buns');
    expect(formula.yield?.pieces).toBe(12);
    expect(read('Plum | almond tart\n250g ground almonds\n6 eggs\nBake 30 min at 170C.').formula.title).toBe(
      'Plum | almond tart',
    );
  });

  it('a greased and lined tin is lined once where nothing greases it', () => {
    const step: Step = {
      id: 's1',
      kind: 'prepare',
      text: 'Pour into a greased and lined 23 cm tin.',
      notes: [],
    };
    const swaps = otherWords(step, { ...NO_CHANGES, avoids: ['oil'], lined: true });
    expect(swaps.map((s) => step.text.slice(s.from, s.to))).toEqual(['greased and lined']);
  });
});
