import type { DayPerson } from '../../contract/days';

/** The day before whose evening the lantern walk sets off; hours and people are made up. */
export const DEMO_DAY = {
  title: 'Lantern walk',
  people: [
    { id: 'kiosk', name: 'Kiosk', hours: { from: 360, to: 1320 }, before: { from: 840, to: 1320 } },
    { id: 'helper', name: 'Helper', hours: { from: 960, to: 1200 }, before: { from: 960, to: 1200 } },
  ] satisfies DayPerson[],
  ovenIds: ['stern', 'little'],
  counts: { mixer: 1, hob: 2, fridge: 4, freezer: 1, warm: 2, pot: 1, bowl: 4 },
  usual: { from: 420, to: 1200 },
  /** Title of the formula, batches, when it is wanted, min of the day, and how long before it may be ready. */
  bakes: [
    { title: 'Cardamom crown', batches: 1, ready: 1020, keepsMin: 480 },
    { title: 'Parsnip and walnut muffins', batches: 2, ready: 1020, keepsMin: 360 },
    { title: 'Night-boat tin loaf', batches: 1, ready: 1080, keepsMin: 1200 },
    { title: 'Sorghum levain round', batches: 1, ready: 1050, keepsMin: 1200 },
    { title: 'Cocoa-hazelnut shortbread bars', batches: 1, ready: 1020, keepsMin: 1440 },
  ],
};
