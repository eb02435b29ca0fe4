import { catalogue } from '../../../catalogue';

export const cardTextSentences = catalogue('sentences/cardText', {
  forThe: (a: { name: string }) => `For the ${a.name}:`,
  bake: (a: { oven: string }) => ` Bake: ${a.oven}.`,
  weigh: '## Weigh',
  method: '## Method',
  bake2: (a: { oven: string }) => `Bake: ${a.oven}`,
});
