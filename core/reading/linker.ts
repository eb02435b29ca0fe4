import { CLASSES } from '../classes';
import { bowlMassG, doughLines, isBeside, mainPart, piecesOf, type Formula, type Part } from '../formula';
import type { Lookup } from '../ingredients';
import { withMends, type Action, type ActionField, type ActionKind, type Step } from '../method';
import { AT_FIRST, goesOn, isGel, kindOf, onSide, type State } from './act-kinds';
import { clausesOf, sentencesIn, type Clause } from './clauses';
import {
  coverOf,
  minutesOf,
  ON_PAN,
  OVERNIGHT,
  pieceGIn,
  piecesIn,
  placeOf,
  shareOfDough,
  untilOf,
} from './fields';
import { heatsIn, ovenIn, timesIn } from './heats';
import { look, type Looked } from './look';
import { Lines } from './mentions';
import { sizesOf } from './sizes';
import { usesOf } from './uses';

/** Acts that may tell an oven's heat, and the least that one has in a method, °C. */
const OVENS: readonly ActionKind[] = ['bake', 'blind_bake', 'preheat', 'other'];
const LEAST_OVEN_C = 100;
/** More acts than this a method has not. */
const MOST_ACTS = 150;
/** Acts that lay things on what is made. */
const LAYS: readonly ActionKind[] = ['wash', 'fill', 'glaze'];
const OVEN_KINDS: readonly ActionKind[] = ['bake', 'blind_bake'];
/** Bodies warmer than this are no liquid or room, °C. */
const MOST_LIQUID_C = 110;
const OVERNIGHT_MIN = 480;
const BACK_ON = /\bback (?:on|over|to) (?:the )?(?:hob|heat|stove)\b/i;

/** Goes through a method act by act: what one does not say of its own is taken from what was before. */
export class Linker {
  private readonly lines: Lines;
  private readonly main: Part | undefined;
  /** Steps that speak of an oven. */
  private readonly bakes: number;
  private readonly now: State;
  private count = 0;

  constructor(
    readonly formula: Formula,
    readonly lookup: Lookup,
  ) {
    this.lines = new Lines(formula.parts, lookup);
    this.main = mainPart(formula.parts);
    this.bakes = formula.method.filter((m) => /\bbake\b|\boven\b/i.test(m.text)).length;
    const { bake } = formula;
    // An oven that stands beside the method is hot from the first.
    const isTold = formula.method.some((m) => heatsIn(m.text).some((h) => h.c >= LEAST_OVEN_C));
    const oven = bake && bake.ovenC !== null && !isTold ? { c: bake.ovenC, fan: bake.fan ?? false } : null;
    this.now = { ...AT_FIRST, partId: formula.parts[0]?.id, oven };
  }

  /** A step with its acts. To be asked for one step after another. */
  step(step: Step): Step {
    const acts: Action[] = [];
    for (const sentence of sentencesIn(step.text))
      for (const clause of clausesOf(sentence.text)) {
        if (this.count >= MOST_ACTS) break;
        this.count += 1;
        this.lines.ahead = () => this.textAfter(step, sentence.at + clause.at + clause.text.length);
        this.add(acts, this.act(clause, sentence.at), step.text);
      }
    if (acts.length === 0) return step;
    if (!step.mends) return { ...step, actions: acts };
    const mended = withMends(acts, step.mends);
    this.now.last = mended.at(-1);
    // What follows goes on at the heat that the baker said.
    const oven = mended.findLast((a) => a.mended && a.tempC !== undefined && OVENS.includes(a.kind));
    if (oven) this.now.oven = { c: oven.tempC!, fan: oven.fan ?? false };
    return { ...step, actions: mended };
  }

  /** The words of the method behind a place in a step. */
  private textAfter(step: Step, at: number): string {
    const { method } = this.formula;
    return [step.text.slice(at), ...method.slice(method.indexOf(step) + 1).map((s) => s.text)].join('\n');
  }

  /** Adds an act, or goes on with the one before where it is the same still. */
  private add(acts: Action[], act: Action, text: string): void {
    const before = acts.at(-1);
    if (before && goesOn(before, act)) {
      Object.assign(before, {
        ...act,
        kind: before.kind,
        uses: before.uses,
        names: [...(before.names ?? []), ...(act.names ?? [])],
        from: before.from,
        text: text.slice(before.from, act.to).trim(),
      });
      if (!before.uses) delete before.uses;
    } else acts.push(act);
    this.now.last = acts.at(-1);
  }

