import request from 'supertest';
import { afterAll } from 'vitest';
import type { Problem } from '../../contract/problem';
import { openMemory, type OpenDb } from '../db/open';
import { makeApp } from '../http/app';
import { inPlace } from '../work/compute';
import { template } from './template';

/** An id of nothing. */
export const NOWHERE = '00000000-0000-4000-8000-000000000000';
export const path = (p: string): string => `/api/v1${p}`;
export const problem = (res: { body: unknown }): Problem => res.body as Problem;

/** The API over an empty database in memory, for the tests of one file; it is closed after them. */
export async function testApi(): Promise<{ api: ReturnType<typeof request>; database: OpenDb }> {
  const database = await openMemory(await template());
  afterAll(() => database.close());
  return { api: request(makeApp({ db: database.db, compute: inPlace() })), database };
}
