import { DEMO_DAY } from '../demo/data/day';
import { DEMO_FORMULAS } from '../demo/data/formulas';
import { DEMO_KITCHEN } from '../demo/data/kitchen';
import { PICTURES } from '../demo/data/pictures';
import { DEMO_EXPERIMENT, DEMO_TRIALS, type DemoHistory } from '../demo/data/trials';
import { DEMO_EATERS, DEMO_PANTRY, DEMO_WAYS } from '../demo/data/pantry';
import { lookupReference } from '../core/ingredients';
import { sizeOf, type Tests } from '../core/judge';
import type { Formula } from '../core/formula';
import { readFormula } from '../core/reading';
import { adapt } from '../core/rebalance';
import type { ExclusionId } from '../core/exclusions';
import { UNPLANNED, type BakeDay } from '../contract/days';
import type { Db } from './db/open';
import { createFormula, getFormula, listFormulas } from './services/formulas';
import { keepVersion } from './services/versions';
import { days, eaters, experiments, getKitchen, putKitchen, ways } from './services/kitchen';
import { createTrial, keepPhoto } from './services/notebook';
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
  const written = new Map<string, { formulaId: string; versionId: string; formula: Formula }>();
  for (const demo of [...DEMO_FORMULAS].reverse()) {
    const { formula } = readFormula(demo);
    const made = await createFormula(db, formula);
    shelf.set(demo.title, { formulaId: made.formula.id, versionId: made.version.id });
    written.set(demo.title, { formulaId: made.formula.id, versionId: made.version.id, formula });
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
  for (const history of DEMO_TRIALS) await seedTrials(db, history, written.get(history.title)!);
  const { of, daysAgo, ...experiment } = DEMO_EXPERIMENT;
  await experiments.create(db, {
    ...experiment,
    formulaId: written.get(of)!.formulaId,
    at: Math.round(Date.now() - daysAgo * DAY_MS),
  });
  for (const eater of DEMO_EATERS) await eaters.create(db, eater);
  for (const way of DEMO_WAYS) await ways.create(db, way);
  const { rev, ...doc } = await getKitchen(db);
  await putKitchen(db, { rev, doc: { ...doc, ...DEMO_KITCHEN } });
  await createPantry(db, DEMO_PANTRY);
  await days.create(db, demoDay(shelf, new Date()));
  return DEMO_FORMULAS.length;
}

const DAY_MS = 86_400_000;
/** A formula's trials, each of the version it is of; one that tries a change is of a version with that change, kept before it. */
async function seedTrials(
  db: Db,
  { title, name, exclude, trials }: DemoHistory,
  { formulaId, versionId, formula }: { formulaId: string; versionId: string; formula: Formula },
): Promise<void> {
  const [best] = adapt({ formula, exclude }, { lookup: lookupReference }).solutions;
  if (!best) throw new Error(`no solution for the demo trials of ${title}`);
  const keep = (called: string, doc: Formula, lines: Record<string, number>, tests?: Tests) =>
    keepVersion(db, formulaId, {
      parentId: versionId,
      name: called,
      doc,
      request: {
        exclude,
        pins: { kits: best.kits, ...(Object.keys(lines).length > 0 ? { lines } : {}) },
        ...(tests ? { tests } : {}),
      },
    });
  const { kept } = await firstKept(db, formulaId, name, () => keep(name, best.formula, {}));
  const made: { id: string; versionId: string; doc: Formula; lines: Record<string, number> }[] = [];
  for (const { daysAgo, of, tries, picture, ...told } of trials) {
    let [at, doc, lines]: [string, Formula, Record<string, number>] =
      of === 'written' ? [versionId, formula, {}] : [kept, best.formula, {}];
    let tests: Tests | null = null;
    if (tries) {
      const { called, trial, ...change } = tries;
      const before = made[trial]!;
      tests = { trialId: before.id, ...change };
      const sized = sizeOf(change.repair, before.doc, lookupReference);
      lines = { ...before.lines, ...(sized ? { [sized.lineId]: sized.toG } : {}) };
      doc =
        adapt({ formula, exclude, pins: { kits: best.kits, lines } }, { lookup: lookupReference })
          .solutions[0]?.formula ?? before.doc;
      at = (await keep(called, doc, lines, tests)).id;
    }
    const photo = picture ? await keepPhoto(db, PICTURES[picture]) : null;
    const row = await createTrial(db, {
      ...told,
      formulaId,
      versionId: at,
      runId: null,
      title,
      bakedAt: Math.round(Date.now() - daysAgo * DAY_MS),
      batches: 1,
      photos: photo ? [photo] : [],
      tests,
    });
    made.push({ id: row.id, versionId: at, doc, lines });
  }
}
/** The version of that name, where the shelf has it already; else it is kept now. */
async function firstKept(
  db: Db,
  formulaId: string,
  name: string,
  keep: () => Promise<{ id: string }>,
): Promise<{ kept: string }> {
  const { versions } = await getFormula(db, formulaId);
  return { kept: versions.find((v) => v.name === name)?.id ?? (await keep()).id };
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
