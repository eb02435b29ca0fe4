import { BACKUP_EDITION } from '../../contract/backup';
import { refuse } from './fail';

/** The edition before lines: one JSON document, its formulas one to a line inside a list. */
const OLDER = 1;
const OPEN_LIST = '"formulas":[';

type Json = Record<string, unknown>;
const isJson = (x: unknown): x is Json => typeof x === 'object' && x !== null && !Array.isArray(x);
const listOf = (x: unknown): unknown[] => (Array.isArray(x) ? (x as unknown[]) : []);
const PANTRY_AT_ONCE = 200;

function parsed(text: string): Json | null {
  try {
    const value: unknown = JSON.parse(text);
    return isJson(value) ? value : null;
  } catch {
    return null;
  }
}

const lineOf = (line: unknown): string => JSON.stringify(line);

/**
 * A file of the older edition as the lines of today's; one of today's comes out as it is. What it holds is checked
 * afterwards like any other.
 */
export async function* olderAsLines(lines: AsyncIterable<string>): AsyncGenerator<string> {
  let state: 'first' | 'ours' | 'older' | 'closed' = 'first';
  const counts = { formulas: 0, versions: 0, pantry: 0 };
  function* head(doc: Json): Generator<string> {
    const { madeAt, eaters, ways, kitchen } = doc;
    yield lineOf({ head: { newCrumb: BACKUP_EDITION, madeAt, eaters, ways, kitchen: kitchen ?? null } });
    const pantry = listOf(doc.pantry);
    for (let at = 0; at < pantry.length; at += PANTRY_AT_ONCE)
      yield lineOf({ pantry: pantry.slice(at, at + PANTRY_AT_ONCE) });
    counts.pantry = pantry.length;
  }
  function* formula(doc: Json): Generator<string> {
    const { versions, draft, ...rest } = doc;
    yield lineOf({ formula: rest });
    for (const version of listOf(versions)) yield lineOf({ version });
    if (isJson(draft)) yield lineOf({ draft });
    counts.formulas += 1;
    counts.versions += listOf(versions).length;
  }
  for await (const line of lines) {
    if (state === 'ours') {
      yield line;
      continue;
    }
    if (state === 'first') {
      const open = line.endsWith(OPEN_LIST) ? parsed(`${line}]}`) : null;
      const doc = open ?? parsed(line);
      if (doc?.newCrumb === OLDER) {
        state = open ? 'older' : 'closed';
        yield* head(doc);
        for (const f of listOf(doc.formulas)) if (isJson(f)) yield* formula(f);
        continue;
      }
      if (doc && 'newCrumb' in doc) refuse('backup.edition');
      state = 'ours';
      yield line;
      continue;
    }
    if (line === ']}') {
      state = 'closed';
      continue;
    }
    const doc = parsed(line.replace(/,$/, ''));
    if (state === 'closed' || !doc) refuse('backup.cut');
    else yield* formula(doc);
  }
  if (state === 'older') refuse('backup.cut');
  if (state === 'closed') yield lineOf({ end: counts });
}
