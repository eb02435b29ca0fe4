import type { Schema } from 'yup';
import { bakeSchema } from './bake-schemas';
import type { CallName, WithBody, WithQuery } from './calls';
import { addEventsSchema, runSchema } from './bench-schemas';
import { daySchema, putDaySchema } from './day-schemas';
import {
  experimentSchema,
  photoSchema,
  putExperimentSchema,
  putTastingSchema,
  putTrialSchema,
  tastingSchema,
  trialQuerySchema,
  trialSchema,
} from './notebook-schemas';
import {
  createPantrySchema,
  eaterSchema,
  pantryIdsSchema,
  putEaterSchema,
  putKitchenSchema,
  putPantrySchema,
  putWaySchema,
  waySchema,
} from './pantry-schemas';
import {
  adaptSchema,
  changeFormulaSchema,
  createAsideSchema,
  createFormulaSchema,
  createVersionSchema,
  labelsSchema,
  markVersionSchema,
  matchSchema,
  putDraftSchema,
  readSchema,
  shelfQuerySchema,
} from './schemas';

import {
  changePersonSchema,
  deedQuerySchema,
  newPassphraseSchema,
  newPersonSchema,
  pairingSchema,
  pairSchema,
  recoverSchema,
  setUpSchema,
  signInSchema,
} from './people-schemas';

/** What checks the body of each call that has one. */
const BODIES = {
  read: readSchema,
  match: matchSchema,
  labels: labelsSchema,
  adapt: adaptSchema,
  bake: bakeSchema,
  createFormula: createFormulaSchema,
  changeFormula: changeFormulaSchema,
  keepVersion: createVersionSchema,
  markVersion: markVersionSchema,
  putDraft: putDraftSchema,
  createAside: createAsideSchema,
  createPantry: createPantrySchema,
  revisePantry: putPantrySchema,
  removePantry: pantryIdsSchema,
  restorePantry: pantryIdsSchema,
  createEater: eaterSchema,
  putEater: putEaterSchema,
  createWay: waySchema,
  putWay: putWaySchema,
  createDay: daySchema,
  putDay: putDaySchema,
  createRun: runSchema,
  addEvents: addEventsSchema,
  createTrial: trialSchema,
  putTrial: putTrialSchema,
  createExperiment: experimentSchema,
  putExperiment: putExperimentSchema,
  createTasting: tastingSchema,
  putTasting: putTastingSchema,
  createPhoto: photoSchema,
  putKitchen: putKitchenSchema,
  setUp: setUpSchema,
  signIn: signInSchema,
  recover: recoverSchema,
  pair: pairSchema,
  changePassphrase: newPassphraseSchema,
  createPerson: newPersonSchema,
  changePerson: changePersonSchema,
  createPairing: pairingSchema,
} satisfies Record<WithBody, unknown>;
const QUERIES = {
  shelf: shelfQuerySchema,
  trials: trialQuerySchema,
  deeds: deedQuerySchema,
} satisfies Record<WithQuery, unknown>;

// Yup knows tuples and unions less exactly than TypeScript does.
const schemaIn = (of: object, name: CallName): Schema | null =>
  ((of as Record<string, unknown>)[name] as Schema | undefined) ?? null;
export const bodySchema = (name: CallName): Schema | null => schemaIn(BODIES, name);
export const querySchema = (name: CallName): Schema | null => schemaIn(QUERIES, name);
