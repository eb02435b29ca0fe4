import { CAUSES } from './data/causes';
import { FAULTS } from './data/faults';
import { EVIDENCE_IDS, type Evidence, type EvidenceId } from './evidence';
import type { Trial } from './trial';
import type { CauseId, FaultId, RepairId } from './types';

/** How likely a cause is, in words; nothing is ever certain. */
export type Level = 'likely' | 'possible' | 'unlikely';
export type Suspect = {
  cause: CauseId;
  /** Its share among all causes of the fault, another one that nobody named among them; 0 to 1. */
  share: number;
  level: Level;
  for: Evidence[];
  against: Evidence[];
  change: RepairId;
  /** Its change was tried in a trial of the formula, and the fault was there again. */
  failed: boolean;
};
export type Diagnosis = {
  fault: FaultId;
  /** The likeliest first. */
  suspects: Suspect[];
  /** What is not known and would tell the first two apart best; null where nothing would. */
  tell: EvidenceId | null;
};

/** Each cause in the list of a fault is held so much less likely than the one before it, before anything is known. */
const LESS = 0.75;
/** Something that is not in the list, beside the first of it. */
const OTHER = 0.3;
const LIKELY = 0.4;
const POSSIBLE = 0.12;
/** So much less likely is a cause whose change was tried and left the fault as it was. Common practice, no source. */
const FAILED = 0.2;
/** Evidence that moves a cause by less than this is not worth a word. */
const TOLD = 1.25;

const tellsOf = (cause: CauseId, id: EvidenceId, holds: boolean): number => {
  const tell = CAUSES[cause].tells.find(([e]) => e === id);
  return tell ? tell[holds ? 1 : 2] : 1;
};
const levelOf = (share: number): Level =>
  share >= LIKELY ? 'likely' : share >= POSSIBLE ? 'possible' : 'unlikely';

/** Changes that trials up to a moment (ms) tried against a fault which was there again all the same. */
export function failedRepairs(
  fault: FaultId,
  trials: readonly Pick<Trial, 'bakedAt' | 'faults' | 'tests'>[],
  upTo: number,
): RepairId[] {
  const tried = trials.flatMap(({ bakedAt, faults, tests }) =>
    tests?.fault === fault && faults.includes(fault) && bakedAt <= upTo ? [tests.repair] : [],
  );
  return [...new Set(tried)];
}

/**
 * Why a fault came about: causes weighed by how usual they are and by what is known for and against each (naive Bayes, with a
 * cause that is in no list), those whose change was tried to no avail held less likely. Evidence that nobody has says nothing.
 */
export function diagnose(
  fault: FaultId,
  evidence: readonly Evidence[],
  failed: readonly RepairId[] = [],
): Diagnosis {
  const { causes } = FAULTS.find((f) => f.id === fault)!;
  const hasFailed = (cause: CauseId): boolean => failed.includes(CAUSES[cause].change);
  const weights = causes.map((cause, i) =>
    evidence.reduce((w, e) => w * tellsOf(cause, e.id, e.holds), LESS ** i * (hasFailed(cause) ? FAILED : 1)),
  );
  const total = weights.reduce((s, w) => s + w, OTHER);
  const suspects = causes
    .map((cause, i): Suspect => {
      const share = weights[i]! / total;
      return {
        cause,
        share,
        level: levelOf(share),
        for: evidence.filter((e) => tellsOf(cause, e.id, e.holds) >= TOLD),
        against: evidence.filter((e) => tellsOf(cause, e.id, e.holds) <= 1 / TOLD),
        change: CAUSES[cause].change,
        failed: hasFailed(cause),
      };
    })
    .sort((a, b) => b.share - a.share);
  return { fault, suspects, tell: apart(suspects, evidence) };
}

/** Of what is not known, what would part the first two causes furthest, whichever way it came out. */
function apart([a, b]: readonly Suspect[], evidence: readonly Evidence[]): EvidenceId | null {
  if (!a || !b || b.level === 'unlikely') return null;
  const known = new Set(evidence.map((e) => e.id));
  const open = EVIDENCE_IDS.filter((id) => !known.has(id)).map((id) => ({
    id,
    by:
      Math.abs(Math.log(tellsOf(a.cause, id, true) / tellsOf(b.cause, id, true))) +
      Math.abs(Math.log(tellsOf(a.cause, id, false) / tellsOf(b.cause, id, false))),
  }));
  const best = open.sort((x, y) => y.by - x.by)[0];
  return best && best.by > 0.7 ? best.id : null;
}
