import type { GroupId, ItemState } from '../ingredients';
import { msg } from '../explain';
import { FAMILY_IDS, type DoseUnit, type FamilyId, type Kit } from './types';

/** A way of the baker's own to stand in for things that leave: amounts in windows, where it suits, what to do. */
export type OwnKitDoc = {
  name: string;
  /** What it can stand in for. */
  groups: GroupId[];
  /** Where it suits; everywhere when empty. */
  families: FamilyId[];
  items: {
    id: string;
    lo: number;
    usual: number;
    hi: number;
    per: DoseUnit;
    state: ItemState | null;
  }[];
  /** What to do with it, a step of the method; may be empty. */
  step: string;
};
export type OwnKit = { id: string; doc: OwnKitDoc };

/** What is wrong with an item of a way: not chosen, no amount, or a window that is not in order. */
export type DoseFault = 'unknown' | 'nothing' | 'order';

/** What is wrong with the doses of a way, item by item; empty where nothing is. */
export function doseFaults(doc: Pick<OwnKitDoc, 'items'>): { item: number; fault: DoseFault }[] {
  const faultOf = (i: OwnKitDoc['items'][number]): DoseFault | null => {
    if (i.id === '') return 'unknown';
    if (!(i.hi > 0)) return 'nothing';
    return i.lo <= i.usual && i.usual <= i.hi ? null : 'order';
  };
  return doc.items.flatMap((i, item) => {
    const fault = faultOf(i);
    return fault ? [{ item, fault }] : [];
  });
}

/** How usual and how well suited the baker's own replacement counts: as a good one of ours, since the baker vouches for it. */
const VOUCHED = 0.8;

/** The baker's own replacement as a kit like any other. */
export const kitOfOwn = ({ id, doc }: OwnKit): Kit => ({
  id,
  for: { groups: doc.groups },
  covers: [],
  items: doc.items.map(({ id: itemId, lo, usual, hi, per, state }) => ({
    item: { kind: 'ref', id: itemId },
    dose: { lo, usual, hi, per },
    ...(state ? { state } : {}),
  })),
  caps: {
    fit: Object.fromEntries((doc.families.length > 0 ? doc.families : FAMILY_IDS).map((f) => [f, VOUCHED])),
  },
  steps:
    doc.step.trim() === ''
      ? []
      : [
          {
            op: 'insert',
            before: ['whisk', 'mix', 'cream', 'rub', 'knead', 'fold'],
            kind: 'prepare',
            msg: msg('step.own', { text: doc.step.trim() }),
          },
        ],
  cautions: [],
  tags: [],
  usual: VOUCHED,
  scarcity: 0,
  basis: 'user',
});
