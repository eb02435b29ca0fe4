import type * as English from '../../terms';

export const JOB_WORDS: typeof English.JOB_WORDS = {
  wet: 'gibt Feuchte',
  thicken: 'dickt',
  shape: 'hält die Form',
  hold_gas: 'hält Gas',
  set_hot: 'wird in der Hitze fest',
  set_cool: 'wird beim Abkühlen fest',
  shorten: 'macht zart',
  flake: 'macht blättrig',
  cream: 'hält beim Rühren Luft',
  emulsify: 'emulgiert',
  foam: 'treibt',
  sweeten: 'süßt',
  brown: 'bräunt',
  sour: 'gibt Säure',
  flavour: 'gibt Geschmack',
  glaze: 'gibt Glanz',
  release: 'verhindert Ankleben',
  bite: 'gibt Biss',
};

export const JOB_NOUNS: typeof English.JOB_NOUNS = {
  ...JOB_WORDS,
  wet: 'Wasser',
  thicken: 'Dicke',
  shape: 'Form',
  hold_gas: 'Gashalten',
  set_hot: 'Festwerden in der Hitze',
  set_cool: 'Festwerden beim Abkühlen',
  shorten: 'Zartheit',
  flake: 'Blättrigkeit',
  cream: 'Luft vom Schaumigrühren',
  emulsify: 'Emulsion',
  foam: 'Trieb',
  sweeten: 'Süße',
  brown: 'Bräunung',
  sour: 'Säure',
  flavour: 'Geschmack',
  glaze: 'Glanz',
  release: 'Lösen aus der Form',
  bite: 'Biss',
};

export const FIT_WORDS: typeof English.FIT_WORDS = {
  inside: '',
  low: 'niedrig',
  high: 'hoch',
  open: 'noch nicht zu sagen',
};

export const PROP_WORDS: typeof English.PROP_WORDS = {
  mass: 'Gesamtgewicht',
  water: 'Wasser',
  freeWater: 'freies Wasser',
  demand: 'Wasseraufnahme',
  fat: 'Fett',
  sugars: 'Zucker',
  starch: 'Stärke',
  protein: 'Eiweiß',
  fibre: 'Ballaststoffe',
  salt: 'Salz',
  energy: 'Energie',
  acid: 'Säure',
  base: 'Lauge',
  bind: 'Bindung',
  shorten: 'Zartheit',
  lift: 'Triebgas',
  bite: 'Einlagen',
  wetness: 'wirksame Hydration',
};

export const PROP_NOTES: typeof English.PROP_NOTES = {
  wetness:
    'Freies Wasser gegen das, was die trockenen Zutaten aufnehmen, nicht Wasser gegen Mehl. Sie hält den Teig handlich, wenn sich die Mehle ändern; bei 100 % ist gerade so viel Wasser da, wie sie aufnehmen.',
  bind: 'In Eiern gezählt: 1 ist, was ein Ei von 50 g in dieser Art Gebäck bindet. Dicke, Form, Gashalten und Festwerden, gewichtet nach dem, was das Gebäck braucht.',
  shorten:
    'Gramm Fett, oder was für Fett in der Zartheit steht: Mus und Joghurt zählen je nach Gebäck, Fett in Nüssen und Saaten zum Teil.',
  lift: 'Millimol Gas, die Natron und Backpulver geben können, Natron gezählt, als wäre seine Säure da, und der Schaum von Ei oder Aquafaba als Gleiches.',
  acid: 'Millimol Säure, wie titriert. Nur dagegen wirkt Natron.',
  mass: 'Alles in der Schüssel, ohne das, was bestreicht oder die Form fettet.',
  water: 'Alles Wasser, das da ist: auch in Eiern, Drinks und Mus.',
};

