import type { AvoidId } from '../../ingredients';

/**
 * Words on packets and what they are made of. The groups are those of EU 1169/2011 Annex II; gluten also takes
 * the grains that a US "Contains" line does not name. Lower case, singular; plurals are read as well.
 */
export const LABEL_TERMS: Partial<Record<AvoidId, string>> = {
  wheat: 'wheat|spelt|durum|semolina|farro|freekeh|bulgur|couscous|kamut|khorasan|einkorn|emmer|seitan|triticale',
  gluten: 'gluten|wheat|spelt|durum|semolina|farro|freekeh|bulgur|couscous|kamut|khorasan|einkorn|emmer|seitan|triticale|barley|malt|malted|rye|oat|oats|oatmeal|breadcrumb',
  egg: 'egg|albumen|albumin|ovalbumin|ovomucoid|lysozyme|egg white|egg yolk|mayonnaise|meringue|e1105',
  milk: 'milk|butter|buttermilk|cream|cheese|yogurt|yoghurt|whey|casein|caseinate|sodium caseinate|lactose|lactalbumin|ghee|curd|kefir|milkfat|quark|ricotta|mozzarella|parmesan|mascarpone|e966',
  tree_nut: 'nut|almond|hazelnut|walnut|cashew|pecan|brazil nut|pistachio|macadamia|queensland nut|marzipan|praline|gianduja|frangipane|nougat|amaretto',
  peanut: 'peanut|groundnut|arachis|monkey nut',
  soy: 'soy|soya|soybean|soyabean|tofu|tempeh|edamame|miso|tamari|okara',
  sesame: 'sesame|tahini|gingelly|halva|halvah|benne',
  lupin: 'lupin|lupine|lupin flour',
  mustard: 'mustard',
  celery: 'celery|celeriac',
  fish: 'fish|anchovy|anchovies|cod|salmon|tuna|isinglass',
  crustacean: 'crustacean|prawn|shrimp|crab|lobster|crayfish',
  mollusc: 'mollusc|mollusk|squid|mussel|oyster|clam|scallop|snail',
  sulphite: 'sulphite|sulfite|sulphur dioxide|sulfur dioxide|metabisulphite|metabisulfite|e220|e221|e222|e223|e224|e226|e227|e228',
  coconut: 'coconut|copra',
  oats: 'oat|oats|oatmeal',
  corn: 'corn|maize|cornflour|cornstarch|polenta',
  legume: 'chickpea|pea protein|lentil|soy|soya|soybean|tofu|peanut|lupin|fava bean|faba bean|carob|guar gum|locust bean gum',
  nightshade: 'potato|tomato|paprika|aubergine|eggplant|pepper',
  oil: 'oil|vegetable fat|palm fat|shortening|margarine|coconut fat|shea fat|ghee',
  honey: 'honey',
  gum: 'xanthan gum|xanthan|guar gum|guar|locust bean gum|gellan gum|acacia gum|e415|e412|e410|e418|e414',
  yeast: 'yeast',
};

/** Near misses: they hold a word of the list without being what the word says. */
export const NEAR_MISSES =
  'cocoa butter|shea butter|peanut butter|almond butter|nut butter|seed butter|apple butter|butter bean|butterbean|butternut|buttercup squash|cream of tartar|creamed coconut|coconut milk|coconut cream|coconut yogurt|oat milk|oat cream|soy milk|soya milk|almond milk|rice milk|soy yogurt|soya yogurt|nutmeg|water chestnut|tiger nut|nutrition|nutritional|buckwheat|eggplant|maltodextrin|maltitol|maltose|glucose syrup|dextrose|lactic acid|lactate|rice malt|cheesecloth|sweet potato|black pepper|white pepper|peppermint|pepper mint|yeast extract free|goat willow';

/** What a near miss still holds by itself. */
export const NEAR_MISS_MEANS: Record<string, AvoidId[]> = {
  'peanut butter': ['peanut', 'legume'],
  'almond butter': ['tree_nut'],
  'nut butter': ['tree_nut'],
  'creamed coconut': ['coconut'],
  'coconut milk': ['coconut'],
  'coconut cream': ['coconut'],
  'coconut yogurt': ['coconut'],
  eggplant: ['nightshade'],
  'oat milk': ['oats', 'gluten'],
  'oat cream': ['oats', 'gluten'],
  'soy milk': ['soy', 'legume'],
  'soya milk': ['soy', 'legume'],
  'soy yogurt': ['soy', 'legume'],
  'soya yogurt': ['soy', 'legume'],
  'almond milk': ['tree_nut'],
};

/** Sources exempt by EU 1169/2011 Annex II: shown as exempt, no alarm. */
export const EXEMPT: [pattern: string, avoid: AvoidId][] = [
  ['(?:wheat|barley)[- ]?(?:based )?(?:glucose syrup|dextrose|maltodextrin)s?', 'gluten'],
  ['(?:glucose syrup|dextrose|maltodextrin)s? \\((?:from )?(?:wheat|barley)\\)', 'gluten'],
  ['fully refined soy(?:a|bean)? (?:oil|fat)', 'soy'],
];

/** Words a packet may use that hold none of the above. */
export const PLAIN_WORDS =
  'water salt sea sugar cane beet brown raw icing rice flour white wholegrain whole grain ground sorghum millet teff buckwheat quinoa amaranth tapioca starch modified cassava arrowroot psyllium husk powder flax flaxseed linseed chia seed sunflower pumpkin rapeseed canola olive palm lecithin apple fruit juice concentrate puree lemon citric acid vinegar spirit cider wine baking raising agent agents bicarbonate sodium potassium calcium carbonate phosphate diphosphate diphosphates tartrate cream tartar vitamin vitamins b2 b12 d d2 d3 e riboflavin iodide cocoa butter mass vanilla extract natural flavouring flavourings flavoring colour carotene carotenes beta emulsifier stabiliser stabilizer thickener antioxidant ascorbic rosemary ingredients ingredient contains contain and or with of the in from organic certified gluten free dairy may per g date maple syrup inulin chicory fibre pectin agar glycerides mono di fatty acids cinnamon ginger nutmeg thyme cardamom dried base filtered drinking acidity regulator preservative trace minerals protein dextrose glucose maltodextrin cultures live culture blend mix plant drink based unsweetened';