  private act(clause: Clause, at: number): Action {
    const looked = look(clause, this.lines, this.formula.parts, this.now.partId);
    if (looked.mixes) this.now.partId = looked.partId;
    const { t, said, named, names, first, mixes, partId, laid } = looked;
    const { kind, heat } = this.kind(clause, looked);
    const workedAt = LAYS.includes(kind) ? (laid ?? partId) : partId;
    const asked = { t: said, clause: t, kind, partId: workedAt, named, direct: first.length };
    const uses = usesOf(this.lines, this.now, asked);
    const part = mixes && uses.length > 0 ? this.lines.of(uses[0]!.lineId)?.part : undefined;
    if (part && uses.every((u) => this.lines.of(u.lineId)?.part === part)) this.now.partId = part;
    const act: Action = {
      kind,
      text: t.trim().replace(/[\s,;]+(?:and|then|[&+])?$/i, ''),
      from: at + clause.at,
      to: at + clause.at + t.length,
      ...(this.now.partId ? { partId: this.now.partId } : {}),
    };
    const ours: ActionField[] = [];
    if (uses.length > 0) act.uses = uses;
    if (names.length > 0)
      act.names = names.map((n) => ({
        from: n.from + at + clause.at,
        to: n.to + at + clause.at,
        lineIds: onSide(n.lineIds, kind, this.lines),
      }));
    Object.assign(act, minutesOf(t, kind));
    this.heatTo(act, t, heat, ours);
    if (['mix', 'knead', 'rub', 'cream', 'fold'].includes(kind) && uses.some((u) => u.share === 1))
      this.now.baked = this.now.baked && !this.startsAnew(uses, partId);
    this.coverTo(act, t, ours);
    this.placeTo(act, t, ours);
    this.untilTo(act, t);
    this.piecesTo(act, t, ours);
    Object.assign(act, sizesOf(t, kind));
    const share = ['divide', 'shape', 'fill'].includes(kind) ? shareOfDough(t) : null;
    if (share !== null && share !== undefined && !uses.some((u) => u.share !== 1)) act.share = share;
    if (OVERNIGHT.test(t) || (kind !== 'bake' && (act.minutes?.[0] ?? 0) >= OVERNIGHT_MIN))
      act.overnight = true;
    if (ours.length > 0) act.ours = ours;
    return act;
  }

  /** What is done, and the heat of an oven that it tells. */
  private kind(
    clause: Clause,
    { t, first, partId }: Looked,
  ): { kind: ActionKind; heat: ReturnType<typeof ovenIn> } {
    const s = this.now;
    const groups = first.map((m) => m.called.ingredient?.group ?? '');
    const gel = isGel(first, timesIn(t).length > 0);
    const starter =
      s.last?.uses?.some((u) => this.lines.of(u.lineId)?.ingredient?.group === 'starter') ?? false;
    const yeastOnly =
      groups.includes('yeast') && !groups.some((g) => ['flour', 'blend', 'starch'].includes(g));
    const part = this.formula.parts.find((p) => p.id === partId);
    s.yeasted = (part?.lines ?? []).some((l) =>
      ['yeast', 'starter'].includes(this.lookup(l.item)?.group ?? ''),
    );
    s.finish = part !== undefined && CLASSES[part.classId].family === 'finish';
    let kind = kindOf(clause, s, { gel, starter, yeastOnly });
    const heat = OVENS.includes(kind) ? ovenIn(t, LEAST_OVEN_C) : null;
    if (kind === 'other' && heat && timesIn(t, true).length > 0) kind = 'bake';
    // On a griddle "bake" is said as well, or nothing: "2 min per side".
    if (ON_PAN.test(t) && (kind === 'bake' || (kind === 'other' && timesIn(t).length > 0))) kind = 'cook';
    // A crust is baked before it is filled: what follows goes into it.
    if (kind === 'bake' && !s.baked && this.isBlind(t)) kind = 'blind_bake';
    return { kind, heat };
  }

