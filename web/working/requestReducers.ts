import type { PayloadAction } from '@reduxjs/toolkit';
import type { BakePlan, StyleChoice, VersionRequest } from '../../contract/dto';
import type { PropKey } from '../../core/classes';
import type { ExclusionId, OilReading } from '../../core/exclusions';
import type { AvoidId } from '../../core/ingredients';
import type { Tests } from '../../core/judge';
import type { LiftPlan } from '../../core/leavening';
import type { StepChoices } from '../../core/method';
import { ask, change, pinned, type WorkingState, untested } from './workingState';

/** What `going` begins with while an amount is dragged. */
export const DRAGGED = 'line:';

/** What has to go, for whom, and where traces matter. */
export type Wanted = {
  exclude: ExclusionId[];
  oil?: OilReading;
  words?: string[];
  strict?: AvoidId[];
  eaters?: string[];
};

/** What is changed in what is asked of the source. */
export const requestReducers = {
  /** One change of a trial's, to be tried: what it is to find out, and where it is an amount that, with all others as they were baked. */
  tried(state: WorkingState, { payload }: PayloadAction<{ tests: Tests; held: Record<string, number> }>) {
    if (!state.doc) return;
    const { request } = state.doc;
    const { tests, held } = payload;
    const lines = { ...request.pins?.lines, ...held };
    const pins = Object.keys(held).length > 0 ? { pins: { ...request.pins, lines } } : {};
    change(state, { ...state.doc, request: { ...request, ...pins, tests } });
  },
  testDropped(state: WorkingState) {
    if (!state.doc) return;
    change(state, { ...state.doc, request: untested(state.doc.request) });
  },
  excludeSet(state: WorkingState, { payload }: PayloadAction<ExclusionId[]>) {
    // Other things going means other conflicts: choices and amounts held for the old ones go too.
    ask(state, { exclude: payload, pins: {} });
  },
  oilRead(state: WorkingState, { payload }: PayloadAction<OilReading>) {
    ask(state, { oil: payload, pins: {} });
  },
  /** Everything that has to go at once: words, traces and eaters too. Unnamed wishes are let go of. */
  wanted(state: WorkingState, { payload }: PayloadAction<Wanted>) {
    if (!state.doc) return;
    const { exclude, oil, words, strict, eaters } = payload;
    // What was asked of other conflicts goes: held amounts, chosen ways, what a trial changes.
    const {
      exclude: _exclude,
      oil: _oil,
      words: _words,
      strict: _strict,
      eaters: _eaters,
      tests: _tests,
      pins: _pins,
      ...kept
    } = state.doc.request;
    const request: VersionRequest = {
      ...kept,
      exclude,
      ...(oil && oil !== 'extracted' ? { oil } : {}),
      ...(words && words.length > 0 ? { words } : {}),
      ...(strict && strict.length > 0 ? { strict } : {}),
      ...(eaters && eaters.length > 0 ? { eaters } : {}),
      pins: {},
    };
    change(state, { ...state.doc, request });
  },
  /** A group that the formula has none of may come in, or not. */
  allowed(state: WorkingState, { payload: { avoid, on } }: PayloadAction<{ avoid: AvoidId; on: boolean }>) {
    if (!state.doc) return;
    const { allow: was = [], ...request } = state.doc.request;
    const allow = on ? [...was.filter((a) => a !== avoid), avoid] : was.filter((a) => a !== avoid);
    // Other ways are on offer: what was chosen by hand stays only where it still can.
    change(state, {
      ...state.doc,
      request: { ...request, ...(allow.length > 0 ? { allow } : {}), pins: on ? (request.pins ?? {}) : {} },
    });
  },
  kitsSet(state: WorkingState, { payload }: PayloadAction<Record<string, string>>) {
    pinned(state, { kits: payload, lines: {} });
  },
  /**
   * An amount held or let go of. The choices stay as they are, so that only amounts move; `going` while it is
   * dragged.
   */
  lineHeld(
    state: WorkingState,
    {
      payload: { lineId, massG, kits, going },
    }: PayloadAction<{
      lineId: string;
      massG: number | null;
      kits?: Record<string, string>;
      going?: boolean;
    }>,
  ) {
    const lines = { ...state.doc?.request.pins?.lines };
    if (massG === null) delete lines[lineId];
    else lines[lineId] = massG;
    pinned(state, { lines, ...(kits ? { kits } : {}) }, going ? `${DRAGGED}${lineId}` : null);
  },
  /** The drag has ended. */
  settled(state: WorkingState) {
    state.going = null;
  },
  lockSet(
    state: WorkingState,
    { payload }: PayloadAction<{ lockWetness?: boolean; lockMass?: boolean; freeMass?: boolean }>,
  ) {
    pinned(state, payload);
  },
  /** A property of a part held at a value, or let go of. */
  propHeld(
    state: WorkingState,
    {
      payload: { partId, key, value },
    }: PayloadAction<{ partId: string; key: PropKey; value: number | null }>,
  ) {
    const props = { ...state.doc?.request.pins?.props };
    const { [key]: _was, ...others } = props[partId] ?? {};
    props[partId] = value === null ? others : { ...others, [key]: value };
    pinned(state, { props });
  },
  /** How this formula is to be ranked; null for the house's own wishes. */
  styleSet(state: WorkingState, { payload }: PayloadAction<StyleChoice | null>) {
    if (!state.doc) return;
    const { style: _was, ...request } = state.doc.request;
    // Other wishes, another best: what was chosen by hand goes.
    const { kits: _kits, lines: _lines, ...pins } = request.pins ?? {};
    change(state, {
      ...state.doc,
      request: { ...request, ...(payload ? { style: payload } : {}), pins },
    });
  },
  /** The plan for the rise; what is typed into one field is one step back. */
  liftPlanned(state: WorkingState, { payload }: PayloadAction<{ plan: LiftPlan; field: string }>) {
    ask(state, { lift: payload.plan }, `lift:${payload.field}`);
  },
  /** What is changed at the oven; what is typed into one field is one step back. */
  bakePlanned(state: WorkingState, { payload }: PayloadAction<{ plan: BakePlan; field: string }>) {
    ask(state, { bake: payload.plan }, `bake:${payload.field}`);
  },
  /** What the baker makes of a change to the method; null takes it as proposed. */
  stepChosen(
    state: WorkingState,
    { payload }: PayloadAction<{ id: string; choice: StepChoices[string] | null }>,
  ) {
    if (!state.doc) return;
    const { steps: was, ...request } = state.doc.request;
    const { [payload.id]: _gone, ...rest } = was ?? {};
    const steps = payload.choice ? { ...rest, [payload.id]: payload.choice } : rest;
    change(state, {
      ...state.doc,
      request: { ...request, ...(Object.keys(steps).length > 0 ? { steps } : {}) },
    });
  },
  /** Lets go of every lock and held amount; the choices stay. */
  letGo(state: WorkingState) {
    pinned(state, { lines: {}, props: {}, lockWetness: false, lockMass: false });
  },
};
