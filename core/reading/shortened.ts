/** How bakers shorten words in their own notes. */
export const SHORTENED: Record<string, string> = {
  'b p': 'baking powder',
  'b powder': 'baking powder',
  'b soda': 'baking soda',
  'b carb': 'baking soda',
  gf: 'gluten free',
  ap: 'all purpose',
  choc: 'chocolate',
  chocs: 'chocolate',
  // Larger than chips, and the same.
  'chocolate chunks': 'chocolate chips',
  'chocolate buttons': 'chocolate chips',
  'choc chunks': 'chocolate chips',
  'choc buttons': 'chocolate chips',
  flr: 'flour',
  yoghurt: 'yogurt',
  yoghurts: 'yogurt',
  ...Object.fromEntries(
    'rice oat teff millet sorghum buckwheat almond tapioca potato coconut corn chickpea'
      .split(' ')
      .map((grain) => [`${grain} fl`, `${grain} flour`]),
  ),
  'tapioca st': 'tapioca starch',
  'potato st': 'potato starch',
  'corn st': 'corn starch',
  inst: 'instant',
  bk: 'baking',
  bkg: 'baking',
  ext: 'extract',
  ess: 'essence',
  'low fat': 'lowfat',
  'reduced fat': 'lowfat',
  'lower fat': 'lowfat',
  nonfat: 'lowfat',
  'non fat': 'lowfat',
  'fat free': 'lowfat',
  'part skim': 'lowfat',
  lite: 'lowfat',
  'full fat': 'fullfat',
  pwdr: 'powder',
  pwd: 'powder',
  's r': 'self raising',
  sr: 'self raising',
  'semi sweet': 'semisweet',
  // No sugar in it makes another thing of chocolate, and of few others.
  'unsweetened chocolate': 'cocoamass',
  'unsweetened baking chocolate': 'cocoamass',
  bp: 'baking powder',
  sug: 'sugar',
  butt: 'butter',
  alm: 'almonds',
  alms: 'almonds',
  cinn: 'cinnamon',
  veg: 'vegetable',
  evoo: 'extra virgin olive oil',
  acv: 'cider vinegar',
  van: 'vanilla',
  marg: 'margarine',
  psyll: 'psyllium',
  pb: 'peanut butter',
  xg: 'xanthan gum',
  lt: 'light',
  wt: 'white',
  br: 'brown',
};
/** The longest first: what is short within another is none of its own. */
export const SHORT = new RegExp(
  `\\b(?:${Object.keys(SHORTENED)
    .sort((a, b) => b.length - a.length)
    .join('|')})\\b`,
  'g',
);

/** Of two words the one that a step means the thing by: butter alone is another. */
const TELLING: Record<string, string> = { bp: 'powder', xg: 'xanthan', pb: 'peanut' };
/** What a short word of a step stands for, in one word; undefined where it is none. */
export const longWord = (word: string): string | undefined => {
  const long = Object.hasOwn(SHORTENED, word) ? SHORTENED[word]! : undefined;
  return TELLING[word] ?? (long?.includes(' ') ? undefined : long);
};
