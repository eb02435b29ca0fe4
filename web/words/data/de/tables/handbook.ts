import type * as English from '../../handbook';

export const SECTION_WORDS: typeof English.SECTION_WORDS = {
  replacements: {
    name: 'Ersatz',
    about: 'Was was ersetzen kann: wie viel, welche Aufgaben es übernimmt, worauf zu achten ist.',
  },
  kinds: {
    name: 'Arten von Gebäck',
    about: 'Übliche Mengen und Gefühl, wann es fertig ist, wie lange es auskühlt, wie es sich hält.',
  },
  feel: {
    name: 'Gefühlsskala',
    about: 'Von dem, was fließt, bis zu dem, was reißt, und die Hydration dazu.',
  },
  faults: {
    name: 'Fehler und Abhilfen',
    about: 'Was zu sehen ist, die üblichen Ursachen, was zuerst zu ändern ist. Eins nach dem anderen.',
  },
  conversions: { name: 'Umrechnungen', about: 'Tassen, Löffel, Öfen und Hefen in Gramm und °C.' },
  cautions: { name: 'Warnhinweise', about: 'Was immer gilt, und was mit einem Ersatz kommt.' },
  sources: { name: 'Quellen', about: 'Worauf die Zahlen beruhen, und wie sicher sie dadurch sind.' },
};

export const GENERAL_CAUTIONS: typeof English.GENERAL_CAUTIONS = [
  {
    id: 'help',
    title: 'Was das hier ist',
    text: 'Hilfe beim Backen, kein ärztlicher oder rechtlicher Rat. Lies das Etikett und beachte die örtlichen Lebensmittelvorschriften. Es sagt, was es gefunden hat und was es nicht wusste; es bürgt nie für ein Gebäck.',
  },
  {
    id: 'traces',
    title: 'Spuren',
    text: 'Mehl, Waage, Brett, Sieb, Mühle, Toaster und Form müssen frei von Weizen sein und von dem, was wegbleibt: Spuren zählen bei Zöliakie und bei Allergie.',
  },
  {
    id: 'limit',
    title: 'Was glutenfrei nach der Regel heißt',
    text: 'Unter 20 mg/kg in den USA (21 CFR 101.91); nicht über 20 mg/kg im verkauften Lebensmittel nach Codex STAN 118 und EU 828/2014, die auch „sehr geringer Glutengehalt“ bis 100 kennt; nicht nachweisbar, und kein Hafer, in Australien und Neuseeland.',
  },
  {
    id: 'labels',
    title: 'Was ein Etikett nicht sagt',
    text: 'Eine US-Zeile „Contains“ nennt nur Weizen: Gerste, Roggen und Malz müssen eigens gelesen werden. „Kann enthalten“ ist freiwillig: wo es fehlt, ist nichts bewiesen. Vierzehn Gruppen werden in der EU genannt (1169/2011, Anhang II), neun in den USA (FALCPA und FASTER Act von 2021). „Milchfrei“ ist nicht vegan, und „vegan“ ist nicht frei von Allergenen.',
  },
  {
    id: 'nuts',
    title: 'Was als Nuss zählt',
    text: 'Kokosnuss ist heute in keiner der Listen eine Nuss; ältere US-Packungen drucken sie noch so. Pinienkern und Esskastanie gehören nicht zu den acht der EU. Erdnuss ist eine eigene Gruppe; „keine Nüsse“ schließt sie hier ein, wenn du es nicht einengst.',
  },
  {
    id: 'raw',
    title: 'Rohes Mehl und roher Teig',
    text: 'Roher Teig und rohes Mehl werden nicht gegessen. Bohnen wie Kidneybohnen müssen gekocht werden; Quinoa und Hülsenfrüchte spülen oder einweichen. Aprikosenkerne werden nicht gegessen.',
  },
  {
    id: 'cooling',
    title: 'Füllungen und Cremes',
    text: 'Gebackene Cremes und gebundene Füllungen kühlen innerhalb von 2 h von 57 auf 21 °C und innerhalb von 4 h mehr auf 5 °C; leicht verderbliche Füllungen bleiben unter 5 °C. Örtliche Vorschriften verlangen vielleicht mehr.',
  },
  {
    id: 'soaks',
    title: 'Eingeweichtes und nasse Brote',
    text: 'In lange eingeweichtem Korn, Saaten oder Hülsenfrüchten und in nassen Broten ohne Säure kann Bacillus wachsen: gekühlt einweichen, säuern, kalt halten oder einfrieren.',
  },
  {
    id: 'sugars',
    title: 'Zucker und Polyole',
    text: 'Honig, Agave und andere Sirupe zählen auch als Zucker. Polyole führen ab, und Xylit schadet Hunden.',
  },
  {
    id: 'burns',
    title: 'Verbrennungen',
    text: 'Ein Topf mit Deckel bei 230 °C, Dampf aus einem Wasserbecken im Ofen, kochendes Sirupwasser und Karamell verbrennen sofort. Ein Mixer mit heißem Inhalt bläst ab.',
  },
  {
    id: 'selling',
    title: 'Verkauf von Lebensmitteln',
    text: 'Kennzeichnungsrecht, eine gemeldete Küche, befugte Fachleute und örtliche Vorschriften entscheiden, nicht das hier.',
  },
];

