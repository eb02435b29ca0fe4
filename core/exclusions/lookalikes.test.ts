import { describe, expect, it } from 'vitest';
import { LABEL_ALLERGENS, type AvoidId } from '../ingredients';
import { readLabel } from './index';

/**
 * Names on packets that sound like an allergen and are none, and names of allergens that sound like none, in three
 * languages, with what the law counts in them (EU 1169/2011, Annex II). By hand, apart from the reader's own list.
 */
const NAMES: [name: string, contains: AvoidId[]][] = [
  ['Coconut milk', []],
  ['Coconut cream', []],
  ['Rice milk', []],
  ['Hemp milk', []],
  ['Cocoa butter', []],
  ['Shea butter', []],
  ['Apple butter', []],
  ['Butter beans', []],
  ['Butternut squash', []],
  ['Cream of tartar', []],
  ['Cream of coconut', []],
  ['Egg plant', []],
  ['Eggplant', []],
  ['Buckwheat flour', []],
  ['Buckwheat', []],
  ['Sweet potato', []],
  ['Water chestnut', []],
  ['Chestnut purée', []],
  ['Nutmeg', []],
  ['Doughnut peach', []],
  ['Tiger nut flour', []],
  ['Nutritional yeast', []],
  ['Malt vinegar', ['gluten']],
  ['Maltodextrin', []],
  ['Milk thistle', []],
  ['Lactic acid', []],
  ['Calcium lactate', []],
  ['Glucose syrup', []],
  ['Oyster mushroom', []],
  ['Macadamia milk, rice starch', ['tree_nut']],
  ['Almond milk', ['tree_nut']],
  ['Cashew butter', ['tree_nut']],
  ['Nut butter', ['tree_nut']],
  ['Soy milk', ['soy']],
  ['Peanut butter', ['peanut']],
  ['Whey powder', ['milk']],
  ['Casein', ['milk']],
  ['Ghee', ['milk']],
  ['Albumen', ['egg']],
  ['Tahini', ['sesame']],
  ['Semolina', ['gluten', 'wheat']],
  ['Lait de coco', []],
  ['Lait de riz', []],
  ['Beurre de cacao', []],
  ['Crème de tartre', []],
  ['Noix de muscade', []],
  ['Noix de coco', []],
  ['Sarrasin', []],
  ['Farine de sarrasin', []],
  ['Patate douce', []],
  ['Châtaigne', []],
  ['Lait d’amande', ['tree_nut']],
  ['Lait de soja', ['soy']],
  ['Beurre de cacahuète', ['peanut']],
  ['Lactosérum', ['milk']],
  ['Blanc d’œuf', ['egg']],
  ['Kokosmilch', []],
  ['Reismilch', []],
  ['Kakaobutter', []],
  ['Milchsäure', []],
  ['Muskatnuss', []],
  ['Kokosnuss', []],
  ['Buchweizenmehl', []],
  ['Buchweizen', []],
  ['Süßkartoffel', []],
  ['Erdmandelmehl', []],
  ['Mandelmilch', ['tree_nut']],
  ['Erdnussbutter', ['peanut']],
  ['Molkenpulver', ['milk']],
  ['Hühnereiweiß', ['egg']],
];

describe('names that sound like what they are not', () => {
  it('are at least sixty, in three languages', () => {
    expect(NAMES.length).toBeGreaterThanOrEqual(60);
    expect(new Set(NAMES.map(([n]) => n)).size).toBe(NAMES.length);
  });

  it.each(NAMES)('%s', (name, contains) => {
    const found = readLabel(`Ingredients: ${name}, salt.`).contains.map((f) => f.avoid);
    const law = LABEL_ALLERGENS.filter((a) => found.includes(a));
    expect(law).toEqual(LABEL_ALLERGENS.filter((a) => contains.includes(a)));
  });
});