  /** How hot: the oven's heat, as it is said or as it was; or that of a liquid or a room. */
  private heatTo(act: Action, t: string, heat: ReturnType<typeof ovenIn>, ours: ActionField[]): void {
    const s = this.now;
    const { kind } = act;
    const ofOven = (from: { c: number; fan: boolean }) =>
      Object.assign(act, { tempC: from.c, tempOf: 'oven', ...(from.fan ? { fan: true } : {}) });
    if (heat && (kind === 'preheat' || OVEN_KINDS.includes(kind))) s.oven = heat;
    if (OVEN_KINDS.includes(kind)) {
      if (s.oven) {
        ofOven(s.oven);
        if (!heat) ours.push('tempC');
      }
      if (kind === 'bake') s.baked = true;
      else s.blind = true;
    } else if (kind === 'preheat' && heat) ofOven(heat);
    else {
      const of = heatsIn(t, false)[0];
      if (of && of.c < MOST_LIQUID_C) {
        act.tempC = of.c;
        act.tempOf = kind === 'proof' || kind === 'rest' || kind === 'chill' ? 'room' : 'liquid';
      }
    }
  }

  /** Under what: a cover that is said, or the lid that lies on still. */
  private coverTo(act: Action, t: string, ours: ActionField[]): void {
    const s = this.now;
    const cover = coverOf(t, act.kind);
    if (cover) act.cover = cover;
    if (act.kind === 'uncover') s.lid = 'none';
    else if (act.kind === 'bake' && cover === 'lid') s.lid = 'lid';
    else if (act.kind === 'bake' && cover === null && s.lid !== null) {
      act.cover = s.lid;
      ours.push('cover');
    }
  }

  private placeTo(act: Action, t: string, ours: ActionField[]): void {
    const place =
      placeOf(t, act.kind) ??
      (act.kind === 'mix' &&
      act.minutes &&
      (BACK_ON.test(t) || (this.now.last?.place === 'hob' && !/\boff\b/i.test(t)))
        ? (['hob', true] as const)
        : null);
    // In the oven a thing is flipped there.
    if (!place || (act.kind === 'turn' && this.now.baked)) return;
    [act.place] = place;
    if (place[1]) ours.push('place');
  }

  private untilTo(act: Action, t: string): void {
    const { last } = this.now;
    const until = untilOf(t);
    // "Bake 50 minutes, tenting with foil after 25, till ...": the sign is of the bake.
    if (until && (act.afterMin !== undefined || act.kind === 'turn') && last?.kind === 'bake' && !last.until)
      last.until = until;
    else if (until) act.until = until;
  }

  /** Another part begins after a bake: it is not baked yet. */
  private startsAnew(uses: readonly { lineId: string }[], partId: string | undefined): boolean {
    const part = this.formula.parts.find((p) => p.id === partId);
    return (
      part !== undefined &&
      CLASSES[part.classId].family !== 'finish' &&
      uses.some((u) => part.lines.some((l) => l.id === u.lineId))
    );
  }

  private isBlind(t: string): boolean {
    if (/\bblind\b|\bpar-?bake/i.test(t)) return true;
    if (this.formula.parts.length < 2 || this.bakes < 2 || !this.main) return false;
    const part = this.formula.parts.find((p) => p.id === this.now.partId);
    const crust = part && ['press_in', 'shortcrust', 'flaky'].includes(part.classId);
    return (
      Boolean(crust) &&
      this.formula.parts.some(
        (p) =>
          p !== part &&
          this.lines.called.some((c) => c.part === p.id && this.lines.isWhole(c) && !isBeside(c.line.role)),
      ) &&
      !/\bmore\b/i.test(t)
    );
  }

  private piecesTo(act: Action, t: string, ours: ActionField[]): void {
    if (!['divide', 'shape', 'fill', 'prepare', 'score', 'cool', 'chill', 'glaze'].includes(act.kind)) {
      const g = act.kind === 'cook' ? pieceGIn(t) : null;
      if (g) act.pieceG = g;
      return;
    }
    const pieces = piecesIn(t);
    const pieceG = ['divide', 'shape', 'fill'].includes(act.kind) ? pieceGIn(t) : null;
    if (pieces !== null) act.pieces = pieces;
    if (pieceG !== null) act.pieceG = pieceG;
    if (pieces === null && pieceG !== null) {
      const part = this.formula.parts.find((p) => p.id === act.partId) ?? this.main;
      const massG = part ? bowlMassG(doughLines(part)) : 0;
      const tins =
        this.formula.tin && this.formula.tin.count > 1 && /\b(?:pans|tins|moulds)\b/i.test(t)
          ? this.formula.tin.count
          : null;
      const made = tins ?? piecesOf(this.formula) ?? (massG > 0 ? Math.floor(massG / pieceG) : null);
      if (made !== null && made > 0) {
        act.pieces = made;
        ours.push('pieces');
      }
    }
  }
}
