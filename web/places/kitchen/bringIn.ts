import type { Restored, RestoreWord } from '../../../contract/backup';
import { CSRF_HEADER } from '../../../contract/people';
import { addressOf } from '../../api/ask';
import { pageToken } from '../../api/session';

/** How far a file is: sent, then taken in line by line. */
export type Bringing = { part: 'sending' | 'takingIn'; share: number };
export type Brought =
  | { restored: Restored }
  | { problem: { code: string | null; path: string; args: Record<string, string | number> } };

/** The words of an answer that comes line by line; the last may still be on its way. */
export function wordsIn(text: string): RestoreWord[] {
  return text
    .split('\n')
    .slice(0, -1)
    .flatMap((line) => {
      try {
        return [JSON.parse(line) as RestoreWord];
      } catch {
        return [];
      }
    });
}

/**
 * Sends a file of everything as it is, however large, and tells how far it is. What comes of it is told at the end: all of
 * it, or nothing with the reason. XMLHttpRequest, since fetch does not tell how much has been sent.
 */
export function bringIn(
  file: Blob,
  kitchen: boolean,
  tell: (at: Bringing) => void,
  stop: AbortSignal,
): Promise<Brought | null> {
  return new Promise((done) => {
    const request = new XMLHttpRequest();
    request.open('POST', `${addressOf('restore')}${kitchen ? '?kitchen=yes' : ''}`);
    request.setRequestHeader('content-type', 'application/x-ndjson');
    request.setRequestHeader(CSRF_HEADER, pageToken());
    request.upload.onprogress = (e) =>
      tell({ part: 'sending', share: e.lengthComputable ? e.loaded / e.total : 0 });
    request.onprogress = () => {
      const last = wordsIn(request.responseText).at(-1);
      if (last && 'done' in last) tell({ part: 'takingIn', share: last.of > 0 ? last.done / last.of : 1 });
    };
    request.onload = () => {
      if (request.status !== 200) {
        let said: Partial<{ code: string; path: string; args: Record<string, string | number> }> = {};
        try {
          said = JSON.parse(request.responseText) as typeof said;
        } catch {
          // Not in our words: told as such.
        }
        done({
          problem: { code: said.code ?? 'server.failed', path: said.path ?? '', args: said.args ?? {} },
        });
        return;
      }
      const last = wordsIn(request.responseText).at(-1);
      if (last && 'restored' in last) done({ restored: last.restored });
      else if (last && 'problem' in last) done({ problem: last.problem });
      else done({ problem: { code: 'server.failed', path: '', args: {} } });
    };
    request.onerror = () => done({ problem: { code: null, path: '', args: {} } });
    request.onabort = () => done(null);
    stop.addEventListener('abort', () => request.abort());
    request.send(file);
  });
}