export const BASIS_WORDS: typeof English.BASIS_WORDS = {
  published: 'veröffentlichte Quelle',
  practice: 'Faustregel',
  memory: 'an keiner Quelle geprüft',
  label: 'von der Packung',
  user: 'von dir eingegeben',
  derived: 'berechnet',
};

export const DOSED_WORDS: typeof English.DOSED_WORDS = {
  psyllium: 'Flohsamen',
  gum: 'Gummi',
  soda: 'Natron',
  powder: 'Backpulver',
  salt: 'Salz',
  yeast: 'Instanthefe',
};

export const CAUTION_TITLES: typeof English.CAUTION_TITLES = {
  hydrate_fibre: 'Lein, Chia, Flohsamen',
  green_sunflower: 'Sonnenblume und Natron',
  soft_fat: 'Weiche Fette',
  no_snap: 'Kein festes Fett',
  keeps_less: 'Hält sich kürzer',
  bean_taste: 'Geschmack von Hülsenfrüchten',
  added_oil_in_drinks: 'Öl in Pflanzendrinks',
  soured_drink: 'Gesäuerte Drinks',
  dense: 'Dichtere Krume',
  legume_peanut: 'Hülsenfrüchte und Erdnuss',
  salted_block: 'Gesalzene Blöcke',
  starch_simmer: 'Füllungen mit Stärke',
  no_proof: 'Keine Hefe',
  laxative: 'Polyole',
  soak_cold: 'Kalt einweichen',
  sweeter: 'Süßer',
};

export const SOURCE_USE: typeof English.SOURCE_USE = {
  fdc: 'Zusammensetzung und Dichten der Zutaten, nicht daran geprüft.',
  handbook44: 'Größen von US-Tassen, -Löffeln, Unzen und Pfund: genau.',
  practice:
    'Mengen, Bereiche, Gefühlsgrenzen, Toleranzen, Zeiten: was Bäcker tun, ohne veröffentlichte Quelle.',
  choiOkos:
    'Wärmeeigenschaften von Lebensmitteln aus Wasser, Eiweiß, Fett, Kohlenhydraten, Ballaststoffen und Asche.',
  annex14: 'Energie aus Eiweiß, Fett, Kohlenhydraten, Ballaststoffen, Polyolen, Säuren und Alkohol.',
  annex2: 'Die vierzehn Gruppen von Allergenen.',
  stoichiometry: 'Wie viel Säure wie viel Natron neutralisiert.',
  byDifference: 'Stärke, wo eine Tabelle alles andere nennt.',
  label: 'Was von einer Packung abgeschrieben wurde.',
  eggGrades: 'Was ein Ei einer Klasse wiegt.',
  user: 'Was du gewogen oder abgelesen hast.',
};

export const SOURCE_WORDS: typeof English.SOURCE_WORDS = {
  fdc: 'USDA FoodData Central, Zahlen nicht damit verglichen',
  handbook44: 'NIST Handbook 44 (2024), Appendix C',
  practice: 'Übliche Praxis, ohne Quelle',
  choiOkos: 'Choi & Okos (1986), Eigenschaften nach Zusammensetzung',
  annex14: 'Verordnung (EU) 1169/2011, Anhang XIV, Energiefaktoren',
  annex2: 'Verordnung (EU) 1169/2011, Anhang II, Allergene',
  stoichiometry: 'Molare Massen (IUPAC-Standardatomgewichte)',
  byDifference: 'Als Rest zu 100 g',
  label: 'Die Packung',
  eggGrades: 'USDA AMS 56 und Verordnung (EU) 2023/2465, Eierklassen, nicht damit verglichen',
  user: 'Von dir eingegeben',
};
