import type * as English from '../../kits';

export const KIT_WORDS: typeof English.KIT_WORDS = {
  gum_blend_for_gluten: {
    name: 'Glutenfreie Mehlmischung mit Gummi',
    about: 'Weißmehl am nächsten in Kuchen, Keksen und Mürbeteig. Lies die Packung: gib kein Gummi dazu.',
  },
  rice_sorghum_psyllium_for_gluten: {
    name: 'Sorghum, Tapioka und Flohsamen',
    about:
      'Für Brote und Brötchen: Flohsamen hält das Gas, Tapioka gibt etwas Biss. Braucht mehr Wasser und eine Ruhe.',
  },
  rice_starch_for_gluten: {
    name: 'Reismehl, Kartoffelstärke und etwas Xanthan',
    about: 'Leicht und mild, für Kuchen und Kekse. Wird bald altbacken.',
  },
  buckwheat_psyllium_for_gluten: {
    name: 'Buchweizen, Reis und Flohsamen',
    about: 'Dunkel und voll im Geschmack, dicht in der Krume. Für Brote, die kräftig sein dürfen.',
  },
  certified_for_oat_flour: {
    name: 'Zertifiziert glutenfreies Hafermehl',
    about:
      'Dasselbe Mehl, aus getrennt angebautem, gemahlenem und geprüftem Hafer. Manche Menschen mit Zöliakie vertragen gar keinen Hafer.',
  },
  certified_for_oats: {
    name: 'Zertifiziert glutenfreie Haferflocken',
    about:
      'Dieselben Flocken, getrennt angebaut, gemahlen und geprüft. Manche Menschen mit Zöliakie vertragen gar keinen Hafer.',
  },
  flax_gel: {
    name: 'Gel aus gemahlenem Lein',
    about:
      'Bindet und feuchtet, treibt nichts. Graubraune Punkte, nussiger Geschmack. Gut für zwei bis drei Eier.',
  },
  chia_gel: {
    name: 'Gel aus gemahlenem Chia',
    about: 'Ein stärkeres Gel als Lein, milder im Geschmack. Gut für zwei bis drei Eier.',
  },
  psyllium_gel: {
    name: 'Gel aus Flohsamenpulver',
    about: 'Das stärkste: hält Gas und Form im Teig. Zu viel wird klitschig.',
  },
  aquafaba: {
    name: 'Aquafaba, aufgeschlagen',
    about: 'Das Kochwasser von Kichererbsen hält einen Schaum: die leichteste Lösung, schwächer im Binden.',
  },
  chickpea_slurry: {
    name: 'Brei aus Kichererbsenmehl',
    about: 'Wird in der Hitze fest, ähnlich wie Ei, und bräunt.',
  },
  soy_yogurt_egg: { name: 'Sojajoghurt', about: 'Sein Eiweiß stützt Blasen und hält die Krume weich.' },
  silken_tofu_egg: { name: 'Seidentofu, püriert', about: 'Wird dicht und glatt fest: für üppiges Gebäck.' },
  apple_egg: {
    name: 'Apfelmus',
    about: 'Feucht, aber kein Eiweiß: dicht und schwach. Nicht für Gebäck, das hoch stehen soll.',
  },
  starch_slurry: {
    name: 'Brei aus Kartoffelstärke',
    about: 'Festigkeit und Biss, kein Trieb und kein eigener Geschmack.',
  },
  soy_drink: { name: 'Sojadrink', about: 'Milch im Eiweiß am nächsten: bräunt und macht weich wie sie.' },
  oat_drink: {
    name: 'Zertifizierter Haferdrink',
    about: 'Mild und etwas süß. Nur wenn Hafer vertragen wird.',
  },
  rice_drink: { name: 'Reisdrink', about: 'Dünn und süß, fast kein Eiweiß: blasser, magerer.' },
  almond_drink: { name: 'Mandeldrink', about: 'Fast nur Wasser, und eine Nuss.' },
  water_milk: { name: 'Wasser', about: 'Nur das Wasser der Milch: schlichter und blasser.' },
  soy_powder: {
    name: 'Sojamilchpulver',
    about: 'Eiweiß wie Milchpulver, weniger Zucker: bräunt etwas weniger.',
  },
  chickpea_for_powder: {
    name: 'Kichererbsenmehl und Zucker',
    about: 'Gibt Eiweiß, Zucker und Farbe zurück.',
  },
  sugar_for_powder: {
    name: 'Etwas Zucker',
    about: 'Gibt die Süße und etwas Farbe zurück, nicht das Eiweiß.',
  },
  soy_lemon: {
    name: 'Sojadrink und Zitronensaft',
    about: 'Gerinnt und dickt; trägt die Säure, die das Natron braucht.',
  },
  soy_vinegar: { name: 'Sojadrink und Apfelessig', about: 'Wie mit Zitrone, etwas schärfer.' },
  oat_lemon: {
    name: 'Zertifizierter Haferdrink und Zitronensaft',
    about: 'Sauer und dünn: kein Eiweiß, das dickt.',
  },
  rice_vinegar: { name: 'Reisdrink und Apfelessig', about: 'Sauer und dünn: kein Eiweiß, das dickt.' },
  soy_yogurt: {
    name: 'Sojajoghurt, verdünnt',
    about: 'Körper und Eiweiß; weniger sauer als Buttermilch, darum hilft etwas Zitrone.',
  },
  coconut_milk: { name: 'Kokosmilch aus der Dose', about: 'Üppig, schmeckt nach Kokos.' },
  soy_drink_oil: { name: 'Sojadrink und Öl', about: 'Fett und Wasser der Sahne, ohne ihren Körper.' },
  soy_seed_butter: {
    name: 'Sojadrink und Sonnenblumenmus',
    about: 'Fett im ganzen Lebensmittel statt Sahne; dunkler, nussig.',
  },
  plant_block: {
    name: 'Fester Pflanzenblock',
    about:
      'Lässt sich rühren, reiben und blättern, fast wie Butter. Nur feste: aus dem Becher ist zu weich und nass.',
  },
  shortening_water: {
    name: 'Pflanzenfett mit Wasser',
    about: 'Nur Fett: die größten Blätter, kein eigener Geschmack.',
  },
  coconut_fat: { name: 'Kokosöl und Wasser', about: 'Kalt fest, bei 24 °C weg.' },
  oil_for_butter: {
    name: 'Sonnenblumenöl und Wasser',
    about: 'Zart, aber flüssig: es lässt sich nicht schaumig rühren.',
  },
  seed_butter_apple: {
    name: 'Sonnenblumenmus und Apfel',
    about: 'Fett im ganzen Lebensmittel mit Mus: weich und dunkel, hält kürzer.',
  },
  tahini_apple: {
    name: 'Tahin und Apfel',
    about: 'Fett im ganzen Lebensmittel mit Mus; schmeckt nach Sesam.',
  },
  seed_butter_pastry: {
    name: 'Sonnenblumenmus, eingearbeitet',
    about: 'Hält zusammen und schmilzt, ohne Knack und Blätter.',
  },
  tahini_pastry: {
    name: 'Tahin, eingearbeitet',
    about: 'Mürb und krümelig, schmeckt nach Sesam; ohne Knack und Blätter.',
  },
  apple_for_butter: {
    name: 'Apfelmus',
    about: 'Feuchtet ohne Fett: kuchig und weich, nach einem Tag trocken.',
  },
  apple_seed_butter: {
    name: 'Apfelmus und Kürbiskernmus',
    about: 'Mus macht zart, das Kernmus gibt etwas Fett zurück.',
  },
  squash_for_oil: { name: 'Kürbismus', about: 'Feucht und mild, fast kein Fett: frisch essen.' },
  apple_for_oil: { name: 'Apfelmus', about: 'Feucht und etwas süß, kein Fett: frisch essen.' },
  soy_yogurt_for_oil: { name: 'Sojajoghurt', about: 'Feucht mit etwas Eiweiß, kaum Fett.' },
  seed_butter_for_oil: {
    name: 'Sonnenblumenmus',
    about: 'So viel Fett, wie das Öl hatte, und Eiweiß dazu: dichter.',
  },
  butter_for_oil: { name: 'Butter, geschmolzen', about: 'Mehr Geschmack; kalt fester.' },
  pumpkin_meal: {
    name: 'Gemahlene Kürbiskerne',
    about: 'Gewicht für Gewicht; ein grüner Ton, guter Geschmack.',
  },
  sunflower_meal: {
    name: 'Gemahlene Sonnenblumenkerne',
    about: 'Gewicht für Gewicht, Mandel im Geschmack am nächsten.',
  },
  oat_meal: { name: 'Zertifiziertes Hafermehl', about: 'Masse und Geschmack ohne das Fett: magerer.' },
  rice_for_nut_flour: { name: 'Mehr Reismehl', about: 'Nur Masse: magerer, trockener.' },
  pumpkin_pieces: { name: 'Kürbiskerne, geröstet', about: 'Biss und Geschmack, Gewicht für Gewicht.' },
  sunflower_pieces: { name: 'Sonnenblumenkerne, geröstet', about: 'Biss, milder.' },
  raisins_for_nuts: { name: 'Rosinen', about: 'Zähe Süße statt Knack.' },
  sunflower_butter: { name: 'Sonnenblumenmus', about: 'Eins zu eins.' },
  tahini_butter: { name: 'Tahin', about: 'Eins zu eins; schmeckt nach Sesam.' },
  paper_lining: {
    name: 'Backpapier, kein Fett',
    about: 'Die Form auslegen; die Hände mit Wasser statt Öl nass machen.',
  },
  drink_wash: { name: 'Sojadrink und Ahornsirup, aufgestrichen', about: 'Glanz und Farbe.' },
  water_wash: { name: 'Wasser, aufgestrichen', about: 'Eine weiche Kruste ohne Glanz.' },
  cider_for_malt: { name: 'Apfelessig', about: 'Dieselbe Säure, ohne Gerste.' },
  maple_syrup: { name: 'Ahornsirup', about: 'Bringt mehr Wasser und weniger Zucker als Honig.' },
  vegan_cheese: {
    name: 'Veganer Käse',
    about: 'Schmilzt und schmeckt auf seine Art: sie sind sehr verschieden und enthalten zugesetztes Öl.',
  },
  vegan_cream_cheese: {
    name: 'Pflanzlicher Frischkäse',
    about: 'Gewicht für Gewicht; geschlagen weicher. Manche enthalten Nüsse oder Kokos: lies die Packung.',
  },
  yeast_for_cheese: {
    name: 'Hefeflocken mit Öl und Salz',
    about: 'Der Geschmack von Hartkäse und seine Bräune, ohne Masse und Ziehen.',
  },
  egg_left_out: {
    name: 'Weggelassen, mit etwas Wasser',
    about: 'Wo Ei wenig tat: Böden, Cracker, viele Kekse, ein magerer Teig. Nach Gefühl zusammenbringen.',
  },
  own_rice_mix: {
    name: 'Eigene Mischung: Reis, Kartoffel, Tapioka',
    about: 'Leicht und schlicht, von etwas Flohsamen statt Gummi gehalten.',
  },
  own_sorghum_mix: {
    name: 'Eigene Mischung: Sorghum, Tapioka, Mais',
    about: 'Brot im Geschmack näher; Flohsamen hält sie.',
  },
  own_buckwheat_mix: {
    name: 'Eigene Mischung: Buchweizen, Tapioka, Pfeilwurz',
    about: 'Dunkel und nussig, ohne Reis und Mais; Flohsamen hält sie.',
  },
  own_gum_mix: {
    name: 'Eigene Mischung mit Xanthan',
    about: 'Reis, Kartoffel und Tapioka, mit dem Gummi, mit dem solche Mischungen verkauft werden.',
  },
  gumless_mix: {
    name: 'Mischung ohne Gummi, und Flohsamen',
    about: 'Eine Mischung gleicher Art, ohne Gummi verkauft; etwas Flohsamen hält stattdessen.',
  },
  xylitol_for_sugar: {
    name: 'Xylit',
    about: 'So süß wie Zucker, Gramm für Gramm, und bräunt wenig. Hefe lebt nicht davon.',
  },
  erythritol_for_sugar: {
    name: 'Erythrit',
    about: 'Ein Drittel weniger süß, kühl auf der Zunge, und kann beim Abkühlen körnig werden.',
  },
  xanthan_for_psyllium: {
    name: 'Xanthan',
    about: 'Hält eine Masse, keinen Teig, der geformt wird: gieß sie in eine Form.',
  },
  flavour_left_out: {
    name: 'Weggelassen',
    about: 'Nichts kommt an seine Stelle: nur sein Geschmack fehlt.',
  },
  vanilla_for_extract: {
    name: 'Stattdessen Vanille',
    about: 'Ebenso viel Vanille: ein anderer Geschmack, den das meiste Gebäck verträgt.',
  },
  powder_left_out: {
    name: 'Milchpulver weggelassen',
    about: 'Etwas blasser und weniger weich. Wenige werden es merken.',
  },
  tofu_for_cheese: {
    name: 'Fester Tofu mit Zitrone',
    about: 'Masse und Festigkeit, mild im Geschmack: mehr würzen.',
  },
  left_off: { name: 'Weggelassen', about: 'Es wurde nur obenauf oder aufs Brett gestreut.' },
  left_out_taste: { name: 'Weggelassen', about: 'Es kam nur nach Geschmack dazu.' },
  psyllium_husk_gel: {
    name: 'Gel aus Flohsamenschalen',
    about: 'Wie das Pulver, Gewicht für Gewicht etwas schwächer. Wiegen, nie löffeln.',
  },
  chia_whole_gel: { name: 'Gel aus ganzem Chia', about: 'Stark, mit sichtbaren Samen.' },
  aquafaba_white: {
    name: 'Aquafaba mit Weinstein',
    about: 'Schlägt sich zu Schaum wie Eiweiß; im Ofen schwächer.',
  },
  seed_butter_yolk: {
    name: 'Saatmus und Sojadrink',
    about: 'Macht üppig und emulgiert, wie Eigelb es tut; wird nicht fest.',
  },
  fizz_egg: {
    name: 'Sojadrink mit Natron und Essig',
    about: 'Ein Sprudeln statt des Schaums: Trieb ohne Bindung.',
  },
  egg_replacer: { name: 'Ei-Ersatzpulver', about: 'Stärke mit Triebmitteln aus einer Packung: lies sie.' },
  cornflour_custard: {
    name: 'Maisstärke zum Schneiden, und Sojadrink',
    about:
      'Das feste Ende, 8 bis 10 % der Flüssigkeit: vor dem Einfüllen auf 92–96 °C bringen, dann backen, bis die Mitte zittert.',
  },
  cornflour_cream: {
    name: 'Maisstärke für eine Creme, und Sojadrink',
    about:
      '6 bis 8 % der Flüssigkeit: steht auf dem Löffel, lässt sich nicht schneiden. Auf 92–96 °C bringen und köcheln.',
  },
  cornflour_pouring: {
    name: 'Maisstärke zum Gießen, und Sojadrink',
    about: '3 bis 4 % der Flüssigkeit: eine Soße. Auf 92–96 °C bringen und köcheln.',
  },
  tapioca_custard: {
    name: 'Tapioka und Sojadrink',
    about: 'Klar und weich; wird dünn, wenn es lange kocht.',
  },
  rice_custard: {
    name: 'Pfeilwurz und Reisdrink',
    about: 'Glänzend und mild; wird dünn, wenn es lange kocht.',
  },
  tofu_custard: {
    name: 'Seidentofu',
    about: 'Wird in der Hitze fest wie Eiercreme, gewürzt mild.',
  },
  chickpea_custard: {
    name: 'Masse aus Kichererbsenmehl',
    about: 'Wird fest und bräunt: für herzhafte Füllungen.',
  },
  pea_drink: { name: 'Erbsendrink', about: 'Eiweiß nahe an Milch, kein Soja.' },
  coconut_drink: { name: 'Kokosdrink', about: 'Feuchtet; wenig Eiweiß, darum blasser.' },
  hemp_drink: { name: 'Hanfdrink', about: 'Feuchtet, grasiger Geschmack; wenig Eiweiß.' },
  coconut_yogurt: { name: 'Kokosjoghurt', about: 'Üppig und dick, weniger sauer: Zitrone gleicht es aus.' },
  oat_yogurt: { name: 'Haferjoghurt', about: 'Mild, weniger sauer: Zitrone gleicht es aus.' },
  apple_vinegar_cultured: {
    name: 'Apfelmus mit Essig',
    about: 'Wasser und Säure ganz ohne Drink; kein Eiweiß.',
  },
  coconut_cream: { name: 'Kokoscreme', about: 'Fett und Körper; schmeckt nach sich selbst.' },
  soy_cream_lemon: {
    name: 'Sojasahne mit Zitrone',
    about: 'Fett, Körper und Säure einer sauren Sahne. Sie dickt, wenn die Zitrone dazukommt.',
  },
  coconut_cream_lemon: {
    name: 'Kokoscreme mit Zitrone',
    about: 'Üppig und dick, mit etwas Säure; schmeckt in schlichtem Gebäck nach Kokos.',
  },
  tofu_lemon: {
    name: 'Seidentofu mit Zitrone',
    about: 'Glatt püriert: Körper und Eiweiß, das fest wird, kaum Fett.',
  },
  soy_cream: { name: 'Sojasahne', about: 'Zum Kochen und für feste Füllungen; enthält zugesetztes Öl.' },
  oat_cream: { name: 'Hafersahne', about: 'Mild; enthält zugesetztes Öl.' },
  tofu_cream: { name: 'Seidentofu, püriert', about: 'Körper ohne Fett.' },
  bean_cheese: { name: 'Weiße Bohnen und Hefeflocken', about: 'Würze ohne Schmelz.' },
  creamed_coconut: {
    name: 'Kokosblock',
    about: 'Ganze Kokosnuss, unter 24 °C fest: das einzige feste Fett, das kein ausgezogenes Öl ist.',
  },
  avocado_for_butter: {
    name: 'Avocado, zerdrückt',
    about: 'Fett im ganzen Lebensmittel, grün und weich; nicht schaumig zu rühren.',
  },
  spread_for_butter: {
    name: 'Pflanzlicher Aufstrich',
    about: 'Weicher und nasser als ein Block: nicht für Blätterteig.',
  },
  banana_for_oil: { name: 'Banane, zerdrückt', about: 'Feucht und süß; schmeckt nach sich selbst.' },
  bean_for_oil: { name: 'Weiße Bohnen, püriert', about: 'Feucht, mild, dicht.' },
  tahini_for_oil: { name: 'Tahin', about: 'Sesam mit eigenem Fett.' },
  other_oil: { name: 'Olivenöl', about: 'Ein anderes Öl, Gramm für Gramm.' },
  coconut_for_nut_flour: {
    name: 'Kokosmehl mit Öl',
    about: 'Ein Drittel des Gewichts, denn es trinkt; Fett und Halt kommen daneben zurück.',
  },
  coconut_whole_for_nut_flour: {
    name: 'Kokosraspel, gemahlen',
    about: 'Fett und Biss; schmeckt nach sich selbst.',
  },
  tiger_nut: { name: 'Erdmandelmehl', about: 'Eine Knolle, keine Nuss: süß, mit etwas Fett.' },
  sesame_pieces: { name: 'Sesamsamen', about: 'Feiner Biss, kräftiger Geschmack.' },
  coconut_pieces: { name: 'Kokosraspel', about: 'Zäher Biss.' },
  nib_pieces: { name: 'Kakaonibs', about: 'Harter, bitterer Biss.' },
  pumpkin_butter: { name: 'Kürbiskernmus', about: 'Grün und kräftig, Gramm für Gramm.' },
  date_syrup: { name: 'Dattelsirup', about: 'Dunkel und süßsauer, nahe an Honig.' },
  agave: { name: 'Agavensirup', about: 'Sehr süß, mild.' },
  rice_syrup: { name: 'Reissirup', about: 'Halb so süß: die Süße sinkt.' },
  coconut_sugar: { name: 'Kokosblütenzucker', about: 'Gramm für Gramm, dunkler.' },
  maple_for_sugar: {
    name: 'Ahornsirup statt Zucker',
    about: 'Bringt eigenes Wasser mit, das von der Flüssigkeit abgeht.',
  },
  date_for_sugar: { name: 'Dattelpaste', about: 'Ganze Frucht: dicht, feucht, braun.' },
  psyllium_for_gum: { name: 'Flohsamenpulver', about: 'In Broten ohne Gummi das Übliche: Form und Gas.' },
  flax_for_gum: { name: 'Gemahlener Lein', about: 'Hält einen Kuchen oder Keks, schmeckt nussig.' },
  chia_for_gum: { name: 'Gemahlener Chia', about: 'Hält gut, wenig Geschmack.' },
  powder_for_yeast: { name: 'Backpulver', about: 'Gleich in den Ofen: keine Gare, eine kuchenartige Krume.' },
  soda_for_yeast: { name: 'Natron mit Zitrone', about: 'Gleich in den Ofen; braucht all seine Säure.' },
  buckwheat_levain: { name: 'Buchweizenansatz', about: 'Gramm für Gramm, mit eigenem Mehl und Wasser.' },
  buckwheat_for_flour: { name: 'Buchweizenmehl', about: 'Dunkler, kräftiger, botanisch kein Getreide.' },
  sorghum_for_flour: { name: 'Sorghummehl', about: 'Mild und weich.' },
  rice_for_flour: { name: 'Weißes Reismehl', about: 'Neutral; fein gemahlen ist es nicht sandig.' },
  quinoa_for_flour: { name: 'Quinoamehl', about: 'Mehr Eiweiß, leicht bitter.' },
  tapioca_for_starch: { name: 'Tapiokastärke', about: 'Zäh und elastisch.' },
  potato_for_starch: { name: 'Kartoffelstärke', about: 'Weich und feucht.' },
  arrowroot_for_starch: { name: 'Pfeilwurz', about: 'Klar, neutral.' },
  corn_for_starch: { name: 'Maisstärke', about: 'Mürb und zart.' },
  vegan_chocolate: {
    name: 'Vegane Schokolade',
    about: 'Lies auf der Packung, ob Spuren von Milch darin sein können.',
  },
  cocoa_for_chocolate: {
    name: 'Kakao mit Apfelmus',
    about: 'Der Geschmack ohne das Fett; es schmilzt nicht.',
  },
  starch_gloss: {
    name: 'Glanz aus Maisstärke',
    about: 'Heiß aus dem Topf aufgestrichen trocknet es glänzend.',
  },
  soften_in_water: {
    name: 'Kein Fett, in Wasser weich gemacht',
    about: 'Was in Fett weich wurde, wird abgedeckt in etwas Wasser weich.',
  },
};
