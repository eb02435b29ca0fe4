import type { BackupEnd, BackupLine } from './backup';
import { keyOfLine, schemaOfLine, type BackupKey } from './backup-schemas';
import { check, type Invalid } from './shapes';

/** What of a line must be known to see whether a file hangs together. */
export type LineSummary =
  | { key: Exclude<BackupKey, 'version' | 'formula' | 'end' | 'pantry' | 'run' | 'trial' | 'photo'> }
  | { key: 'formula'; id: string; title: string }
  | { key: 'version'; id: string; parentId: string | null; targetId: string | null; name: string }
  | { key: 'pantry'; rows: number }
  | { key: 'run'; id: string; title: string }
  | { key: 'trial'; id: string; title: string }
  | { key: 'photo'; id: string }
  | ({ key: 'end' } & BackupEnd);
export type LineAnswer =
  | { summaries: LineSummary[] }
  /** `torn`: it is no JSON, as where a file was cut off. */
  | { at: number; torn: true }
  | { at: number; invalid: Invalid };

/** Parses and checks lines of a file of everything; the first that is not right is told with its place among them. */
export function checkLines(texts: readonly string[]): LineAnswer {
  const summaries: LineSummary[] = [];
  for (const [at, text] of texts.entries()) {
    let line: unknown;
    try {
      line = JSON.parse(text);
    } catch {
      return { at, torn: true };
    }
    const key = keyOfLine(line);
    if (!key) return { at, invalid: { path: '', message: 'it is no line of a New Crumb file' } };
    const checked = check(schemaOfLine(key) as never, line);
    if ('invalid' in checked) return { at, invalid: checked.invalid };
    summaries.push(summaryOf(checked.value as BackupLine));
  }
  return { summaries };
}

function summaryOf(line: BackupLine): LineSummary {
  if ('formula' in line) return { key: 'formula', id: line.formula.id, title: line.formula.title };
  if ('version' in line) {
    const { id, parentId, targetId, name } = line.version;
    return { key: 'version', id, parentId, targetId, name };
  }
  if ('pantry' in line) return { key: 'pantry', rows: line.pantry.length };
  if ('run' in line) return { key: 'run', id: line.run.id, title: line.run.doc.title };
  if ('trial' in line) return { key: 'trial', id: line.trial.id, title: line.trial.doc.title };
  if ('photo' in line) return { key: 'photo', id: line.photo.hash };
  if ('end' in line) return { key: 'end', ...line.end };
  return { key: 'head' in line ? 'head' : 'draft' in line ? 'draft' : 'aside' };
}
