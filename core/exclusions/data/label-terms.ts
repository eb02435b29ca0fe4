import type { AvoidId } from '../../ingredients';

/**
 * Words on packets and what they are made of, in English, German, French, Spanish and Italian; folded to plain lower
 * case letters. Groups by EU 1169/2011 Annex II; gluten also takes the grains that a US "Contains" line does not
 * name. The longest phrase at a place wins, so that a phrase with an empty list is a near miss: it holds a word of
 * another row without being what that word says.
 */
export const TERMS: [avoids: AvoidId[], words: string][] = [
  // Cereals that hold gluten
  [['gluten', 'wheat'], 'wheat|spelt|durum|semolina|farro|freekeh|bulgur|bulghur|couscous|kamut|khorasan|einkorn|emmer|seitan|wheatgerm|wheat starch|matzo|panko|graham flour|atta|weizen|dinkel|griess|hartweizen|grunkern|ble|epeautre|froment|semoule|petit epeautre|trigo|espelta|escanda|semola|frumento|grano|grano duro|grano tenero|semolino|bread|bread flour|breadcrumb|filo|biscuit crumb|noodle|egg noodle|pasta|plain flour|pane|pan rallado|chapelure|paniermehl'],
  [['wheat', 'wheat_starch'], 'gluten free wheat starch|codex wheat starch|deglutinised wheat starch'],
  [['gluten'], 'gluten|barley|malt|malted barley|malted|rye|triticale|malt extract|malt vinegar|barley malt|barley malt extract|beer|ale|lager|pearl barley|rye bread|brewer yeast|gerste|roggen|malz|orge|seigle|cebada|centeno|malta|orzo|segale|malto'],
  [['gluten', 'milk'], 'malted milk'],
  [['gluten', 'milk', 'egg', 'wheat'], 'brioche'],
  [['gluten', 'oats'], 'oat|oatmeal|oat milk|oat drink|oat cream|oat base|hafer|haferdrink|avoine|avena'],
  // Egg
  [['egg'], 'egg|egg white|egg yolk|whole egg|free range egg|liquid egg|dried egg|egg powder|egg lecithin|albumen|albumin|ovalbumin|ovomucoid|ovotransferrin|livetin|lysozyme|mayonnaise|meringue|aioli|eggnog|e1105|ei|eier|eiern|eigelb|eischnee|eistreiche|eiklar|eiweiss|huhnerei|vollei|oeuf|oeufs|blanc d oeuf|jaune d oeuf|huevo|huevos|clara de huevo|yema|yema de huevo|uovo|uova|albume|tuorlo|tuorlo d uovo'],
  // Milk
  [['milk'], 'milk|cow milk|cow s milk|goat milk|goat s milk|sheep milk|sheep s milk|milk solid|milk powder|milk protein|butter|butteroil|butterfat|buttermilk|cream|ice cream|sour cream|soured cream|creme fraiche|cream cheese|cheese|cheddar|feta|brie|gruyere|paneer|halloumi|yogurt|yoghurt|whey|casein|caseinate|sodium caseinate|calcium caseinate|rennet casein|lactose|lactalbumin|lactoglobulin|lactoferrin|ghee|curd|kefir|milkfat|quark|skyr|ricotta|mozzarella|parmesan|pecorino|mascarpone|fromage frais|dulce de leche|dairy|lactitol|e966|galactooligosaccharide|milch|butter schmalz|butterschmalz|sahne|rahm|kase|molke|joghurt|topfen|milchzucker|laktose|lait|beurre|beurrer|beurrez|beurree|creme|fromage|lactoserum|petit lait|babeurre|yaourt|lactose du lait|leche|mantequilla|nata|queso|suero de leche|yogur|lactosa|caseina|caseinato|latte|burro|imburrare|imburrate|panna|formaggio|siero di latte|lattosio|siero|latticello|caseine'],
  // Tree nuts: the Annex's eight, and what is made of them
  [
    ['tree_nut'],
    'nut|tree nut|mixed nut|almond|almond milk|almond drink|almond butter|almond flour|almond paste|hazelnut|hazelnut butter|filbert|cobnut|walnut|cashew|cashew butter|cashew milk|cashew cheese|pecan|brazil nut|pistachio|macadamia|macadamia nut|queensland nut|nut butter|marzipan|praline|pralin|gianduja|gianduia|frangipane|nougat|noisette|amaretto|amaretti|turron|orgeat|mandel|mandeln|mandelmilch|haselnuss|walnuss|pekannuss|paranuss|pistazie|pistazien|schalenfruchte|nuss|nusse|nussen|krokant|amande|amandes|lait d amande|lait d amandes|noix|noix de cajou|noix de pecan|noix du bresil|noix de macadamia|noisettes|pistache|pistaches|fruits a coque|fruit a coque|massepain|cajou|almendra|leche de almendra|leche de almendras|avellana|nuez|nueces|anacardo|pistacho|pacana|frutos de cascara|fruto de cascara|frutos secos|mazapan|mandorla|mandorle|latte di mandorla|latte di mandorle|nocciola|nocciole|noce|noci|anacardi|pistacchio|pistacchi|frutta a guscio|marzapane|noci pecan|noci di macadamia',
  ],
  [['pine_nut'], 'pine nut|pine kernel|pinienkerne|pignon de pin|pinon|pinones|pinoli|pesto'],
  [['chestnut'], 'chestnut|sweet chestnut|chestnut flour|marron|marrons|chataigne|castagna|castagne|castana|esskastanie|maronen'],
  // Peanut
  [['peanut', 'legume'], 'peanut|peanut butter|groundnut|arachis|arachis oil|monkey nut|beer nut|erdnuss|erdnusse|arachide|arachides|cacahuete|cacahuetes|cacahouete|mani|arachidi'],
  // Soy
  [['soy', 'legume'], 'soy|soya|soybean|soyabean|soja|soia|tofu|tempeh|edamame|okara|natto|tamari|miso|soy milk|soya milk|soy drink|soy yogurt|soya yogurt|soy cream|soya cream|soya lecithin|soy lecithin|textured vegetable protein|yuba|lait de soja|leche de soja|latte di soia|sojamilch'],
  [['soy', 'legume', 'gluten', 'wheat'], 'soy sauce|soya sauce|shoyu|sauce soja|salsa de soja|salsa di soia'],
  // Others of the Annex
  [['sesame'], 'sesame|tahini|tahina|gingelly|halva|halvah|benne|sesam|sesamo|ajonjoli|gomasio|hummus|houmous'],
  [['lupin', 'legume'], 'lupin|lupine|lupinen|lupino|lupini|altramuz|altramuces'],
  [['mustard'], 'mustard|mustard seed|mustard flour|senf|moutarde|mostaza|senape'],
  [['celery'], 'celery|celeriac|celery salt|celery seed|sellerie|celeri|apio|sedano'],
  [['fish'], 'fish|anchovy|anchovies|cod|salmon|tuna|haddock|pollock|sardine|mackerel|isinglass|fish gelatine|surimi|caviar|fish sauce|worcester sauce|worcestershire sauce|fisch|poisson|pescado|pesce|lachs|saumon|anchois|acciughe|anchoa'],
  [['crustacean'], 'crustacean|prawn|shrimp|crab|lobster|crayfish|langoustine|krill|krebstiere|garnelen|crustace|crevette|crustaceo|crostacei|gamba|gambero'],
  [['mollusc'], 'mollusc|mollusk|squid|mussel|oyster|clam|scallop|snail|octopus|cuttlefish|whelk|oyster sauce|weichtiere|mollusque|molusco|molluschi|calamar|calamari|vongole'],
  [['sulphite'], 'sulphite|sulfite|sulphur dioxide|sulfur dioxide|metabisulphite|metabisulfite|sodium metabisulphite|e220|e221|e222|e223|e224|e226|e227|e228|schwefeldioxid|sulfit|anhydride sulfureux|sulfito|solfiti|anidride solforosa|dioxido de azufre'],
  // Beyond the law's lists
  [['coconut'], 'coconut|copra|coconut milk|coconut cream|coconut yogurt|coconut yoghurt|coconut water|coconut flour|creamed coconut|coconut butter|coconut sugar|kokos|kokosmilch|kokosnuss|noix de coco|lait de coco|creme de coco|coco|leche de coco|cocco|latte di cocco|noce di cocco'],
  [['coconut', 'oil'], 'coconut oil|coconut fat|kokosol|kokosfett|huile de coco|aceite de coco|olio di cocco'],
  [['corn'], 'corn|maize|cornflour|cornstarch|cornmeal|polenta|corn syrup|mais|maisstarke|maiz'],
  [['rice'], 'rice|rice flour|rice starch|rice malt|rice syrup|rice milk|rice drink|reis|reismehl|riz|arroz|riso'],
  [['grain'], 'sorghum|millet|teff|hirse'],
  [['legume'], 'chickpea|pea protein|lentil|fava bean|faba bean|broad bean|carob|bean protein|butter bean|butterbean|pois chiche|garbanzo|ceci|erbsenprotein|pea'],
  [['nightshade'], 'potato|tomato|paprika|aubergine|eggplant|potato starch|kartoffel|kartoffelstarke|pomme de terre|patata|fecola di patate|tomate|pomodoro'],
  [['oil'], 'oil|sunflower oil|rapeseed oil|vegetable oil|olive oil|palm oil|vegetable fat|palm fat|shortening|margarine|shea fat|shea butter|mango butter|cocoa butter|palm kernel|illipe|kakaobutter|beurre de cacao|manteca de cacao|burro di cacao|sonnenblumenol|rapsol|palmol|huile|aceite|olio|pflanzenol|palmfett|mono and diglycerides of fatty acids'],
  [['peanut', 'legume', 'oil'], 'peanut oil|groundnut oil'],
  [['soy', 'legume', 'oil'], 'soya oil|soy oil|soybean oil|sojaol'],
  [['honey'], 'honey|honig|miel|miele'],
  [['animal'], 'gelatine|gelatin|lard|suet|tallow|shellac|cochineal|carmine|e120|beeswax|schmalz|gelatina'],
  [['gum'], 'xanthan gum|xanthan|gellan gum|gellan|acacia gum|gum arabic|cellulose gum|methylcellulose|hydroxypropyl methylcellulose|carrageenan|konjac|e407|e415|e418|e414|e461|e464|e466|e425|verdickungsmittel xanthan'],
  [['gum', 'legume'], 'guar gum|guar|locust bean gum|carob gum|carob bean gum|e412|e410|guarkernmehl|johannisbrotkernmehl|gomme de guar|goma guar|gomma di guar'],
  [['yeast'], 'yeast|yeast extract|hefe|levure|levadura|lievito'],
  [['refined_sugar'], 'sugar|icing sugar|glucose syrup|glucose fructose syrup|dextrose|fructose|invert sugar syrup|golden syrup|cane sugar|zucker|sucre|azucar|zucchero'],
  [['inulin'], 'inulin|chicory root fibre|chicory fibre|chicory root|oligofructose|onion|garlic|inuline|inulina'],
  // Near misses
  [[], 'buckwheat|buchweizen|ble noir|sarrasin|farine de sarrasin|trigo sarraceno|grano saraceno|brown rice malt|maltodextrin|maltitol|maltose|malt free|eggplant free|egg plant'],
  [[], 'peppermint|nutmeg|muskatnuss|noix de muscade|nuez moscada|noce moscata|butternut|butternut squash|buttercup squash|water chestnut|tiger nut|tigernut|horse chestnut|erdmandel|doughnut'],
  [[], 'apple butter|cream of tartar|creamed|milk thistle|lactic acid|sodium lactate|calcium lactate|lactate|lactobacillus|milchsaure|milchsaurebakterien|acide lactique|acido lactico|acido lattico|coconut free|butterscotch flavouring|cream soda|creme de tartre|kakaomasse|ferments lactiques|fermenti lattici|fermentos lacticos|vegan butter|vegan cheese|vegan cream|vegan cream cheese|plant based butter|plant butter|seed butter|sunflower seed butter|sunflower butter|pumpkin seed butter|fruit butter|date butter|prune butter|dairy alternative|milk alternative|butter alternative|cheese alternative|oat free|sweet potato flakes|nut free|pan|pane integrale senza glutine|rice pasta|corn pasta|rice noodle|gluten free bread|gluten free pasta|gluten free noodle|gluten free biscuit|gluten free beer|fish shaped|fishmonger|cocoa mass'],
  // Milks, creams and butters of plants: the word after them is none of the dairy.
  [['coconut'], 'cream of coconut'],
  [['tree_nut'], 'macadamia milk|cashew milk|hazelnut milk|pistachio milk|walnut milk|pecan milk|macadamia butter|lait de noisette|lait de noisettes|lait de cajou|haselnussmilch'],
  [['rice'], 'lait de riz|leche de arroz|latte di riso'],
  [['peanut', 'legume'], 'beurre de cacahuete|beurre de cacahuetes|burro di arachidi'],
  // The hands that knead are no peanuts.
  [[], 'le mani|mani umide|mani bagnate|mani infarinate|mani unte'],
  [[], 'hemp milk|hemp drink|quinoa milk|tiger nut milk|flax milk|lait de chanvre|hanfmilch|oyster mushroom|austernpilz|austernseitling'],
];

