import { DEMO_DAY } from '../demo/data/day';
import { DEMO_FORMULAS } from '../demo/data/formulas';
import { DEMO_KITCHEN } from '../demo/data/kitchen';
import { DEMO_EATERS, DEMO_PANTRY, DEMO_WAYS } from '../demo/data/pantry';
import { lookupReference } from '../core/ingredients';
import { readFormula } from '../core/reading';
import { adapt } from '../core/rebalance';
import type { ExclusionId } from '../core/exclusions';
import { UNPLANNED, type BakeDay } from '../contract/days';
import type { Db } from './db/open';
import { createFormula, listFormulas } from './services/formulas';
import { keepVersion } from './services/versions';
import { days, eaters, getKitchen, putKitchen, ways } from './services/kitchen';
import { createPantry } from './services/pantry';

/** Versions the demo shelf has already: title, name, what goes. */
const KEPT: [title: string, name: string, exclude: ExclusionId[]][] = [
  ['Parsnip and walnut muffins', 'no egg, no dairy', ['egg', 'dairy']],
  ['Night-boat tin loaf', 'for the engineer: no egg', ['egg']],
];

/** Fills an empty shelf with the demo. A shelf that holds anything is left alone. */
export async function seedDemo(into: Db): Promise<number> {
  if ((await listFormulas(into)).all > 0) return 0;
  // All of it or none: a start that is broken off leaves an empty shelf, which the next one fills.
  return into.transaction((tx) => seed(tx));
}

async function seed(db: Db): Promise<number> {
  const shelf = new Map<string, { formulaId: string; versionId: string }>();
  for (const demo of [...DEMO_FORMULAS].reverse()) {
    const { formula } = readFormula(demo);
    const made = await createFormula(db, formula);
    shelf.set(demo.title, { formulaId: made.formula.id, versionId: made.version.id });
    for (const [title, name, exclude] of KEPT.filter(([t]) => t === demo.title)) {
      const [best] = adapt({ formula, exclude }, { lookup: lookupReference }).solutions;
      if (!best) throw new Error(`no solution for the demo version ${title}: ${name}`);
      const request = { exclude, pins: { kits: best.kits } };
      const kept = await keepVersion(db, made.formula.id, {
        parentId: made.version.id,
        name,
        doc: best.formula,
        request,
      });
      shelf.set(title, { formulaId: made.formula.id, versionId: kept.id });
    }
  }
  for (const eater of DEMO_EATERS) await eaters.create(db, eater);
  for (const way of DEMO_WAYS) await ways.create(db, way);
  const { rev, ...doc } = await getKitchen(db);
  await putKitchen(db, { rev, doc: { ...doc, ...DEMO_KITCHEN } });
  await createPantry(db, DEMO_PANTRY);
  await days.create(db, demoDay(shelf, new Date()));
  return DEMO_FORMULAS.length;
}

const SATURDAY = 6;
/** The day of the lantern walk: a Saturday at least three days ahead. */
function demoDay(shelf: ReadonlyMap<string, { formulaId: string; versionId: string }>, now: Date): BakeDay {
  const day = new Date(now.getFullYear(), now.getMonth(), now.getDate() + 3);
  day.setDate(day.getDate() + ((SATURDAY - day.getDay() + 7) % 7));
  const { bakes, ...rest } = DEMO_DAY;
  const two = (n: number): string => String(n).padStart(2, '0');
  return {
    ...rest,
    date: `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`,
    bakes: bakes.map(({ ready, ...b }, i) => ({
      ...b,
      ...shelf.get(b.title)!,
      id: `b${i + 1}`,
      readyBy: day.getTime() / 60_000 + ready,
    })),
    ...UNPLANNED,
  };
}
