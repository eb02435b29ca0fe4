import { CSRF_COOKIE } from '../../contract/people';

/** What a page of ours sends back to show that it is one; empty where nobody signs in. */
export function pageToken(): string {
  const [, token = ''] = new RegExp(`(?:^|; )${CSRF_COOKIE}=([^;]*)`).exec(document.cookie) ?? [];
  return token;
}

/** Hears that the server knows this browser no more. */
export const session = new EventTarget();
export const ENDED = 'ended';