/** Parts of German compounds, longest first: what a long word holds. An empty list is a near miss. */
export const STEMS: [stem: string, avoids: AvoidId[]][] = [
  ['buchweizen', []],
  ['erdmandel', []],
  ['erdnussbutter', ['peanut', 'legume']],
  ['muskatnuss', []],
  ['milchsaure', []],
  ['kokosnuss', ['coconut']],
  ['kokosmilch', ['coconut']],
  ['sojamilch', ['soy', 'legume']],
  ['mandelmilch', ['tree_nut']],
  ['hafermilch', ['oats', 'gluten']],
  ['reismilch', ['rice']],
  ['kakaobutter', ['oil']],
  ['erdnuss', ['peanut', 'legume']],
  ['haselnuss', ['tree_nut']],
  ['walnuss', ['tree_nut']],
  ['paranuss', ['tree_nut']],
  ['pekannuss', ['tree_nut']],
  ['cashewkern', ['tree_nut']],
  ['macadamianuss', ['tree_nut']],
  ['huhnerei', ['egg']],
  ['vollei', ['egg']],
  ['eigelb', ['egg']],
  ['eiklar', ['egg']],
  ['weizen', ['gluten', 'wheat']],
  ['dinkel', ['gluten', 'wheat']],
  ['roggen', ['gluten']],
  ['gersten', ['gluten']],
  ['gerste', ['gluten']],
  ['malz', ['gluten']],
  ['hafer', ['oats', 'gluten']],
  ['mandel', ['tree_nut']],
  ['pistazien', ['tree_nut']],
  ['milch', ['milk']],
  ['molke', ['milk']],
  ['sahne', ['milk']],
  ['butter', ['milk']],
  ['joghurt', ['milk']],
  ['kase', ['milk']],
  ['soja', ['soy', 'legume']],
  ['sesam', ['sesame']],
  ['lupin', ['lupin', 'legume']],
  ['sellerie', ['celery']],
  ['senf', ['mustard']],
  ['fisch', ['fish']],
  ['kokos', ['coconut']],
  ['caseinat', ['milk']],
];

