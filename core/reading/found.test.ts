import { describe, expect, it } from 'vitest';
import { msg } from '../explain';
import { massOf } from '../formula';
import type { Step } from '../method';
import { linkedNames, NO_CHANGES, otherWords, type Instead } from '../method/linked';
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
    expect(read('Loaf\n200 g gf flour\n180 g water\nHeat the oven to 220C. Put the dough in a bowl. 1 hour until doubled. Bake 40 min.').formula.bake?.minutes).toEqual([40, 40]); // prettier-ignore
    expect(read('Loaf\n200 g gf flour\n180 g water\nTurn the oven on to 200C 20 min ahead. Bake 40 min.').formula.bake?.minutes).toEqual([40, 40]); // prettier-ignore
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

  it('an answer of a chat: its opening is the title, signs for bold are gone, its closing is no step', () => {
    const { formula } = read(
      "Here's a gluten-free chocolate beetroot cake recipe:\n\n**Ingredients:**\n- 250g cooked beetroot\n- 100g ground almonds\n- 4 eggs\n\n**Instructions:**\n1. **Preheat** the oven to 180°C and line a 20cm round tin.\n2. **Bake** for 40–45 minutes.\n\nLet me know if you'd like a nut-free version!",
    );
    expect(formula.title).toBe('Gluten-free chocolate beetroot cake');
    expect(formula.parts.map((p) => p.name)).toEqual(['']);
    expect(formula.method.map((s) => s.text)).toEqual([
      'Preheat the oven to 180°C and line a 20cm round tin.',
      'Bake for 40–45 minutes.',
    ]);
  });

  it('figures between strokes tell of the whole without names', () => {
    const { formula } = read(
      'Blondies\nmakes 16 | 350F | 22-25 min | 8x8 pan\n1/2 c (128g) creamy peanut butter\n1 c (140g) gf 1:1 flour w/ xanthan\n1 egg\nwhisk, fold, spread, bake til edges set',
    );
    expect(formula.bake).toMatchObject({ minutes: [22, 25] });
    expect(formula.bake!.ovenC).toBeCloseTo(176.7, 0);
    expect([formula.yield?.pieces, formula.tin?.shape]).toEqual([16, 'square']);
    expect(formula.parts[0]!.lines.map((l) => l.item)).toMatchObject([
      { id: 'peanut_butter' },
      { id: 'gf_blend_gum' },
      { id: 'egg' },
    ]);
  });

  it('more of a thing for the tin leaves the first amount in the dough', () => {
    const [butter] = read(
      '1/3 cup melted butter, plus 1 Tbsp for the skillet\n1 cup yellow cornmeal (not mix)',
    ).formula.parts[0]!.lines;
    expect(butter!.role).toBeUndefined();
    expect(massOf(butter!)).toBeCloseTo(75.7, 0);
  });

  it('several things in a row with their amounts behind them are weighed, but for what is counted', () => {
    const { formula } = read('Rosemary crackers — 2 trays\n200 g chickpea flour\nwater 70-80\nsalt 4, eggs 2, baking powder 3\nRoll out. 190 C 14 min.'); // prettier-ignore
    expect(formula.title).toBe('Rosemary crackers — 2 trays');
    expect(formula.parts).toHaveLength(1);
    expect(formula.parts[0]!.lines.map(massOf)).toEqual([200, 75, 4, 100, 3]);
  });

  it('a heading-like row with a bracket is a thing; a time alone, last in its sentence, is of a hot oven', () => {
    const { formula } = read(
      'Soda bread\nFlour blend (any) 450 g\nButtermilk 400ml\nPsyllium husk 1 heaped T\nBicarb 1 t\nOven 200. Mix dry. Mix wet. Bring together fast, shape, cross on top, 45 min. Tap the bottom.',
    );
    expect(formula.parts).toHaveLength(1);
    expect(formula.parts[0]!.lines).toHaveLength(4);
    expect(formula.bake).toMatchObject({ ovenC: 200, minutes: [45, 45] });
  });

  it('German headings, oven, time and packets', () => {
    const { formula } = read(
      'Zitronenkuchen\nZutaten\n150 g Buchweizenmehl\n1 Pck. Backpulver\n3 Eier\nZubereitung\nOfen auf 160 °C Umluft vorheizen. Alles mischen. In die Form füllen und ca. 45 Minuten backen.',
    );
    expect(formula.bake).toMatchObject({ ovenC: 160, fan: true, minutes: [45, 45] });
    expect(massOf(formula.parts[0]!.lines[1]!)).toBe(15);
    expect(formula.parts[0]!.lines).toHaveLength(3);
  });

  it('a thing that leaves from the midst of others takes one comma with it', () => {
    const { formula } = read(
      'Cornbread\n1 cup cornmeal\n3/4 cup gf flour\n1 cup milk\nbutter for the skillet\n2 eggs\nStir in milk, butter, eggs till just combined. Bake 20 min at 200C.',
    );
    const step = formula.method.find((s) => s.text.startsWith('Stir in'))!;
    const butter = formula.parts[0]!.lines.find((l) => l.item.kind === 'ref' && l.item.id === 'butter')!;
    const edit: Instead = {
      op: 'instead',
      of: { exact: ['butter'], loose: [] },
      msg: msg('step.nothing'),
      inline: true,
      lineIds: [butter.id],
      comes: 'nothing',
      foams: false,
    };
    const [cut] = linkedNames(step, [edit], { ...NO_CHANGES, leaving: new Set([butter.id]) });
    expect(step.text.slice(0, cut!.from) + step.text.slice(cut!.to)).toMatch(/^Stir in milk, eggs till/);
  });

  it('a round loaf in short: a pot with heat and minutes, a second heat behind a sign, a part that is named again', () => {
    const { formula, lines } = read(
      "Boule\nLevain: 40g starter, 80g brown rice flour, 80g water\nDough:\n- 150g sorghum\n- 120g tapioca\n- 20g maple\n- 430g water @ 30C\n- all the levain\nMix, knead 5'. Dutch oven 245°C 40' lid on, 25' lid off @220. Cool 4h.",
    );
    expect(formula.parts.map((p) => p.lines.length)).toEqual([3, 4]);
    expect(lines.filter((l) => l.line.item.kind === 'unknown')).toEqual([]);
    expect(formula.bake?.phases?.map((p) => [p.ovenC, p.min, p.cover])).toEqual([
      [245, 40, 'lid'],
      [220, 25, 'none'],
    ]);
  });

  it('a heat and a tin amid the steps, without a verb', () => {
    const brownies = read('Brownies\n85 g almond flour\n150 g butter\n3 lg eggs\nFold. 20cm sq tin, 170C fan 22 mins.').formula; // prettier-ignore
    expect(brownies.bake).toMatchObject({ ovenC: 170, fan: true, minutes: [22, 22] });
    expect(brownies.tin?.shape).toBe('square');
    const crumble = read('Crumble\n150g gf flour\n125g butter\n900g bramleys, sliced\n180C/160 fan. Toss, scatter. 40–45 min until bubbling and golden.').formula; // prettier-ignore
    expect(crumble.bake).toMatchObject({ ovenC: 180, minutes: [40, 45] });
    expect(crumble.parts[0]!.lines).toHaveLength(3);
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
