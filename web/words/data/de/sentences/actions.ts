import type * as English from '../../en/sentences/actions';
import { counted } from '../../../plural';

export const actionsSentences: typeof English.actionsSentences = {
  overnight: 'über Nacht',
  toH: (a) => `${a.a} bis ${a.b} h`,
  mm: (a) => `${a.number} mm`,
  cm: (a) => `${a.number} cm`,
  across: (a) => `${a.cm} breit`,
  by: (a) => `${a.cm} mal ${a.cm2}`,
  thick: (a) => `${a.cm} dick`,
  aSide: ' je Seite',
  afterMin: (a) => `nach ${a.afterMin} min`,
  pieceCount: (a) => counted(a.n, 'Stück', 'Stück'),
  ofWord: (a) => ` von ${a.amount}`,
  each: (a) => `je ${a.amount}`,
  ofIt: (a) => `${a.number} % davon`,
  onRacks: (a) => `auf ${a.racks} Einschüben`,
  until: (a) => `bis ${a.until}`,
};
