import type { ClassId } from '../../core/classes';

/**
 * Demo data: invented formulas of an invented place, the waiting-room kiosk at Lantern Quay. Already
 * gluten-free, each with at least one thing that somebody there must leave out.
 */
export type DemoFormula = {
  title: string;
  classId: ClassId;
  text: string;
  method: string;
  oven: string;
  time: string;
};

export const DEMO_FORMULAS: readonly DemoFormula[] = [
  {
    title: 'Parsnip and walnut muffins',
    classId: 'batter',
    text: `150 g sorghum flour
100 g white rice flour
30 g tapioca starch
130 g light brown sugar
2 large eggs
240 g buttermilk
90 g sunflower oil
180 g parsnip, grated
90 g walnuts, chopped
6 g baking powder
2 g bicarbonate of soda
3 g xanthan gum
4 g fine salt
1 tsp cinnamon
butter, for greasing`,
    method: `Heat the oven to 190 °C and grease a 12-hole muffin tin.
Whisk the flours, starch, baking powder, soda, xanthan, salt and cinnamon together.
Whisk the eggs with the sugar, then whisk in the buttermilk and the oil.
Stir the wet into the dry and rest 10 min.
Fold in the parsnip and the walnuts.
Spoon into the tin, three quarters full.
Bake 22-25 min, until a skewer comes out clean.
Cool 10 min in the tin, then on a rack.`,
    oven: '190 °C',
    time: '22-25 min',
  },
  {
    title: 'Night-boat tin loaf',
    classId: 'yeast_loaf',
    text: `220 g buckwheat flour
200 g white rice flour
80 g potato starch
20 g psyllium husk
3 egg whites
25 g skimmed milk powder
30 g sunflower oil
380 g warm water
20 g honey
7 g instant yeast
9 g salt
10 g cider vinegar`,
    method: `Stir the flours, starch, psyllium, milk powder, yeast and salt together.
Whisk the egg whites until loose and frothy.
Add the water, honey, oil and vinegar to the egg whites, then mix in the dry and beat 5 min.
Scrape into a lined 900 g loaf tin and smooth the top with a wet spoon.
Leave to rise at 28 °C until one and a half times as high, about 50 min.
Bake 55-60 min at 200 °C, covered with foil after 30 min.
Turn out after 10 min and cool 3 h before cutting.`,
    oven: '200 °C',
    time: '55-60 min',
  },
  {
    title: 'Lemon-thyme pound cake',
    classId: 'batter',
    text: `170 g unsalted butter, soft
170 g caster sugar
3 large eggs
120 g ground almonds
90 g white rice flour
40 g potato starch
60 g milk
25 g lemon juice
2 tsp lemon zest
1 tbsp fresh thyme
6 g baking powder
2 g salt
1.5 g xanthan gum`,
    method: `Heat the oven to 170 °C and line a 900 g loaf tin.
Cream the butter with the sugar until pale.
Beat in the eggs one at a time.
Fold in the almonds, flour, starch, baking powder, salt and xanthan.
Stir in the milk, lemon juice, zest and thyme.
Scrape into the tin.
Bake 50-55 min, until the centre springs back.
Cool 15 min in the tin, then on a rack.`,
    oven: '170 °C',
    time: '50-55 min',
  },
  {
    title: 'Cocoa-hazelnut shortbread bars',
    classId: 'cookie',
    text: `180 g cold butter
90 g icing sugar
140 g brown rice flour
80 g tapioca starch
100 g ground hazelnuts
30 g cocoa powder
2 g fine salt
1 tsp vanilla extract
50 g hazelnuts, chopped`,
    method: `Line a 20 cm square tin.
Rub the butter into the flour, starch, ground hazelnuts, cocoa, sugar and salt.
Add the vanilla and press into the tin.
Scatter the chopped hazelnuts over and press them in.
Chill 30 min.
Bake 28-32 min at 165 °C, until the edges are set.
Mark into bars while warm and cool in the tin.`,
    oven: '165 °C',
    time: '28-32 min',
  },
];
