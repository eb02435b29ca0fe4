import { catalogue } from '../../../catalogue';

export const heatSentences = catalogue('sentences/heat', {
  to: (a: { number: string; temperature: string }) => `${a.number} to ${a.temperature}`,
});
