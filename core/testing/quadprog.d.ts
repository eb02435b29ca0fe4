declare module 'quadprog' {
  /** Goldfarb-Idnani dual method. All arrays count from 1; constraints are Aᵀx ≥ b, the first `meq` of them equalities. */
  export function solveQP(
    Dmat: number[][],
    dvec: number[],
    Amat: number[][],
    bvec: number[],
    meq: number,
  ): { solution: number[]; value: [number, number]; message: string };
}
