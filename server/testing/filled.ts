import type { Db } from '../db/open';
import { addEvents, createRun } from '../services/bench';
import { createAside, putDraft } from '../services/drafts';
import { createFormula } from '../services/formulas';
import { days, eaters, experiments, getKitchen, putKitchen, tastings, ways } from '../services/kitchen';
import { createTrial, keepPhoto } from '../services/notebook';
import { createPantry } from '../services/pantry';
import { keepVersion, markVersion } from '../services/versions';
import { BODIES } from './bodies';

/** Puts one of everything into a kitchen. */
export async function fill(db: Db): Promise<void> {
  const { formula, version } = await createFormula(db, BODIES.createFormula.formula);
  await putDraft(db, formula.id, 0, BODIES.putDraft.doc);
  await createAside(db, formula.id, BODIES.createAside.doc);
  const kept = await keepVersion(db, formula.id, {
    ...BODIES.keepVersion,
    parentId: version.id,
    draftRev: 0,
  });
  await markVersion(db, kept.id, BODIES.markVersion);
  await createPantry(db, BODIES.createPantry.docs);
  await eaters.create(db, BODIES.createEater);
  await ways.create(db, BODIES.createWay);
  await days.create(db, BODIES.createDay);
  await tastings.create(db, BODIES.createTasting);
  await experiments.create(db, BODIES.createExperiment);
  const run = await createRun(db, BODIES.createRun);
  await addEvents(db, run.id, BODIES.addEvents);
  await createTrial(db, { ...BODIES.createTrial, formulaId: formula.id });
  await keepPhoto(db, BODIES.createPhoto.data);
  const { rev } = await getKitchen(db);
  await putKitchen(db, { ...BODIES.putKitchen, rev });
}
