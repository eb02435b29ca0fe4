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
    classId: 'muffin',
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
  {
    title: 'Cardamom crown',
    classId: 'enriched',
    text: `250 g white rice flour
120 g sorghum flour
90 g tapioca starch
40 g potato starch
14 g psyllium husk
8 g instant yeast
70 g caster sugar
7 g fine salt
2 tsp ground cardamom
330 g milk, warm
2 large eggs
80 g unsalted butter, soft
1 egg, for brushing
20 g flaked almonds, to scatter`,
    method: `Stir the flours, starches, psyllium, yeast, sugar, salt and cardamom together.
Whisk the milk and the eggs, add to the dry and beat 4 min.
Beat in the butter in pieces, then rest 15 min.
Roll between papers to 30 x 40 cm, spread, roll up and shape into a ring on a lined tray.
Leave to rise at 28 °C until almost double, about 60 min.
Brush with egg and scatter the almonds.
Bake 30-34 min at 185 °C, until deep golden and 96 °C in the middle.
Cool 1 h on a rack.`,
    oven: '185 °C',
    time: '30-34 min',
  },
  {
    title: 'Lantern buns',
    classId: 'bun',
    text: `200 g white rice flour
120 g sorghum flour
100 g tapioca starch
80 g potato starch
10 g xanthan gum
8 g instant yeast
30 g caster sugar
9 g fine salt
1 large egg
180 g plain yogurt
260 g water, warm
40 g sunflower oil
oil, for greasing`,
    method: `Stir the flours, starches, xanthan, yeast, sugar and salt together.
Whisk the egg, yogurt, water and oil, add and beat 5 min to a thick paste.
Scoop 8 buns with oiled hands onto a greased tray.
Leave to rise at 29 °C, 45 min.
Bake 20-22 min at 200 °C, until golden.
Cool on a rack 30 min.`,
    oven: '200 °C',
    time: '20-22 min',
  },
  {
    title: 'Leek galette',
    classId: 'flaky',
    text: `For the crust:
150 g white rice flour
90 g sorghum flour
60 g tapioca starch
4 g xanthan gum
4 g fine salt
170 g cold butter
1 large egg
50 g cold water
For the custard filling:
3 large eggs
180 g double cream
120 g milk
3 g fine salt
1/4 tsp nutmeg
350 g leeks, sliced and softened
20 g butter
60 g grated cheddar`,
    method: `Stir flours, starch, xanthan and salt; rub in the butter to pea-sized lumps.
Work in the egg and the water, press together and chill 1 h.
Roll out between papers and line a 26 cm tart tin; bake blind 15 min at 200 °C.
Soften the leeks in the butter and cool them.
Whisk the eggs, cream, milk, salt and nutmeg; fold in leeks and cheese.
Fill the cold crust and bake 30-35 min at 170 °C, until the centre trembles.
Cool 20 min.`,
    oven: '170 °C',
    time: '30-35 min',
  },
  {
    title: 'Buckwheat griddle cakes',
    classId: 'pancake',
    text: `160 g buckwheat flour
60 g white rice flour
8 g baking powder
15 g caster sugar
3 g fine salt
1 large egg
300 g milk
25 g butter, melted
butter, for greasing`,
    method: `Stir the flours, baking powder, sugar and salt.
Whisk the egg with the milk and the butter, stir into the dry and rest 10 min.
Grease a hot griddle and drop spoons of batter; turn when bubbles stand.
Bake 2 to 3 min on each side.`,
    oven: '',
    time: '',
  },
  {
    title: 'Ferry flatbreads',
    classId: 'flatbread',
    text: `180 g white rice flour
80 g tapioca starch
40 g chickpea flour
8 g psyllium husk
9 g baking powder
5 g fine salt
200 g plain yogurt
90 g water
25 g olive oil`,
    method: `Stir the flours, starch, psyllium, baking powder and salt.
Mix in the yogurt, water and oil, knead 2 min and rest 15 min.
Divide in 6, roll out between papers to 4 mm.
Bake 3 min on each side in a dry hot pan.`,
    oven: '',
    time: '',
  },
  {
    title: 'Quince crumble tart',
    classId: 'press_in',
    text: `For the press-in crust:
180 g ground almonds
90 g brown rice flour
60 g caster sugar
70 g butter, melted
1 egg white
2 g fine salt
For the fruit filling:
540 g quince, poached and sliced
100 g water, from the poaching
60 g caster sugar
14 g cornflour
15 g lemon juice
For the nut crumble:
80 g walnuts, chopped
60 g brown rice flour
50 g light brown sugar
55 g cold butter`,
    method: `Mix the crust, press into a 24 cm tart tin and bake blind 12 min at 180 °C.
Whisk cornflour into the cold juice with sugar and lemon, simmer until thick, fold in the quince and cool.
Rub the crumble together.
Fill, scatter the crumble over and bake 30 min at 180 °C, until it bubbles in the middle.
Cool fully.`,
    oven: '180 °C',
    time: '30 min',
  },
  {
    title: 'Sorghum levain round',
    classId: 'gel_loaf',
    text: `220 g sorghum flour
120 g brown rice flour
80 g tapioca starch
60 g potato starch
26 g psyllium husk
150 g buckwheat starter
430 g water
20 g honey
25 g olive oil
10 g fine salt`,
    method: `Whisk the psyllium into the water with honey and oil; leave 10 min.
Stir in the starter, then the flours, starches and salt; knead 5 min.
Shape into a round with wet hands, seam down.
Leave to rise at 26 °C until almost double, about 5 h.
Bake 35 min at 230 °C in a hot covered iron pot, then 20 min open at 210 °C.
Cool 3 h before cutting.`,
    oven: '230 °C',
    time: '55 min',
  },
  {
    title: 'Upside-down pear cake',
    classId: 'batter',
    text: `4 pears
60 g honey
130 g white rice flour
70 g sorghum flour
30 g tapioca starch
8 g baking powder
2 g xanthan gum
3 g fine salt
3 large eggs
90 g honey
110 g sunflower oil
70 g water
2 tsp ground ginger
butter, for greasing`,
    method: `Heat the oven to 175 °C and grease a 23 cm round tin.
Pour in the first honey and lay the sliced pears on it.
Stir the flours, starch, baking powder, xanthan, salt and ginger.
Whisk the eggs with the honey, then the oil and the water.
Stir the wet into the dry and pour over the pears.
Bake 42-46 min, until a skewer comes out clean.
Turn out after 10 min.`,
    oven: '175 °C',
    time: '42-46 min',
  },
];
