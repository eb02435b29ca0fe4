import { isBeside, type Line } from '../../../core/formula';
import { idOf } from '../../../core/ingredients';
import type { Pantry } from '../../../core/pantry';
import { expandRow, readLineWith, referenceMatcher } from '../../../core/reading';
import type { Measures } from '../../../core/units';
import type { LineView } from './ReadLines';

/** A line of the source with what is still open about it: questions that a correction has answered are gone. */
export function viewOf(line: Line, pantry: Pantry, measures: Measures): LineView {
  const { written } = line.amount;
  if (written === '') return { line, issues: [], suggestions: [] };
  const context = { measures, matcher: referenceMatcher, ingredient: pantry.byId };
  const reads = expandRow(written).map((row) => readLineWith(written, line.id, context, row));
  const { issues, suggestions } = reads.find((r) => idOf(r.line.item) === idOf(line.item)) ?? reads[0]!;
  const named = line.item.kind !== 'unknown';
  const weighed = line.amount.massG !== null || isBeside(line.role);
  const byHand = line.amount.massG?.basis === 'user' && !line.amount.reading.some((r) => r.step === 'mass');
  const open = issues.filter(
    (i) =>
      !(i.code.startsWith('name.') && named) &&
      !(
        i.code.startsWith('amount.') &&
        (byHand ||
          (weighed && i.fixes === undefined && i.code !== 'amount.packed' && i.code !== 'amount.sifted'))
      ),
  );
  return { line, issues: open, suggestions: suggestions.map((s) => s.id) };
}
