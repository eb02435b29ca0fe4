import type * as English from '../../en/sentences/heat';

export const heatSentences: typeof English.heatSentences = {
  thenNext: (a) => `${a.before}, dann ${a.next}`,
  to: (a) => `${a.number} bis ${a.temperature}`,
};
