import type { FetchArgs } from '@reduxjs/toolkit/query/react';
import { CALLS, type BodyOf, type CallName } from '../../contract/calls';
import type { ShelfQuery } from '../../contract/dto';
import type { TrialQuery } from '../../contract/notebook';
import type { DeedQuery } from '../../contract/people';
import type { Problem } from '../../contract/problem';
import { HOME } from './home';

export const BASE = new URL(`${HOME}/api/v1`, location.origin).href;

const pathOf = (name: CallName, id: string): string =>
  CALLS[name].path.replace(':id', encodeURIComponent(id));

/** The address of a call, absolute, so that it also works where the page has no location of its own. */
export const addressOf = (name: CallName, id = ''): string => `${BASE}${pathOf(name, id)}`;

/** A declared call as a request. */
export function ask<N extends CallName>(
  name: N,
  {
    id = '',
    body,
    query,
  }: { id?: string; body?: BodyOf<N>; query?: ShelfQuery | TrialQuery | DeedQuery } = {},
): FetchArgs {
  const params = new URLSearchParams();
  for (const [key, value] of Object.entries(query ?? {}) as [string, string | string[] | undefined][])
    for (const one of [value ?? []].flat()) params.append(key, one);
  const search = params.size > 0 ? `?${params.toString()}` : '';
  return {
    url: `${pathOf(name, id)}${search}`,
    method: CALLS[name].method.toUpperCase(),
    ...(body === undefined ? {} : { body }),
  };
}

/** The problem inside a failed call, or null where the server did not answer at all. */
export function problemIn(error: unknown): Problem | null {
  const data = (error as { data?: unknown } | null)?.data;
  const parsed: unknown = typeof data === 'string' ? tryParse(data) : data;
  if (parsed && typeof parsed === 'object' && 'code' in parsed) return parsed as Problem;
  // Something answered, but not in our words.
  const { status, originalStatus } = (error ?? {}) as { status?: unknown; originalStatus?: unknown };
  const said =
    typeof status === 'number' ? status : typeof originalStatus === 'number' ? originalStatus : null;
  return said === null ? null : { status: said, code: 'server.failed', path: '', args: {} };
}

function tryParse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