export const FEEL_WORDS_TEXT: typeof English.FEEL_WORDS_TEXT = {
  pours: 'fließt',
  runs: 'läuft langsam ab',
  drops: 'fällt in einem Klumpen',
  frosting: 'wie Buttercreme',
  sticky: 'klebrig',
  tacky: 'haftend',
  rolls: 'rollbar',
  cracks: 'reißt',
};

export const UNIT_WORDS: typeof English.UNIT_WORDS = {
  mg: ['mg', 'mg'],
  g: ['g', 'g'],
  kg: ['kg', 'kg'],
  oz: ['Unze', 'Unzen'],
  lb: ['Pfund (lb)', 'Pfund (lb)'],
  ml: ['ml', 'ml'],
  cl: ['cl', 'cl'],
  dl: ['dl', 'dl'],
  l: ['l', 'l'],
  floz: ['fl. Unze', 'fl. Unzen'],
  pint: ['Pint', 'Pints'],
  quart: ['Quart', 'Quarts'],
  tsp: ['TL', 'TL'],
  tbsp: ['EL', 'EL'],
  cup: ['Tasse', 'Tassen'],
  dash: ['Spritzer', 'Spritzer'],
  pinch: ['Prise', 'Prisen'],
  dessertspoon: ['Dessertlöffel', 'Dessertlöffel'],
  teacup: ['Teetasse', 'Teetassen'],
  piece: ['Stück', 'Stück'],
  stick: ['Stange', 'Stangen'],
  sachet: ['Päckchen', 'Päckchen'],
  tin: ['Dose', 'Dosen'],
  clove: ['Zehe', 'Zehen'],
  leaf: ['Blatt', 'Blätter'],
  stalk: ['Stängel', 'Stängel'],
  knob: ['Stückchen', 'Stückchen'],
  handful: ['Handvoll', 'Handvoll'],
  drop: ['Tropfen', 'Tropfen'],
  splash: ['Schuss', 'Schuss'],
  drizzle: ['Faden', 'Fäden'],
};

export const CAUTION_WORDS: typeof English.CAUTION_WORDS = {
  hydrate_fibre:
    'Lein, Chia und Flohsamen zuerst einweichen und nie trocken zugeben: trockener Flohsamen kann im Hals quellen. Sie haben sehr viele Ballaststoffe, fang also mit einer kleinen Scheibe an und trink Wasser dazu. Wenn du Medikamente nimmst, frag zuerst in der Apotheke.',
  green_sunflower:
    'Sonnenblumenkerne mit Natron oder Backpulver können beim Abkühlen grün werden: harmlos, unschön. Etwas mehr Säure, oder stattdessen Kürbiskerne.',
  soft_fat: 'Dieses Fett ist warm weich: halt alles kalt, und rechne damit, dass es mehr läuft.',
  no_snap:
    'Ohne festes Fett gibt es keinen Knack und keine Blätter: rechne mit einem zarten, saftigen Riegel.',
  keeps_less:
    'Trocknet früher als das Original: innerhalb von ein bis zwei Tagen essen, oder in Scheiben einfrieren.',
  bean_taste: 'Ein leichter Geschmack von Hülsenfrüchten, bis es durchgebacken und kalt ist.',
  added_oil_in_drinks: 'Pflanzendrinks enthalten oft zugesetztes Öl: lies die Packung, wenn Öl wegbleibt.',
  soured_drink:
    'Ein gesäuerter Drink sieht geronnen aus: das ist richtig. Er trägt so viel Säure, wie die Menge sagt, nicht mehr.',
  dense: 'Rechne mit einer feuchteren, dichteren Krume.',
  legume_peanut: 'Hülsenfrüchte kommen hinein: manche, die Erdnuss meiden, reagieren auch auf sie.',
  starch_simmer:
    'Eine Füllung mit Stärke ist vor 90 °C nicht dick: bring sie auf 92–96 °C und lass sie 1 bis 2 min köcheln, bevor sie eingefüllt wird; dann nur backen, bis die Mitte zittert. Innerhalb von 2 h von 57 auf 21 °C kühlen, innerhalb von 4 h mehr auf 5 °C.',
  no_proof: 'Ohne Hefe geht es gleich in den Ofen: eine kürzere, kuchenartige Krume, und kein Hefegeschmack.',
  laxative: 'Polyole führen ab, und Xylit schadet Hunden.',
  soak_cold: 'Lange eingeweichtes Korn, Saaten oder Hülsenfrüchte stehen im Kühlschrank.',
  sweeter: 'Es bringt eigenen Zucker mit: rechne mit mehr Süße und Bräune.',
  salted_block:
    'Pflanzenblöcke sind meist gesalzen: sieh auf die Packung, und lass die Salzzeile weg, wenn deiner es ist.',
};

