import type { Draft, DraftDoc, VersionRequest } from '../../contract/dto';
import { emptyLine, stepped, type UndoLine } from '../undo/line';
import { sameDoc } from './sameDoc';

/**
 * Where the saving of the working copy stands. `clean`: nothing to save. `waiting`: the server did not take it, it is tried
 * again by itself. `refused`: it will not take it as it is.
 */
export type Standing =
  | { is: 'clean' | 'changed' | 'saving' | 'saved' }
  | { is: 'waiting'; code: string | null; inMs: number }
  | { is: 'conflict'; theirs: Draft | null }
  | { is: 'refused'; code: string; args: Record<string, string | number> };

/** The working copy of one formula: the source as read, what is asked of it, and the way back. */
export type WorkingState = {
  formulaId: string | null;
  doc: DraftDoc | null;
  /** What a fresh start from the base version would be: an equal working copy has nothing to save. */
  pristine: DraftDoc | null;
  line: UndoLine<DraftDoc>;
  /** Revision of the saved draft this copy grew from; 0 where there is none. */
  rev: number;
  standing: Standing;
  /** The browser has no room left: what the server has not taken is only in this page. */
  browserFull: boolean;
  /** The copy that gives way to this one, which was opened beside it, as soon as this one is changed. */
  beside: DraftDoc | null;
  /** The version it was opened from by the address; null for the copy one works on. */
  from: string | null;
  /** Copies that gave way and are not on the server yet. */
  asides: DraftDoc[];
  /** The amount that is being dragged: all of the drag is one step back. */
  going: string | null;
};

export const initialState: WorkingState = {
  formulaId: null,
  doc: null,
  pristine: null,
  line: emptyLine(),
  rev: 0,
  standing: { is: 'clean' },
  browserFull: false,
  beside: null,
  from: null,
  asides: [],
  going: null,
};

/** A copy gives way: it waits aside, and one step back leads to it too. */
export function giveWay(state: WorkingState, doc: DraftDoc): void {
  if (!state.asides.some((a) => sameDoc(a, doc))) state.asides.push(doc);
}

/** The copy is now this, to be saved; a clash stays one until it is settled. */
export function become(state: WorkingState, next: DraftDoc): void {
  if (state.beside) {
    giveWay(state, state.beside);
    state.line.past.unshift(state.beside);
    state.beside = null;
  }
  state.doc = next;
  if (state.standing.is !== 'conflict') state.standing = { is: 'changed' };
}

export function change(state: WorkingState, next: DraftDoc, going: string | null = null): void {
  const goesOn = going !== null && going === state.going;
  state.going = going;
  if (!state.doc || sameDoc(state.doc, next)) return;
  state.line = goesOn ? { ...state.line, future: [] } : stepped(state.line, state.doc);
  become(state, next);
}

/** What was asked, but for the change it was to find out: that is of the one version that tries it. */
export function untested({ tests: _tests, ...request }: VersionRequest): VersionRequest {
  return request;
}

export function ask(
  state: WorkingState,
  request: Partial<VersionRequest>,
  going: string | null = null,
): void {
  if (state.doc) change(state, { ...state.doc, request: { ...state.doc.request, ...request } }, going);
}

/** Pins without what is empty, so that equal wishes are equal text. */
export function pinned(
  state: WorkingState,
  more: NonNullable<VersionRequest['pins']>,
  going: string | null = null,
): void {
  const all = { ...state.doc?.request.pins, ...more };
  const props = Object.fromEntries(
    Object.entries(all.props ?? {}).filter(([, held]) => Object.keys(held).length > 0),
  );
  const pins = {
    ...(all.kits && Object.keys(all.kits).length > 0 ? { kits: all.kits } : {}),
    ...(all.lines && Object.keys(all.lines).length > 0 ? { lines: all.lines } : {}),
    ...(all.lockWetness ? { lockWetness: true } : {}),
    ...(all.lockMass ? { lockMass: true } : {}),
    ...(all.freeMass ? { freeMass: true } : {}),
    ...(Object.keys(props).length > 0 ? { props } : {}),
  };
  ask(state, { pins }, going);
}
