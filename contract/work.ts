import { readLabel, type LabelReading } from '../core/exclusions';
import { lookupReference } from '../core/ingredients';
import { isSilent, matchName, readFormula, type ReadResult } from '../core/reading';
import { adapt, type Outcome } from '../core/rebalance';
import type { AdaptRequest, LabelsRequest, MatchAnswer, MatchRequest, ReadRequest } from './dto';

/** The computations that run off the main thread, in the web worker and in the server's alike. */
export const WORK = {
  read: ({ kitchen, ...input }: ReadRequest): ReadResult =>
    readFormula({ ...input, ...(kitchen ? { measures: kitchen } : {}) }),
  match: ({ names }: MatchRequest): MatchAnswer => ({
    matches: names.map((name) => {
      const m = matchName(name);
      return { name, best: m.best, silent: isSilent(m), others: m.others };
    }),
  }),
  labels: ({ text }: LabelsRequest): LabelReading => readLabel(text),
  adapt: (input: AdaptRequest): Outcome => adapt(input, { lookup: lookupReference }),
};

export type WorkName = keyof typeof WORK;
export type WorkInput<N extends WorkName> = Parameters<(typeof WORK)[N]>[0];
export type WorkOutput<N extends WorkName> = ReturnType<(typeof WORK)[N]>;

/** A job to the worker and what it answers. Failures carry no stack. */
export type WorkJob = { id: number; name: WorkName; input: unknown };
export type WorkAnswer = { id: number; output: unknown } | { id: number; failed: string };

/** Does a job; what is thrown is a bug and comes back as such. */
export function doJob(job: WorkJob): WorkAnswer {
  try {
    const work = WORK[job.name] as (input: unknown) => unknown;
    return { id: job.id, output: work(job.input) };
  } catch (error) {
    return { id: job.id, failed: error instanceof Error ? error.message : String(error) };
  }
}
