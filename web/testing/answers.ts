import {
  DEFAULT_KITCHEN,
  type EaterRow,
  type Kitchen,
  type PantryRow,
  type Put,
  type WayRow,
} from '../../contract/dto';

/** What the server would answer, for tests without one. Calls are kept in the order they came. */
export const answers = {
  pantry: [] as PantryRow[],
  eaters: [] as EaterRow[],
  ways: [] as WayRow[],
  kitchen: DEFAULT_KITCHEN,
  calls: [] as { method: string; path: string; body: unknown }[],
};

export function resetAnswers(): void {
  answers.pantry = [];
  answers.eaters = [];
  answers.ways = [];
  answers.kitchen = DEFAULT_KITCHEN;
  answers.calls = [];
}

/** Stands in for fetch: lists are read from `answers`; what is sent is noted and given back with an id. */
export async function answer(input: RequestInfo | URL, init?: RequestInit): Promise<Response> {
  const request = new Request(input, init);
  const path = new URL(request.url).pathname.replace('/api/v1', '');
  const body: unknown = request.method === 'GET' ? null : JSON.parse((await request.text()) || 'null');
  if (request.method !== 'GET') answers.calls.push({ method: request.method, path, body });
  const found =
    request.method !== 'GET'
      ? path === '/kitchen'
        ? { ...(answers.kitchen = (body as Put<Kitchen>).doc), rev: 2 }
        : { ...(body as object), id: 'new' }
      : path === '/pantry'
        ? { items: answers.pantry }
        : path === '/eaters'
          ? { rows: answers.eaters }
          : path === '/ways'
            ? { rows: answers.ways }
            : path === '/kitchen'
              ? { ...answers.kitchen, rev: 1 }
              : {};
  return new Response(JSON.stringify(found), { headers: { 'content-type': 'application/json' } });
}
