import { catalogue } from '../../../catalogue';

export const heatSentences = catalogue('sentences/heat', {
  /** One after another in time. */
  thenNext: (a: { before: string; next: string }) => `${a.before}, then ${a.next}`,
  to: (a: { number: string; temperature: string }) => `${a.number} to ${a.temperature}`,
});
