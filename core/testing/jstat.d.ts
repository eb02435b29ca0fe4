/** What of jStat is checked against: it comes without types. */
declare module 'jstat' {
  const jstat: {
    binomial: { cdf: (k: number, n: number, p: number) => number };
    normal: { inv: (p: number, mean: number, sd: number) => number };
    studentt: { inv: (p: number, df: number) => number };
  };
  export default jstat;
}
