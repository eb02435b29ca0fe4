import type * as English from '../../bake';

export const TIN_WORDS: typeof English.TIN_WORDS = {
  saySize: 'Nenne sie mit ihrer Größe: 23 cm runde Form, 24 x 12 cm Kastenform.',
};

export const METAL_WORDS: typeof English.METAL_WORDS = {
  tin: 'gewöhnliches Blech',
  shiny: 'blankes Blech',
  dark: 'dunkles Blech',
  glass: 'Glas',
  stone: 'Steingut',
  silicone: 'Silikon',
  iron: 'Gusseisen',
  perforated: 'Lochblech',
};

export const COVER_WORDS: typeof English.COVER_WORDS = {
  none: { name: 'offen', does: '' },
  lid: { name: 'unter einem Deckel', does: ' unter einem Deckel' },
  tent: { name: 'Folienzelt', does: ' unter einem Folienzelt' },
};

export const HEAT_WORDS: typeof English.HEAT_WORDS = {
  even: 'ringsum',
  top: 'oben',
  below: 'unten',
  grill: 'dem Grill',
};

export const FORM_WORDS: typeof English.FORM_WORDS = {
  dome: 'rund',
  oval: 'oval',
  baton: 'Stange',
  ring: 'Ring',
  flat: 'flach',
};

export const REASON_WORDS: typeof English.REASON_WORDS = {
  mass: 'wie viel es ist',
  make: 'Wasser, Fett und Mehl',
  vessel: 'die Form',
  oven: 'der Ofen',
  start: 'wie warm es hineinkommt',
  cover: 'der Deckel',
  together: 'alles zusammen',
};

export const BAKE_FAULT_WORDS: typeof English.BAKE_FAULT_WORDS = {
  noMass: 'Nichts zu backen: die Zeilen haben keine Gramm. Siehe Lesen.',
  ovenCold: 'Unter 80 °C backt nichts durch. Gib den Ofen in °C an.',
  ovenHot: 'Kein Küchenofen ist heißer als 320 °C. Gib °C an: waren es °F?',
  tinFull: 'Die Form ist fast voll und kann überlaufen. Back etwas davon gesondert.',
  noTin: 'Keine Form ist genannt, darum gilt es als freigeschoben: nenne die Form, in der es backt.',
  tinSmall: 'Die Form fasst es nicht. Nimm eine größere, oder weniger Teig.',
  notThis:
    'Für diese Art Gebäck ist keiner Zahl zu trauen: seine Zeit hängt an etwas anderem als der Hitze im Kern. Behalte die angegebene Zeit und geh nach den Zeichen.',
  start: 'Gib den Teig zwischen −30 und 60 °C an.',
  height: 'Über 6.000 m hat niemand nachgesehen: geh nach den Zeichen.',
  tent: 'Wie sehr ein Folienzelt das Backen bremst, können wir nicht sagen, darum ist es nicht eingerechnet.',
  thick:
    'So dichten Teig von mehr als 5 cm Höhe erklärt das Modell nicht: nur mehr und kälterer Teig werden gezählt.',
  crust:
    'In einem heißen Topf bestimmt die Kruste die Zeit und nicht der Kern: nur mehr und kälterer Teig werden gezählt.',
  unknown: 'Der Kern ist nach vier Stunden nicht fertig: prüf Ofen, Form und Mengen.',
};

export const SCHOOL_WORDS: typeof English.SCHOOL_WORDS = {
  hot: { name: 'Heiß und abgedeckt', about: 'erst Deckel oder Dampf, für Kruste und Ofentrieb' },
  gentle: { name: 'Sanft und lang', about: 'für dichte, nasse, saatenreiche und Gel-Brote' },
};

export const BAKE_NOTE_WORDS: typeof English.BAKE_NOTE_WORDS = {
  blind:
    'Den Boden zuerst blindbacken, 10 bis 15 min bei 190 bis 205 °C, beschwert oder eingestochen; kalt füllen, sonst bleibt er unten roh.',
  frozen: 'Aus dem Gefrierschrank: 15 bis 20 min heiß, dann weniger, den Rand geschützt, am Ende offen.',
  boil: 'Die Ringe 1 min je Seite in gesüßtem Wasser mit etwas Natron kochen, dann gleich in den Ofen.',
  walls: 'Ohne Stärke braucht dieser Teig die Wände einer Form.',
  pot: 'Den Topf mit Deckel 30 min mit dem Ofen aufheizen. Er verbrennt sofort: trockene Handschuhe, und Vorsicht vor dem Dampf.',
  custard:
    'Innerhalb von 2 h von 57 auf 21 °C abkühlen, und innerhalb von 4 h mehr unter 5 °C. Örtliche Vorschriften verlangen vielleicht mehr.',
};

export const KEEP_WORDS: typeof English.KEEP_WORDS = {
  crusty:
    'Am besten am selben Tag; ein bis zwei Tage in Papier. Am ersten Tag in Scheiben einfrieren, 1 bis 3 Monate, Papier dazwischen.',
  soft: 'Zwei bis drei Tage eingewickelt, nie im Kühlschrank: dort wird Stärke am schnellsten alt. In Scheiben einfrieren, 1 bis 3 Monate.',
  dense: 'Bis zu sieben Tage gekühlt: nass und ohne Säure kann es früh verderben. In Scheiben einfrieren.',
  dry: 'Wochen in einer Dose, die schließt.',
  cake: 'Zwei Tage abgedeckt; am ersten Tag einfrieren, 1 bis 3 Monate. Ohne Ei und Fett trocknet es früher.',
  filled: 'Gekühlt, und innerhalb von 2 bis 3 Tagen gegessen.',
};

export const SIGN_WORDS: typeof English.SIGN_WORDS = {
  core: 'der Kern hat seine Temperatur erreicht',
  hollow: 'es klingt hohl, wenn man unten klopft',
  skewer: 'ein Stäbchen kommt sauber heraus',
  springs: 'es federt zurück, wenn man drückt',
  edges: 'die Ränder sind fest und braun, die Mitte noch weich',
  golden: 'es ist goldbraun',
  trembles: 'die Mitte zittert, der Rand ist fest',
  bubbles: 'es blubbert in der Mitte',
  thick: 'es überzieht den Löffel',
  dry: 'es ist trocken und bricht kalt mit einem Knack',
  none: '',
};
