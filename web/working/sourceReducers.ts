import type { PayloadAction } from '@reduxjs/toolkit';
import type { ClassId } from '../../core/classes';
import type { Line, LineRole } from '../../core/formula';
import { unlinked, type ActionMend } from '../../core/method';
import { correctLine, type Correction } from './correctLine';
import { change, type WorkingState } from './workingState';

/** What is changed in the source as it was read. */
export const sourceReducers = {
  lineCorrected(state: WorkingState, { payload }: PayloadAction<Correction>) {
    if (state.doc) change(state, { ...state.doc, source: correctLine(state.doc.source, payload) });
  },
  /** A step of the source in other words. */
  stepWritten(state: WorkingState, { payload }: PayloadAction<{ stepId: string; text: string }>) {
    if (!state.doc) return;
    const method = unlinked(state.doc.source.method).map((s) =>
      s.id === payload.stepId ? { ...s, text: payload.text } : s,
    );
    change(state, { ...state.doc, source: { ...state.doc.source, method } });
  },
  /** What was read of one act put right: its mends of before for the same words are gone; null as it was read. */
  actMended(
    state: WorkingState,
    { payload }: PayloadAction<{ stepId: string; words: string; nth: number; mend: ActionMend | null }>,
  ) {
    if (!state.doc) return;
    const method = unlinked(state.doc.source.method).map((step) => {
      if (step.id !== payload.stepId) return step;
      const { mends = [], ...s } = step;
      const kept = mends.filter((m) => m.words !== payload.words || m.nth !== payload.nth);
      const now = payload.mend ? [...kept, payload.mend] : kept;
      return now.length > 0 ? { ...s, mends: now } : s;
    });
    change(state, { ...state.doc, source: { ...state.doc.source, method } });
  },
  /** A thing that the method takes comes on the list; its grams are still to be said. */
  lineAdded(
    state: WorkingState,
    { payload }: PayloadAction<{ partId: string; ingredientId: string; role?: LineRole }>,
  ) {
    if (!state.doc) return;
    const { source } = state.doc;
    const taken = new Set(source.parts.flatMap((p) => p.lines.map((l) => l.id)));
    let n = taken.size + 1;
    while (taken.has(`l${n}`)) n += 1;
    const line: Line = {
      id: `l${n}`,
      item: { kind: 'ref', id: payload.ingredientId },
      amount: { massG: null, written: '', confidence: 1, reading: [] },
      ...(payload.role ? { role: payload.role } : {}),
    };
    const parts = source.parts.map((p) =>
      p.id === payload.partId ? { ...p, lines: [...p.lines, line] } : p,
    );
    change(state, { ...state.doc, source: { ...source, parts, method: unlinked(source.method) } });
  },
  classChosen(state: WorkingState, { payload }: PayloadAction<{ partId: string; classId: ClassId }>) {
    if (!state.doc) return;
    // What the baker says is no guess any more.
    const parts = state.doc.source.parts.map(({ guess, ...p }) =>
      p.id === payload.partId ? { ...p, classId: payload.classId } : { ...p, ...(guess ? { guess } : {}) },
    );
    change(state, { ...state.doc, source: { ...state.doc.source, parts } });
  },
};
