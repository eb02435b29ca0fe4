import { CLASSES } from '../classes';
import { bowlMassG, doughLines, isBeside, mainPart, piecesOf, type Formula, type Part } from '../formula';
import type { Lookup } from '../ingredients';
import { withMends, type Action, type ActionField, type ActionKind, type Step } from '../method';
import { goesOn, kindOf, sideOf, type State } from './act-kinds';
import { clausesOf, MIXING, sentencesIn, type Clause } from './clauses';
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
import { withHow } from './hows';
import { Lines, mentionsIn, type Named } from './mentions';
import { sizesOf } from './sizes';
import { wordsOf } from './spoken';
import { usesOf } from './uses';

/** Acts that may tell an oven's heat, and the least that one has in a method, °C. */
const OVENS: readonly ActionKind[] = ['bake', 'blind_bake', 'preheat', 'other'];
const LEAST_OVEN_C = 100;
const GEL = /psyllium|chia|flax|gelatine|agar/;
/** The part that a clause names by a telling word of its name. */
function partNamed(clause: string, parts: readonly Part[]): Part | undefined {
  const words = new Set(wordsOf(clause).map((w) => w.text));
  return parts.find((p) => {
    const own = wordsOf(p.name)
      .map((w) => w.text)
      .filter((w) => !['for', 'the', 'and', 'case', 'set'].includes(w));
    return own.some((w) => w.length > 3 && words.has(w));
  });
}

/** A clause with its verb blanked. */
function withoutVerb(t: string, verb: string): string {
  const at = verb === '' ? -1 : t.toLowerCase().indexOf(verb);
  return at < 0 ? t : t.slice(0, at) + ' '.repeat(verb.length) + t.slice(at + verb.length);
}
/** More acts than this a method has not. */
const MOST_ACTS = 150;

/**
 * The method of a formula, linked: each step with the acts its words tell of, the lines they take, for how long, how hot,
 * under what and where. What a step does not say of its own is taken from what was before, and marked as ours.
 */
export function linkMethod(formula: Formula, lookup: Lookup): Formula {
  const before = LINKED.get(formula);
  if (before?.lookup === lookup) return before.linked;
  const linked = withHow(link(formula, lookup), lookup);
  LINKED.set(formula, { lookup, linked });
  return linked;
}
/** Formulas are not changed once they are made, so that what one was linked to holds as long as it is there. */
const LINKED = new WeakMap<Formula, { lookup: Lookup; linked: Formula }>();

