import type * as English from '../../en/sentences/heat';

export const heatSentences: typeof English.heatSentences = {
  to: (a) => `${a.number} bis ${a.temperature}`,
};
