import type * as English from '../../en/sentences/bench';

export const benchSentences: typeof English.benchSentences = {
  wetter: 'feuchter',
  stiffer: 'fester',
  longer: 'länger',
  shorter: 'kürzer',
  grams: 'Gramm',
  gram: 'Gramm',
  inAll: (a) => `${a.amount} insgesamt.`,
  aboutInTheOvenIn: (a) => `Etwa ${a.number} % ${a.which} im Ofen, in derselben Form.`,
  containsWhichThisVersionLeaves: (a) => `Enthält ${a.ofValue}, was diese Version weglässt.`,
  mayContain: (a) => `Kann ${a.ofValue} enthalten.`,
  checkThePacketFor: (a) => `Prüf die Packung auf ${a.ofValue}.`,
};
