import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { afterAll } from 'vitest';
import { CALLS, type CallName } from '../../contract/calls';
import { CSRF_COOKIE, CSRF_HEADER, type Person, type Role } from '../../contract/people';
import type { OpenDb } from '../db/open';
import { makeApp } from '../http/app';
import { COST } from '../people/secrets';
import { newKitchen, newSetUpCode } from '../people/door';
import { kitchensOf } from '../start/kitchens';
import { inPlace } from '../work/compute';
import { emptyDatabase, NOWHERE, path } from './api';

// Who signs in a hundred times in a test need not wait a quarter second each time.
COST.logN = 10;

export const PASSPHRASE = 'three loaves by the old mill';

/** A browser: it keeps its cookies and sends back what its pages read. */
export type Browser = {
  cookies: Map<string, string>;
  send: (name: CallName, body?: unknown, id?: string, more?: Record<string, string>) => request.Test;
};

export function browserOf(app: Parameters<typeof request>[0]): Browser {
  const cookies = new Map<string, string>();
  return {
    cookies,
    send: (name, body, id = NOWHERE, more = {}) => {
      const { method, path: to } = CALLS[name];
      const test = request(app)
        [method](path(to.replace(':id', id)))
        .set('cookie', [...cookies].map(([k, v]) => `${k}=${v}`).join('; '))
        .set(CSRF_HEADER, cookies.get(CSRF_COOKIE) ?? '')
        .set(more);
      test.on('response', (res: { headers: Record<string, unknown> }) => {
        for (const line of (res.headers['set-cookie'] as string[] | undefined) ?? []) {
          const [, key = '', value = ''] = /^([^=]+)=([^;]*)/.exec(line) ?? [];
          if (value === '') cookies.delete(key);
          else cookies.set(key, value);
        }
      });
      return body === undefined ? test : test.send(body as object);
    },
  };
}

/** An app where people sign in, over an empty store that is closed after the tests of a file. */
export async function peopleApp(mostTries = 1000) {
  const store: OpenDb = await emptyDatabase();
  afterAll(() => store.close());
  const make = () =>
    makeApp({
      kitchens: {
        people: {
          door: store.door,
          of: kitchensOf(store, inPlace()),
          news: store.news,
          secure: false,
          addresses: () => ['https://10.0.0.9:4173'],
          mostTries,
        },
      },
    });
  const app = make();
  /** Sets a kitchen up and signs its owner in. */
  async function ownerOf(kitchen: number, signIn = `owner-${randomUUID().slice(0, 8)}`) {
    const browser = browserOf(app);
    const code = await newSetUpCode(store.door, kitchen);
    const res = await browser
      .send('setUp', { code, kitchen: `Kitchen ${kitchen}`, name: 'Mira', signIn, passphrase: PASSPHRASE })
      .expect(201);
    return { browser, signIn, recovery: (res.body as { recovery: string }).recovery };
  }
  /** Adds somebody of a role and signs them in. */
  async function signedIn(owner: Browser, role: Role) {
    const signIn = `${role}-${randomUUID().slice(0, 8)}`;
    const person = (
      await owner.send('createPerson', { name: role, role, signIn, passphrase: PASSPHRASE }).expect(201)
    ).body as Person;
    const browser = browserOf(app);
    await browser.send('signIn', { signIn, passphrase: PASSPHRASE }).expect(204);
    return { browser, person, signIn };
  }
  return { app, make, store, ownerOf, signedIn, anotherKitchen: () => newKitchen(store.door, 'Another') };
}
