import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import request from 'supertest';
import { describe, expect, it } from 'vitest';
import { makeApp } from '../http/app';
import { emptyDatabase, houseOf, NOWHERE, path } from '../testing/api';
import { metricsOf } from './metrics';
import { certificate } from './network';
import { AskedWrong, optionsOf } from './options';

const wrong = (args: string[], env = {}): string => {
  try {
    optionsOf(args, env);
  } catch (error) {
    if (error instanceof AskedWrong) return error.message;
  }
  return '';
};

describe('options of a start', () => {
  it('one machine is the default: nobody signs in, no backups by the clock', () => {
    expect(optionsOf([], {})).toMatchObject({
      people: false,
      lan: false,
      database: null,
      empty: false,
      backup: { everyMs: 0 },
    });
  });

  it('whatever opens it to others has people sign in, and no demo that anybody may write into', () => {
    const open = [
      optionsOf(['--lan'], {}),
      optionsOf(['--sign-in'], {}),
      optionsOf(['--public', 'https://kitchen.example'], {}),
      optionsOf([], { DATABASE_URL: 'postgres://u@h/n' }),
    ];
    for (const o of open)
      expect(o).toMatchObject({ people: true, empty: true, backup: { everyMs: 86_400_000, keep: 14 } });
  });

  it('what will not do is said with what will', () => {
    expect(wrong(['--port', '70000'])).toMatch(/--port 70000.*0 to 65535/);
    expect(wrong(['--public', 'kitchen'])).toMatch(/--public kitchen.*https:/);
    expect(wrong(['--plain'])).toMatch(/--lan/);
    expect(wrong(['--nonsense'])).toMatch(/--nonsense[^]*--data DIR/);
    expect(wrong([], { DATABASE_URL: 'mysql://x' })).toMatch(/DATABASE_URL/);
    expect(wrong(['--help'])).toMatch(/--lan/);
  });
});

describe('the certificate', () => {
  it('is of this machine’s names and addresses, is kept, and is made anew for another address', async () => {
    const dir = mkdtempSync(join(tmpdir(), 'crumb-cert-'));
    const one = await certificate(dir, ['localhost', '127.0.0.1', '192.168.1.10']);
    const read = new X509Certificate(one.cert);
    expect(read.checkHost('localhost')).toBe('localhost');
    expect([read.checkIP('192.168.1.10'), read.checkIP('192.168.1.1')]).toEqual(['192.168.1.10', undefined]);
    expect(read.verify(read.publicKey)).toBe(true);
    expect((Date.parse(read.validTo) - Date.now()) / 86_400_000).toBeLessThanOrEqual(398);
    expect(statSync(join(dir, 'certificate.json')).mode & 0o077).toBe(0);
    expect(await certificate(dir, ['localhost', '192.168.1.10'])).toEqual(one);
    // One address that begins like another is another.
    const two = await certificate(dir, ['localhost', '192.168.1.1']);
    expect(two.fingerprint).not.toBe(one.fingerprint);
    rmSync(dir, { recursive: true });
  });
});

describe('metrics', () => {
  const { watch, answer } = metricsOf({ waiting: () => 3 }, 'a-token');
  const app = express().use(watch).get('/metrics', answer);
  app.get('/api/v1/formulas/:id', (_req, res) => {
    res.locals.call = 'formula';
    res.json({});
  });
  app.use(
    (_error: unknown, _req: express.Request, res: express.Response, _next: express.NextFunction) =>
      void res.status(404).end(),
  );

  it('counts answers by call, whatever their id, in the words of Prometheus', async () => {
    for (const id of ['a', 'b']) await request(app).get(`/api/v1/formulas/${id}`).expect(200);
    const { text, headers } = await request(app).get('/metrics').expect(200);
    expect(headers['content-type']).toMatch(/^text\/plain/);
    expect(text).toMatch(/^new_crumb_answers_total\{call="formula",status="200"\} 2$/m);
    expect(text).toMatch(/^new_crumb_store_waiting 3$/m);
    expect(text).toMatch(/^new_crumb_answer_seconds_bucket\{le="0.05",call="formula"\} 2$/m);
  });

  it('each route of the app says which call it is, also where it refuses', async () => {
    const store = await emptyDatabase();
    const metrics = metricsOf(store, null);
    const whole = makeApp({ kitchens: { house: houseOf(store) }, metrics });
    await request(whole)
      .get(path(`/formulas/${NOWHERE}`))
      .expect(404);
    await request(whole).get(path('/formulas')).expect(200);
    await request(whole).get(path('/nothing')).expect(404);
    const { text } = await request(whole).get('/metrics').expect(200);
    for (const line of [
      'call="formula",status="404"',
      'call="shelf",status="200"',
      'call="none",status="404"',
    ])
      expect(text).toContain(`new_crumb_answers_total{${line}} 1\n`);
    await store.close();
  });

  it('are for this machine and for who has the token: what another server passes on is from elsewhere', async () => {
    const passed = () => request(app).get('/metrics').set('x-forwarded-for', '203.0.113.9');
    await passed().expect(404);
    await passed().set('authorization', 'Bearer another').expect(404);
    await passed().set('authorization', 'Bearer a-token').expect(200);
  });
});