/** Sources exempt by EU 1169/2011 Annex II: shown as exempt, no alarm. Patterns over folded text. */
export const EXEMPT: [pattern: string, avoid: AvoidId][] = [
  ['(?:wheat|barley)(?: based)? (?:glucose syrup|dextrose|maltodextrin|glucose)s?', 'gluten'],
  ['(?:dried )?(?:glucose syrup|dextrose|maltodextrin|glucose)s? ?\\( ?(?:from )?(?:wheat|barley) ?\\)', 'gluten'],
  ['fully refined soy(?:a|bean)? (?:oil|fat)', 'soy'],
  ['soy(?:a|bean)? oil ?\\( ?fully refined ?\\)', 'soy'],
  ['(?:mixed )?tocopherols? ?\\( ?(?:from )?soy(?:a|bean)? ?\\)', 'soy'],
];

/** What may be claimed absent in a list ("free from milk, eggs and nuts"): bare names only, so that an ingredient is never taken for a claim. */
export const CLAIMABLE = 'gluten|wheat|dairy|milk|lactose|egg|nut|tree nut|peanut|soy|soya|sesame|fish|shellfish|crustacean|mollusc|celery|mustard|lupin|sulphite|corn|yeast|sugar|palm oil|oil|gmo|gm|preservative|colour|flavour|flavouring|artificial|artificial colour|artificial flavour|artificial flavouring|artificial preservative|added sugar|added|allergen|any allergen|major allergen|animal product|honey|coconut|gluten ingredient|ei|eier|milch|laktose|nusse|soja|zucker|weizen|zuckerzusatz|lait|oeuf|oeufs|lactose|arachide|fruits a coque|ble|sucre|leche|huevo|huevos|lactosa|soja|azucar|trigo|nueces|glutine|latte|uova|lattosio|soia|zucchero|frumento|noci|lievito';

