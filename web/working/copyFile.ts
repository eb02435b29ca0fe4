import { BACKUP_EDITION, type BackupLine } from '../../contract/backup';
import type { DraftDoc } from '../../contract/dto';

/**
 * A working copy as a file of everything that holds nothing else: a formula of its own, its source and what is asked of
 * it. Brought in anywhere it can be gone on with. `now`: an instant; `makeId`: a new UUID at each call.
 */
export function copyFile(title: string, doc: DraftDoc, now: string, makeId: () => string): string {
  const formulaId = makeId();
  const versionId = makeId();
  const lines: BackupLine[] = [
    { head: { newCrumb: BACKUP_EDITION, madeAt: now, eaters: [], ways: [], kitchen: null } },
    {
      formula: {
        id: formulaId,
        title: title.slice(0, 200),
        classId: doc.source.parts[0]?.classId ?? 'batter',
        createdAt: now,
        updatedAt: now,
        archived: false,
      },
    },
    {
      version: {
        id: versionId,
        parentId: null,
        targetId: null,
        name: '',
        note: '',
        doc: doc.source,
        request: { exclude: [] },
        coreVersion: '-',
        dataVersion: '-',
        createdAt: now,
        mark: null,
      },
    },
    { draft: { ...doc, baseId: versionId } },
    { end: { formulas: 1, versions: 1, pantry: 0 } },
  ];
  return `${lines.map((l) => JSON.stringify(l)).join('\n')}\n`;
}
