import { DEMO_FORMULAS } from '../demo/data/formulas';
import { DEMO_KITCHEN } from '../demo/data/kitchen';
import { DEMO_EATERS, DEMO_PANTRY, DEMO_WAYS } from '../demo/data/pantry';
import { lookupReference } from '../core/ingredients';
import { readFormula } from '../core/reading';
import { adapt } from '../core/rebalance';
import type { ExclusionId } from '../core/exclusions';
import type { Db } from './db/open';
import { createFormula, listFormulas } from './services/formulas';
import { keepVersion } from './services/versions';
import { eaters, getKitchen, putKitchen, ways } from './services/kitchen';
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
  for (const demo of [...DEMO_FORMULAS].reverse()) {
    const { formula } = readFormula(demo);
    const made = await createFormula(db, formula);
    for (const [title, name, exclude] of KEPT.filter(([t]) => t === demo.title)) {
      const [best] = adapt({ formula, exclude }, { lookup: lookupReference }).solutions;
      if (!best) throw new Error(`no solution for the demo version ${title}: ${name}`);
      const request = { exclude, pins: { kits: best.kits } };
      await keepVersion(db, made.formula.id, { parentId: made.version.id, name, doc: best.formula, request });
    }
  }
  for (const eater of DEMO_EATERS) await eaters.create(db, eater);
  for (const way of DEMO_WAYS) await ways.create(db, way);
  const { rev, ...doc } = await getKitchen(db);
  await putKitchen(db, { rev, doc: { ...doc, ...DEMO_KITCHEN } });
  await createPantry(db, DEMO_PANTRY);
  return DEMO_FORMULAS.length;
}
