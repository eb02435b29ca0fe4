import { problem, type Problem, type ProblemCode } from '../../contract/problem';

/** Thrown by services for what the caller can do something about; the HTTP floor turns it into an answer. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.code);
  }
}

export function refuse(code: ProblemCode, path = '', args: Problem['args'] = {}, current?: unknown): never {
  throw new Refusal({ ...problem(code, path, args), ...(current === undefined ? {} : { current }) });
}