/** Words a packet may use that hold none of the above. */
export const PLAIN_WORDS =
  'water salt sea cane beet brown raw flour white wholegrain whole grain ground quinoa amaranth tapioca starch modified cassava arrowroot psyllium husk powder flax flaxseed linseed chia seed sunflower pumpkin rapeseed canola olive palm lecithin apple fruit juice concentrate puree lemon citric acid vinegar spirit cider wine baking raising agent agents bicarbonate sodium potassium calcium carbonate phosphate diphosphate diphosphates tartrate cream tartar vitamin vitamins b2 b12 d d2 d3 e riboflavin iodide cocoa mass vanilla extract natural flavouring flavourings flavoring colour carotene carotenes beta emulsifier stabiliser stabilizer stabilisers thickener antioxidant ascorbic rosemary ingredients ingredient contains contain containing and or with of the in from to a an for as by organic certified free may per g mg ml date dates maple syrup pectin agar glycerides mono di fatty acids cinnamon ginger thyme cardamom dried base filtered drinking acidity regulator preservative trace minerals protein glucose cultured cultures live culture blend mix plant drink based unsweetened vegetable vegetables fat fats oils shea hydrogenated fully partially refined cold pressed pure full low reduced fresh roasted toasted blanched chopped flakes flaked halves pieces filling sauce dressing topping crumbs chips solids skimmed semi pasteurised pasteurized condensed evaporated sweetened desiccated hulled shelled split peeled cooked soaked invertase enzyme enzymes enzyme iron niacin thiamin folic zinc carbonates e300 e330 e322 e340 e452 e471 e500 e501 e450 e341 cornflour annatto norbixin turmeric paprika pepper caraway basil lovage tamarind molasses carrot carrots leek leeks spinach garlic herbs spices spice lentils beans psyllium hemp poppy banana orange apricot apricots kernels raspberry strawberry blueberry cherry pear plum prune figs raisins sultanas currants cranberry hydrolysed hydrolyzed textured wax communion wafer caesar disodium dark chocolate paste cracker crackers biscuit biscuits liquid yolk custard dextrin sweetener sweeteners triticum spelta spread clarified block fined ink goat sheep cow warning graines grains alternative bouillon stock smoked bar cookie cake flake meal bean beans pulse fruit isolate concentrate syrup instant fine coarse grade quality origin eu non country net weight total typical values nutrition energy carbohydrate saturates sugars suitable vegans vegetarians allergy advice allergens see bold product made using best before store cool dry place once opened keep refrigerated zutaten wasser salz mehl maismehl starke tapiokastarke pulver und oder mit von in aus natives bio sonnenblumen raps emulgator sauerteig vollkornmehl erbsen backpulver natriumhydrogencarbonat farine eau sel amidon poudre de du des la le les et d l ou au aux bio sans naturel arome tournesol colza entier ecreme tapioca levure ingredients harina agua sal almidon polvo en y o sin con natural aroma girasol ingredientes farina acqua sale amido polvere di da e con senza naturale girasole ingredienti intero scremato pastorizzato';
