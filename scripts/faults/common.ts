import type { ShelfPage } from '../../contract/dto';
import { chance } from '../../server/testing/power';
import { serve, type Served } from '../served';

export const seed = Date.now() % 1_000_000;
export const random = chance(seed);
export const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!;

export const start = (dir: string, ...more: string[]): Promise<Served> => serve(dir, more);
export const send = (url: string, method: string, path: string, body: unknown, type = 'application/json') =>
  fetch(`${url}${path}`, {
    method,
    headers: { 'content-type': type },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
export async function all(url: string): Promise<Map<string, string>> {
  const there = new Map<string, string>();
  for (let from = 0; ; from += 200) {
    const page = (await (await fetch(`${url}/formulas?limit=200&from=${from}`)).json()) as ShelfPage;
    for (const f of page.formulas) there.set(f.title, f.id);
    if (page.formulas.length === 0) return there;
  }
}

export type Tally = { confirmed: number; found: number; half: number };
export const tally = (): Tally => ({ confirmed: 0, found: 0, half: 0 });
export const say = (what: string, { confirmed, found, half }: Tally, rounds: number) =>
  console.log(`${what}, ${rounds} rounds: ${confirmed} confirmed, ${found} found, ${half} by half`);