function link(formula: Formula, lookup: Lookup): Formula {
  const lines = new Lines(formula.parts, lookup);
  const main = mainPart(formula.parts);
  const s: State = {
    partId: formula.parts[0]?.id,
    baked: false,
    blind: false,
    last: undefined,
    oven: null,
    lid: null,
    yeasted: false,
    finish: false,
  };
  const bakes = formula.method.filter((m) => /\bbake\b|\boven\b/i.test(m.text)).length;
  let count = 0;
  const method = formula.method.map((step): Step => {
    const acts: Action[] = [];
    for (const sentence of sentencesIn(step.text))
      for (const clause of clausesOf(sentence.text)) {
        if (count >= MOST_ACTS) break;
        count += 1;
        const act = actOf(clause, sentence.at);
        const before = acts.at(-1);
        if (before && goesOn(before, act)) {
          Object.assign(before, {
            ...act,
            kind: before.kind,
            uses: before.uses,
            names: [...(before.names ?? []), ...(act.names ?? [])],
            from: before.from,
            text: step.text.slice(before.from, act.to).trim(),
          });
          if (!before.uses) delete before.uses;
        } else acts.push(act);
        s.last = acts.at(-1);
      }
    if (acts.length === 0) return step;
    if (!step.mends) return { ...step, actions: acts };
    const mended = withMends(acts, step.mends);
    s.last = mended.at(-1);
    // What follows goes on at the heat that the baker said.
    const oven = mended.findLast((a) => a.mended && a.tempC !== undefined && OVENS.includes(a.kind));
    if (oven) s.oven = { c: oven.tempC!, fan: oven.fan ?? false };
    return { ...step, actions: mended };
  });
  const linked = { ...formula, method };
  return isOvernight(linked) ? { ...linked, overnight: true } : linked;

  function actOf(clause: Clause, at: number): Action {
    const t = clause.text;
    // The verb itself names nothing: "cream the butter".
    const said = withoutVerb(t, clause.verb);
    const named = partNamed(lines.withoutNames(t), formula.parts);
    // The part at work: the one named, where it is begun here; else the one most of the named lines are in.
    const mixes = [
      ...MIXING,
      'cream',
      'rub',
      'melt',
      'cook',
      'boil',
      'gel',
      'bring',
      'heat',
      'put',
      'cover',
      'soak',
    ].includes(clause.head);
    const names: Named[] = [];
    const first = mentionsIn(said, lines, named?.id ?? s.partId, 'any', names);
    const votes = new Map<string, number>();
    for (const { called, sure } of first)
      votes.set(called.part, (votes.get(called.part) ?? 0) + (sure ? 1 : 0.1));
    const most = [...votes].sort((a, b) => b[1] - a[1])[0]?.[0];
    const partId = (mixes && named ? named.id : undefined) ?? (mixes ? most : undefined) ?? s.partId;
    if (mixes) s.partId = partId;
    const ids = first.map((m) => m.called.ingredient?.id ?? '');
    const groups = first.map((m) => m.called.ingredient?.group ?? '');
    const gel =
      ids.some((id) => GEL.test(id)) &&
      groups.every(
        (g, i) =>
          GEL.test(ids[i]!) || ['water', 'milk', 'plant_drink', 'honey', 'syrup', 'acid', 'oil'].includes(g),
      ) &&
      (first.length > 1 || timesIn(t).length > 0);
    const starter = s.last?.uses?.some((u) => lines.of(u.lineId)?.ingredient?.group === 'starter') ?? false;
    const yeastOnly =
      groups.includes('yeast') && !groups.some((g) => ['flour', 'blend', 'starch'].includes(g));
    const at_ = formula.parts.find((p) => p.id === partId);
    s.yeasted = (at_?.lines ?? []).some((l) => ['yeast', 'starter'].includes(lookup(l.item)?.group ?? ''));
    s.finish = at_ !== undefined && CLASSES[at_.classId].family === 'finish';
    let kind = kindOf(clause, s, { gel, starter, yeastOnly });
    const heat = OVENS.includes(kind) ? ovenIn(t, LEAST_OVEN_C) : null;
    if (kind === 'other' && heat && timesIn(t, true).length > 0) kind = 'bake';
    // On a griddle "bake" is said as well.
    if (kind === 'bake' && ON_PAN.test(t)) kind = 'cook';
    // A crust is baked before it is filled: what follows goes into it.
    if (kind === 'bake' && !s.baked && isBlind(t)) kind = 'blind_bake';
    const uses = usesOf(lines, s, { t: said, kind, partId, named, direct: first.length });
    const part = mixes && uses.length > 0 ? lines.of(uses[0]!.lineId)?.part : undefined;
    if (part && uses.every((u) => lines.of(u.lineId)?.part === part)) s.partId = part;
    const act: Action = {
      kind,
      text: t.trim().replace(/[\s,;]+(?:and|then)?$/i, ''),
      from: at + clause.at,
      to: at + clause.at + t.length,
      ...(s.partId ? { partId: s.partId } : {}),
    };
    const ours: ActionField[] = [];
    if (uses.length > 0) act.uses = uses;
    if (names.length > 0)
      act.names = names.map((n) => ({
        from: n.from + at + clause.at,
        to: n.to + at + clause.at,
        lineIds: onSide(n.lineIds, kind),
      }));
    Object.assign(act, minutesOf(t, kind));
    if (kind === 'preheat' && heat) s.oven = heat;
    if (kind === 'bake' || kind === 'blind_bake') {
      if (heat) s.oven = heat;
      if (s.oven) {
        act.tempC = s.oven.c;
        act.tempOf = 'oven';
        if (s.oven.fan) act.fan = true;
        if (!heat) ours.push('tempC');
      }
      if (kind === 'bake') s.baked = true;
      else s.blind = true;
    } else if (kind === 'preheat' && heat) {
      act.tempC = heat.c;
      act.tempOf = 'oven';
      if (heat.fan) act.fan = true;
    } else {
      const of = heatsIn(t, false)[0];
      if (of && of.c < 110) {
        act.tempC = of.c;
        act.tempOf = kind === 'proof' || kind === 'rest' || kind === 'chill' ? 'room' : 'liquid';
      }
    }
    if (['mix', 'knead', 'rub', 'cream', 'fold'].includes(kind) && uses.some((u) => u.share === 1))
      s.baked = s.baked && !startsAnew(uses, partId);
    const cover = coverOf(t, kind);
    if (cover) act.cover = cover;
    if (kind === 'uncover') s.lid = 'none';
    else if (kind === 'bake' && cover === 'lid') s.lid = 'lid';
    else if (kind === 'bake' && cover === null && s.lid !== null) {
      act.cover = s.lid;
      ours.push('cover');
    }
    const place =
      placeOf(t, kind) ??
      (kind === 'mix' && act.minutes && s.last?.place === 'hob' && !/\boff\b/i.test(t)
        ? (['hob', true] as const)
        : null);
    if (place) {
      [act.place] = place;
      if (place[1]) ours.push('place');
    }
    const until = untilOf(t);
    // "Bake 50 minutes, tenting with foil after 25, till ...": the sign is of the bake.
    if (until && act.afterMin !== undefined && s.last?.kind === 'bake' && !s.last.until) s.last.until = until;
    else if (until) act.until = until;
    piecesTo(act, t, ours);
    Object.assign(act, sizesOf(t, kind));
    const share = ['divide', 'shape', 'fill'].includes(kind) ? shareOfDough(t) : null;
    if (share !== null && share !== undefined && !uses.some((u) => u.share !== 1)) act.share = share;
    if (OVERNIGHT.test(t) || (kind !== 'bake' && (act.minutes?.[0] ?? 0) >= 480)) act.overnight = true;
    if (ours.length > 0) act.ours = ours;
    return act;
  }

  /** Of lines that a word may mean, those that such an act works on: the dough's egg, or the egg that is brushed on. */
  function onSide(ids: string[], kind: ActionKind): string[] {
    const beside = kind === 'wash' || kind === 'glaze' || kind === 'prepare';
    if (!beside && sideOf(kind) !== 'in') return ids;
    const own = ids.filter((id) => isBeside(lines.of(id)?.line.role) === beside);
    return own.length > 0 ? own : ids;
  }

  /** Another part begins after a bake: it is not baked yet. */
  function startsAnew(uses: readonly { lineId: string }[], partId: string | undefined): boolean {
    const part = formula.parts.find((p) => p.id === partId);
    return (
      part !== undefined &&
      CLASSES[part.classId].family !== 'finish' &&
      uses.some((u) => part.lines.some((l) => l.id === u.lineId))
    );
  }

  function isBlind(t: string): boolean {
    if (/\bblind\b|\bpar-?bake/i.test(t)) return true;
    if (formula.parts.length < 2 || bakes < 2 || !main) return false;
    const part = formula.parts.find((p) => p.id === s.partId);
    const crust = part && ['press_in', 'shortcrust', 'flaky'].includes(part.classId);
    return (
      Boolean(crust) &&
      formula.parts.some(
        (p) =>
          p !== part &&
          lines.called.some((c) => c.part === p.id && lines.isWhole(c) && !isBeside(c.line.role)),
      ) &&
      !/\bmore\b/i.test(t)
    );
  }

  function piecesTo(act: Action, t: string, ours: ActionField[]): void {
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
      const part = formula.parts.find((p) => p.id === act.partId) ?? main;
      const massG = part ? bowlMassG(doughLines(part)) : 0;
      const tins =
        formula.tin && formula.tin.count > 1 && /\b(?:pans|tins|moulds)\b/i.test(t)
          ? formula.tin.count
          : null;
      const made = tins ?? piecesOf(formula) ?? (massG > 0 ? Math.floor(massG / pieceG) : null);
      if (made !== null && made > 0) {
        act.pieces = made;
        ours.push('pieces');
      }
    }
  }
}

/** A formula whose method is linked: as it is where that was done, linked now where it comes from before there were links. */
export const linkedOnce = (formula: Formula, lookup: Lookup): Formula =>
  formula.method.some((s) => s.actions) ? formula : linkMethod(formula, lookup);

/** Whether a bake has to be begun the day before. */
const isOvernight = (formula: Formula): boolean =>
  formula.method.some((s) => s.actions?.some((a) => a.overnight)) ||
  formula.parts.some((p) =>
    p.lines.some((l) => /\bovernight\b|\bthe (?:night|day) before\b/i.test(l.amount.written)),
  );
