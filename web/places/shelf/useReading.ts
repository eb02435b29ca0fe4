import { useCallback, useMemo } from 'react';
import { formulasIn, looksLikePage } from '../../../core/formats';
import { isBeside, type Formula, type Part } from '../../../core/formula';
import { guessAgain, type ReadResult } from '../../../core/reading';
import { usePantry } from '../../pantry/usePantry';
import { correctionOf } from '../../shared/read/correct';
import type { Change, LineView, OnCorrect } from '../../shared/read/ReadLines';
import { useCompute } from '../../shared/useCompute';
import { useKitchen } from '../../shared/useKitchen';
import { correctLine } from '../../working/correctLine';
import { keysOf, measuresOf, PAUSE_MS, type Pasted, type SetPasted } from './pasted';

const MOST_CHARS = 200_000;

/** What is understood of a paste, corrections counted in. */
export type PasteReading = {
  /** More than the lines of one formula: what is in it is offered first. */
  isPage: boolean;
  tooLong: boolean;
  /** Why it could not be read; null where it could. */
  failed: string | null;
  /** Null while nothing is read. */
  read: ReadResult | null;
  formula: Formula | null;
  parts: { part: Part; views: LineView[] }[];
  onCorrect: OnCorrect;
  /** Names that were put right by hand, each with what it means. */
  meant: [name: string, ingredientId: string][];
};

/** Issues that a correction has not settled yet. */
const openOf = (issues: LineView['issues'], fix: Change | undefined, weighs: boolean): LineView['issues'] =>
  issues.filter(
    (x) =>
      !(x.code.startsWith('name.') && fix?.ingredientId) &&
      !(x.code.startsWith('amount.') && (fix?.massG || (fix?.ingredientId && weighs))) &&
      !(x.code.startsWith('check.') && fix),
  );

export function useReading(form: Pasted, set: SetPasted): PasteReading {
  const { pantry } = usePantry();
  const kitchen = useKitchen();
  const measures = useMemo(() => measuresOf(form.cup, kitchen), [form.cup, kitchen]);
  const isPage = useMemo(() => looksLikePage(form.text) || formulasIn(form.text) !== null, [form.text]);
  const tooLong = !isPage && form.text.length > MOST_CHARS;
  const nothing = tooLong || isPage || form.text.trim() === '';
  const { output, failed } = useCompute(
    'read',
    nothing
      ? null
      : {
          text: form.text,
          ...(Object.keys(form.rows).length > 0 ? { rows: form.rows } : {}),
          title: form.title,
          method: form.method,
          oven: form.oven,
          time: form.time,
          kitchen: measures,
          ...(kitchen.names ? { names: kitchen.names } : {}),
          ...(form.classId ? { classId: form.classId } : {}),
        },
    PAUSE_MS,
  );
  const read = nothing ? null : output;

  const keys = useMemo(() => keysOf(read?.lines.map((l) => l.line) ?? []), [read]);
  const { fixes } = form;
  const formula = useMemo(() => {
    if (!read) return null;
    const mended = read.lines.reduce((f, { line }) => {
      const fix = fixes[keys.get(line.id) ?? ''];
      return fix ? correctLine(f, correctionOf(f, line.id, fix, pantry.byId, measures)) : f;
    }, read.formula);
    return mended === read.formula ? mended : guessAgain(mended, pantry.lookup);
  }, [read, keys, fixes, pantry, measures]);
  const parts = useMemo(() => {
    if (!read || !formula) return [];
    const reads = new Map(read.lines.map((l) => [l.line.id, l]));
    return formula.parts.map((part) => ({
      part,
      views: part.lines.map((line): LineView => {
        const { suggestions, issues } = reads.get(line.id)!;
        const open = openOf(issues, fixes[keys.get(line.id) ?? ''], line.amount.massG !== null);
        return { line, issues: open, suggestions: suggestions.map((s) => s.id) };
      }),
    }));
  }, [read, formula, keys, fixes]);
  const onCorrect = useCallback<OnCorrect>(
    (lineId, change) => {
      const key = keys.get(lineId);
      if (key) set({ fixes: { ...fixes, [key]: { ...fixes[key], ...change } } });
    },
    [keys, set, fixes],
  );
  const meant = (read?.lines ?? []).flatMap(({ line }): [string, string][] => {
    const means = fixes[keys.get(line.id) ?? '']?.ingredientId;
    return line.item.kind === 'unknown' && means ? [[line.item.text, means]] : [];
  });
  return { isPage, tooLong, failed, read, formula, parts, onCorrect, meant };
}

/** Lines of which it is not known what they are, or how much. */
export const unknownIn = (views: readonly LineView[]): number =>
  views.filter((v) => v.line.item.kind === 'unknown' || (!v.line.amount.massG && !isBeside(v.line.role)))
    .length;