export const LIMIT_WORDS: typeof English.LIMIT_WORDS = {
  no_gluten:
    'Gluten hielt das zusammen und gab ihm Biss. Rechne mit einer kürzeren, dichteren Krume, einem Teig, der gestrichen oder mit nassen Händen geformt und nicht geknetet wird, einer Gare statt zweien, und ein paar Versuchen. Das Wasser ist für die neuen Mehle berechnet; halt etwas zurück.',
  no_hollow_shell: 'Ei lässt das hohl aufgehen. Ohne Ei gibt es ein weiches Gebäck mit ungleicher Krume.',
  no_sponge:
    'Eischaum hält das oben: ohne ihn gibt es keinen Biskuit, nur einen dichteren, weicheren Kuchen. Baiser geht mit Aquafaba, schwächer und trockener.',
  no_layers:
    'Ohne festes Fett gibt es keine Schichten: gerollte Schnecken oder ein kurzer Boden sind möglich.',
  no_custard_tremble:
    'Ei macht das bei 77–82 °C fest: ohne Ei ist es eine andere Creme, von Stärke, Soja oder Hülsenfrucht gebunden, mit anderem Gefühl.',
};

export const ROLE_WORDS: typeof English.ROLE_WORDS = {
  release: 'für die Form',
  wash: 'zum Bestreichen',
  dusting: 'zum Bestäuben',
  taste: 'nach Geschmack',
};

export const GROUP_WORDS: typeof English.GROUP_WORDS = {
  egg: 'für Ei',
  egg_white: 'für Eiweiß',
  egg_yolk: 'für Eigelb',
  milk: 'für Milch',
  milk_powder: 'für Milchpulver',
  cultured: 'für Buttermilch oder Joghurt',
  cream: 'für Sahne',
  butter: 'für Butter',
  fat_firm: 'für festes Fett',
  oil: 'für Öl',
  nut_flour: 'für gemahlene Nüsse',
  nut_pieces: 'für Nüsse',
  nut_butter: 'für Nussmus',
  nut_drink: 'für Nussdrink',
  acid: 'für Essig',
  syrup: 'für Sirup',
  honey: 'für Honig',
};

export const PRESET_WORDS: typeof English.PRESET_WORDS = {
  vegan: 'vegan',
  eu14: 'die 14 der EU',
  us9: 'die 9 der USA',
  every_nut: 'jede Nuss, auch Kokos',
  grain_free: 'kein Getreide',
  low_fodmap: 'Inulin, Honig und Hülsenfrüchte',
};

export const RULESET_WORDS: typeof English.RULESET_WORDS = {
  eu: 'Europäische Union, 14 Gruppen',
  us: 'Vereinigte Staaten, 9 Gruppen',
  gluten: 'nur Gluten',
};

export const CUP_WORDS: typeof English.CUP_WORDS = {
  us: 'USA, 237 ml',
  metric: 'Metrisch, 250 ml',
  imperial: 'Imperial, 284 ml',
};

export const SPOON_WORDS: typeof English.SPOON_WORDS = {
  us: 'USA, 4,9 und 14,8 ml',
  metric: 'Metrisch, 5 und 15 ml',
  australian: 'Australisch, 5 und 20 ml',
};

