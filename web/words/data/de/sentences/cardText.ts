import type * as English from '../../en/sentences/cardText';

export const cardTextSentences: typeof English.cardTextSentences = {
  forThe: (a) => `Für ${a.name}:`,
  bake: (a) => ` Backen: ${a.oven}.`,
  weigh: '## Abwiegen',
  method: '## Anleitung',
  bake2: (a) => `Backen: ${a.oven}`,
};
