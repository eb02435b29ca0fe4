import type { Role } from './people';

export type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';
/**
 * A call over the border, declared once: route, client and description are made from it. `Body`, `Query` and `Answer`
 * are what TypeScript knows of it; the schemas in call-schemas.ts say the same at run time (tested on every key of a
 * body) and stand apart so that a page need not load them.
 */
export type Call<Body, Answer, Query = undefined> = {
  method: Method;
  /** With ":id" where the thing's id stands. */
  path: string;
  /** Of an answer that went well. */
  status: 200 | 201 | 204;
  /** What comes and goes is no single JSON value. */
  stream?: boolean;
  /** Who may make it where people sign in, where it is not as its method has it (`needOf`). */
  needs?: Role | 'anyone';
  /** Whether it is noted who made it, where it is not as its method has it (`isNoted`). */
  noted?: boolean;
  /** Never set: carries the types. */
  types?: { body: Body; answer: Answer; query: Query };
};
type More = Partial<Pick<Call<unknown, unknown>, 'status' | 'stream' | 'needs' | 'noted'>>;

export const call = <Body, Answer, Query = undefined>(
  method: Method,
  path: string,
  more: More = {},
): Call<Body, Answer, Query> => ({ method, path, status: 200, ...more });

export type Nothing = undefined;
export const MADE = 201;
export const DONE = 204;