export const COMPONENT_WORDS: typeof English.COMPONENT_WORDS = {
  water: 'Wasser',
  protein: 'Eiweiß',
  fat: 'Fett',
  starch: 'Stärke',
  sugars: 'Zucker',
  polyols: 'Polyole',
  fibre: 'Ballaststoffe',
  acids: 'organische Säuren',
  alcohol: 'Alkohol',
  salt: 'Salz',
  ash: 'andere Mineralstoffe',
  leavening: 'Triebsalze',
};

export const PANEL_WORDS: typeof English.PANEL_WORDS = {
  kcal: 'Energie, kcal',
  fat: 'Fett, g',
  carbs: 'Kohlenhydrate, g',
  sugars: 'davon Zucker, g',
  polyols: 'davon Polyole, g',
  fibre: 'Ballaststoffe, g',
  protein: 'Eiweiß, g',
  salt: 'Salz, g',
};

export const KIND_WORDS: typeof English.KIND_WORDS = {
  ref: 'unsere Tabelle',
  own: 'deine eigene',
  packet: 'Packung',
  blend: 'Mischung',
};

export const GROUP_NAMES: typeof English.GROUP_NAMES = {
  flour: 'Mehle',
  starch: 'Stärken',
  blend: 'Mehlmischungen',
  grain: 'Vollkorn und Körner',
  binder: 'Bindemittel und Gummis',
  egg: 'Eier',
  egg_white: 'Eiweiß',
  egg_yolk: 'Eigelb',
  milk: 'Milch',
  milk_powder: 'Milchpulver',
  cultured: 'Gesäuerte Milch',
  cream: 'Sahne',
  cheese: 'Käse',
  butter: 'Butter',
  fat_firm: 'feste Fette',
  oil: 'Öle',
  nut_flour: 'gemahlene Nüsse',
  nut_pieces: 'Nüsse',
  nut_butter: 'Nussmuse',
  nut_drink: 'Nussdrinks',
  plant_drink: 'Pflanzendrinks',
  plant_cultured: 'Pflanzenjoghurts',
  plant_cream: 'Pflanzensahne',
  plant_cheese: 'Pflanzenkäse',
  seed_flour: 'gemahlene Saaten',
  seed_pieces: 'Saaten',
  seed_butter: 'Saatmuse',
  sugar: 'Zucker',
  syrup: 'Sirupe',
  honey: 'Honig',
  leavener: 'Triebmittel',
  yeast: 'Hefen',
  starter: 'Sauerteigansätze',
  alcohol: 'Alkohol',
  acid: 'Säuren',
  salt: 'Salze',
  water: 'Wasser und Ähnliches',
  fruit: 'Obst und Gemüse',
  pulse: 'Hülsenfrüchte und Tofu',
  chocolate: 'Schokolade und Kakao',
  flavour: 'Geschmack',
};

export const PIECE_WORDS: typeof English.PIECE_WORDS = {
  piece: 'eins',
  xlarge: 'sehr groß',
  large: 'groß',
  medium: 'mittel',
  small: 'klein',
  stick: 'Stange',
  sachet: 'Päckchen',
  clove: 'Zehe',
  leaf: 'Blatt',
  stalk: 'Stängel',
  tin: 'Dose, abgetropft',
};

export const KEEPING_WORDS: typeof English.KEEPING_WORDS = {
  dry: 'Trocken, kühl und geschlossen; Monate.',
  dry_dark_months: 'Trocken, dunkel und kalt, denn das Fett wird ranzig: am besten im Gefrierschrank.',
  opened_cold: 'Einmal offen im Kühlschrank; die Packung sagt, wie lange.',
  fridge_days: 'Im Kühlschrank, ein paar Tage.',
  fridge_week: 'Im Kühlschrank, eine Woche oder mehr.',
  rots: 'Wie Obst und Gemüse sich hält; angeschnitten im Kühlschrank.',
};
