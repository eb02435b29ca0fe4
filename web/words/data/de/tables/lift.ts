import type * as English from '../../lift';

export const YEAST_TABLE_WORDS: typeof English.YEAST_TABLE_WORDS = {
  usual: '3 : 1,5 : 1',
  lean: '2,5 : 1,25 : 1',
  generous: '4 : 1,33 : 1',
};

export const GAS_WORDS: typeof English.GAS_WORDS = {
  met: 'neutralisiertes Natron',
  heat: 'Natron allein durch Hitze',
  powder: 'Backpulver',
  foam: 'eingeschlagene Luft',
};

export const EFFECT_WORDS: typeof English.EFFECT_WORDS = {
  soapy: 'Viel Natron wird nicht neutralisiert: dunkel, und es schmeckt nach Seife.',
  browner: 'Etwas Natron wird nicht neutralisiert: es bräunt mehr und läuft breiter.',
  neutral: 'Nichts Nennenswertes bleibt übrig.',
  tender: 'Etwas Säure bleibt übrig: zart, etwas blasser.',
  sour: 'Säure bleibt übrig: zart, blass, und man schmeckt sie.',
};

export const RISK_WORDS: typeof English.RISK_WORDS = {
  sinks: 'Fällt in der Mitte ein',
  dense: 'Bleibt dicht',
  tunnels: 'Tunnel oder gummiartig',
  soapy: 'Schmeckt nach Natron',
  green: 'Grüne Krume',
};

export const EXCHANGE_WORDS: typeof English.EXCHANGE_WORDS = {
  home_powder: {
    name: 'Selbst gemischtes Backpulver, phosphatfrei',
    note: 'Das meiste Gas wird beim Mischen frei: gleich backen.',
  },
  soda_vinegar: { name: 'Natron und Essig', note: 'Den Essig zuletzt einrühren; sein Wasser zählt mit.' },
  soda_lemon: { name: 'Natron und Zitronensaft', note: 'Den Saft zuletzt einrühren; sein Wasser zählt mit.' },
  powder: {
    name: 'Backpulver statt Natron',
    note: 'Es bringt seine eigene Säure mit: was sauer war, bleibt sauer und bräunt weniger.',
  },
  potassium: {
    name: 'Kaliumhydrogencarbonat',
    note: 'Kein Natrium; eine Prise Salz für den Geschmack dazu.',
  },
  ammonia: { name: 'Hirschhornsalz', note: 'Nur für dünne, trockene Kekse.' },
};

export const GAUGE_WORDS: typeof English.GAUGE_WORDS = {
  few: 'Gib drei Messungen ein, dann gibt es eine Vorhersage.',
  rising: 'Geht auf.',
  near: 'Fast so weit: heiz den Ofen.',
  over: 'Über die Marke hinaus: jetzt in den Ofen.',
  stalled: 'Es bewegt sich kaum. Wärmer, oder die Hefe ist erschöpft.',
};

export const PLACE_WORDS: typeof English.PLACE_WORDS = {
  room: 'Raum',
  light: 'Ofen, nur Licht an',
  fridge: 'Kühlschrank',
};

export const PLAN_FAULT_WORDS: typeof English.PLAN_FAULT_WORDS = {
  placeCold: 'Unter −2 °C gefriert der Teig. Gib den Ort der Gare in °C darüber an.',
  placeHot: 'Über 100 °C geht kein Teig. Gib den Ort in °C an: waren es °F?',
  placeKills: 'Ab 50 °C stirbt die Hefe. 27 bis 32 °C ist warm genug.',
  hours: 'Gib jedem Ort zwischen ein paar Minuten und 72 Stunden.',
  rise: 'Gib die Gare zwischen 10 und 400 % an: 100 % ist verdoppelt.',
  wantHot: 'Ein Teig über 45 °C hat seine Hefe getötet oder gekocht. 24 bis 28 °C ist üblich.',
  wantCold: 'Unter 4 °C geht nichts auf. 24 bis 28 °C ist üblich.',
  wakeKills:
    'Das tötet die Hefe: sie stirbt bei etwa 50 bis 55 °C. Lass die Flüssigkeit auf 35 bis 43 °C abkühlen.',
  wakeHot: 'Zu warm für Hefe: 35 bis 43 °C weckt sie.',
  wakeCold: 'Unter 25 °C wacht sie langsam auf: 35 bis 43 °C ist üblich.',
  feedFlour: 'Ein Ansatz wird mit Mehl gefüttert: gib seinen Teil über null an.',
  feedStarter: 'Gib dem alten Ansatz einen Teil über null.',
  feedWater: 'Wasser kann nicht unter null sein.',
  feedCold: 'Unter 5 °C schläft ein Ansatz. Gib die Temperatur an, bei der er nach dem Füttern steht.',
  feedHot: 'Über 38 °C stirbt ein Ansatz. 21 bis 28 °C ist üblich.',
  need: 'Sag, wie viel Ansatz der Teig braucht, über null.',
  hot: 'Eine Masse hat zwischen −2 und 100 °C. Gib °C an: waren es °F?',
  hotAmount: 'Wie viel heiße Masse es ist, kann nicht unter null sein.',
  left: 'Was übrig bleibt, kann nicht unter null sein.',
};
