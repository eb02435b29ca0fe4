import { msg, type Msg } from '../explain';
import type { BakePhase, StatedBake } from '../formula';
import { heatsIn, minutesIn, plausible, worded } from './heats';
import { stagesIn, type OvenRead, type Stage } from './stages';

/** To a tenth of a degree, so that a whole °F is found again in it. */
const tenth = (x: number): number => Math.round(10 * x) / 10;
/** A problem of the whole, with an oven temperature that would settle it. */
export type BakeIssue = Msg & { fixes?: { ovenC: number }[] };

/** °F and °C of one oven may differ by rounding; beyond this one of them is wrong. */
const SAME_OVEN_C = 8;
/** More stretches than this are no programme of an oven. */
const MOST_PHASES = 8;

/** Stretches as a programme; null where they are one, or where the heat of one is not known. */
function phasesOf(stages: readonly Stage[], firstC: number | null, fan: boolean): BakePhase[] | null {
  if (stages.length < 2 || stages.length > MOST_PHASES) return null;
  const phases = stages.map((s) => ({
    min: (s.minutes[0] + s.minutes[1]) / 2,
    ovenC: s.ovenC ?? firstC,
    fan: s.ovenC === null ? fan : s.fan,
    cover: s.cover,
    steam: s.steam,
    heat: s.grill ? ('grill' as const) : ('even' as const),
  }));
  return phases.every((p) => p.ovenC !== null) ? phases.map((p) => ({ ...p, ovenC: tenth(p.ovenC!) })) : null;
}
const sumOf = (stages: readonly Stage[]): [number, number] => [
  stages.reduce((s, x) => s + x.minutes[0], 0),
  stages.reduce((s, x) => s + x.minutes[1], 0),
];

/** What a field of the oven says: its heat, °C, and whether the two it names agree. */
function ovenField(oven: string, issues: BakeIssue[]): { c: number; fan: boolean } | null {
  const heats = heatsIn(oven.replace(/^\s*(\d{2,4})\s*°?\s*$/, 'oven $1°'));
  const celsius = heats.filter((h) => !h.fromF && !h.fan);
  const fromF = heats.filter((h) => h.fromF && !h.fan);
  const [c, f] = [celsius.at(-1), fromF.at(-1)];
  if (c && f && Math.abs(c.c - f.c) > SAME_OVEN_C) {
    issues.push({
      ...msg('bake.tempsDisagree', { c: c.c, f: Math.round(f.c) }),
      fixes: [{ ovenC: Math.round(f.c) }, { ovenC: c.c }],
    });
  }
  const read = c ?? f ?? heats.at(-1);
  if (read && !plausible(read.c)) issues.push(msg('bake.ovenOdd', { c: Math.round(read.c) }));
  else if (read)
    return { c: read.c, fan: read.fan || (heats.length === 1 && /\bfan\b|\bconvection\b/i.test(oven)) };
  if (issues.length === 0) issues.push(msg('bake.ovenUnread', { text: oven.slice(0, 60) }));
  return null;
}

/**
 * The oven and time that were stated: by their fields, else by what the method says of its oven. Stretches of the method
 * count beside a time of its own where they add up to it.
 */
export function readBake(
  oven: string,
  time: string,
  method: string,
): { bake: StatedBake | null; issues: BakeIssue[] } {
  const issues: BakeIssue[] = [];
  const field = time.trim();
  const said = oven.trim() ? ovenField(oven, issues) : null;
  const byFigures = stagesIn(method, said);
  // A word of an oven is one where no figure says how hot it is.
  const byWord = byFigures.heated || firstOf(byFigures) || oven.trim() ? null : worded(method);
  if (byWord) issues.push(msg('bake.ovenByWord', { word: byWord.word, c: byWord.c }));
  const read = byWord ? stagesIn(byWord.text) : byFigures;
  const whole = minutesIn(field) ?? minutesIn(`${field} min`);
  if (field && !whole) issues.push(msg('bake.timeUnread', { text: field.slice(0, 60) }));
  const first = said ?? (oven.trim() ? null : (firstOf(read) ?? read.heated));
  const inField = field ? stagesIn(`Bake ${field}`).stages : [];
  const told = inField.length > 1 ? inField : read.stages;
  const total = told.length > 0 ? sumOf(told) : null;
  const fits =
    total !== null && (!whole || told === inField || (total[0] <= whole[1] && total[1] >= whole[0]));
  // Where the heat itself is in doubt there is no telling what its stretches are.
  const phases =
    fits && issues.every((i) => i.code === 'bake.ovenByWord')
      ? phasesOf(told, first?.c ?? null, first?.fan ?? false)
      : null;
  const minutes = field && !phases ? whole : total;
  // A field that tells of stretches begins with the first of them.
  const start =
    phases && (said === null || told === inField) ? { c: phases[0]!.ovenC, fan: phases[0]!.fan } : first;
  if (!start && !minutes) return { bake: null, issues };
  return {
    bake: {
      ovenC: start ? tenth(start.c) : null,
      minutes,
      fan: start?.fan ?? false,
      ...(phases ? { phases } : {}),
    },
    issues,
  };
}

/** The heat of the first stretch that has one. */
function firstOf({ stages }: OvenRead): { c: number; fan: boolean } | null {
  const told = stages.find((s) => s.ovenC !== null);
  return told ? { c: told.ovenC!, fan: told.fan } : null;
}
