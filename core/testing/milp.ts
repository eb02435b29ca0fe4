import { GRID, meets, oddOf, setupMin, type Problem, type Touch } from '../schedule/problem';
import type { loadHighs } from './highs';

type Term = [factor: number, at: { constant: number; name: string | null }];

/**
 * The problem of a day as a time-indexed programme for another solver: z(v, t) is 1 when event v has come by t (Pritsker, Watters
 * and Wolfe, 1969, in the cumulative form). Windows are cut to so many min before each event's latest, so that it stays small.
 * Only the model is ours: HiGHS shares no code with the search.
 */
export class TimeIndexed {
  readonly #p: Problem;
  readonly least: number[];
  readonly most: number[];
  readonly #rows: string[] = [];
  readonly #bins = new Set<string>();
  readonly #cost = new Map<string, number>();
  #constant = 0;
  /** A row without a variable that does not hold: there is no plan in the windows. */
  #impossible = false;

  constructor(p: Problem, windowMin: number) {
    this.#p = p;
    const arcs = [
      ...p.arcs.map((a) => [a.from, a.to, a.lag] as const),
      ...p.stays.flatMap((s) => {
        const minutes = s.modes.map((m) => m.minutes);
        return [
          [s.start, s.end, Math.min(...minutes)] as const,
          [s.end, s.start, -Math.max(...minutes)] as const,
        ];
      }),
    ];
    this.least = new Array<number>(p.events).fill(0);
    this.most = new Array<number>(p.events).fill(p.horizon);
    this.most[0] = 0;
    for (let round = 0; round <= p.events; round++)
      for (const [i, j, lag] of arcs) {
        this.least[j] = Math.max(this.least[j]!, this.least[i]! + lag);
        this.most[i] = Math.min(this.most[i]!, this.most[j]! - lag);
      }
    for (let v = 1; v < p.events; v++) {
      if (this.least[v]! > this.most[v]!) this.#impossible = true;
      this.least[v] = Math.max(this.least[v]!, this.most[v]! - windowMin);
    }
    for (let v = 1; v < p.events; v++)
      for (let t = this.least[v]!; t + GRID < this.most[v]!; t += GRID)
        this.#row([[1, this.#z(v, t)], [-1, this.#z(v, t + GRID)]], '<=', 0); // prettier-ignore
    for (const [i, j, lag] of arcs)
      for (let t = Math.min(this.least[j]!, this.least[i]! + lag); t <= this.most[j]!; t += GRID)
        this.#row([[1, this.#z(j, t)], [-1, this.#z(i, t - lag)]], '<=', 0); // prettier-ignore
    this.#counts();
    this.#hands();
    this.#ovens();
    this.#objective();
  }

  #name(name: string): Term[1] {
    this.#bins.add(name);
    return { constant: 0, name };
  }
  #z(v: number, t: number): Term[1] {
    if (v === 0) return { constant: t >= 0 ? 1 : 0, name: null };
    if (t < this.least[v]!) return { constant: 0, name: null };
    if (t >= this.most[v]!) return { constant: 1, name: null };
    const at = Math.floor((t - this.least[v]!) / GRID) * GRID + this.least[v]!;
    return this.#name(`z${v}_${at}`);
  }
  #row(terms: readonly Term[], sign: '<=' | '=', right: number): void {
    const sum = new Map<string, number>();
    let constant = 0;
    for (const [factor, { constant: c, name }] of terms) {
      constant += factor * c;
      if (name) sum.set(name, (sum.get(name) ?? 0) + factor);
    }
    const left = [...sum].filter(([, factor]) => factor !== 0);
    // A row whose variables have all gone is not dropped unseen.
    if (left.length === 0) {
      if (sign === '<=' ? constant > right + 1e-9 : Math.abs(constant - right) > 1e-9)
        this.#impossible = true;
      return;
    }
    const text = left
      .map(([name, factor]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`)
      .join(' ');
    this.#rows.push(`${text} ${sign} ${right - constant}`);
  }
  /** Whether a stretch goes on at a time. */
  #on = (
    { from, after, to, upTo }: { from: number; after: number; to: number; upTo: number },
    t: number,
    factor = 1,
  ): Term[] => [
    [factor, this.#z(from, t - after)],
    [-factor, this.#z(to, t - upTo)],
  ];
  #isOff = (terms: readonly Term[]): boolean =>
    terms.every(([, at]) => at.name === null) && terms.reduce((s, [f, at]) => s + f * at.constant, 0) === 0;
  #times(see: (t: number) => void): void {
    for (let t = 0; t < this.#p.horizon; t += GRID) see(t);
  }

  #counts(): void {
    for (const [thing, most] of Object.entries(this.#p.counts)) {
      const uses = this.#p.uses.filter((u) => u.thing === thing);
      if (uses.reduce((s, u) => s + u.need, 0) > most)
        this.#times((t) =>
          this.#row(
            uses.flatMap((u) => this.#on(u, t, u.need)),
            '<=',
            most,
          ),
        );
    }
  }
  #hands(): void {
    const { touches, workers } = this.#p;
    const does = (i: number, w: number): Term[1] => this.#name(`w${i}_${w}`);
    touches.forEach((_, i) =>
      this.#row(
        workers.map((_w, w) => [1, does(i, w)] as Term),
        '=',
        1,
      ),
    );
    this.#times((t) =>
      workers.forEach((worker, w) => {
        const there = !meets(worker.away, t, t + GRID);
        const shares = touches.flatMap((touch, i): Term[] => {
          const on = this.#on(touch, t);
          if (this.#isOff(on)) return [];
          const both = this.#name(`b${i}_${w}_${t}`);
          this.#row([...on, [1, does(i, w)], [-1, both]], '<=', 1);
          return [[touch.share, both]];
        });
        if (shares.length > 0) this.#row(shares, '<=', there ? 100 : 0);
      }),
    );
  }
  #ovens(): void {
    const { stays, ovens } = this.#p;
    const mode = (i: number, k: number): Term[1] => this.#name(`y${i}_${k}`);
    const used = (i: number, k: number, t: number): Term[1] => this.#name(`v${i}_${k}_${t}`);
    const may = (i: number, t: number): boolean =>
      t >= this.least[stays[i]!.held]! && t < this.most[stays[i]!.end]!;
    stays.forEach((s, i) => {
      this.#row(
        s.modes.map((_, k) => [1, mode(i, k)] as Term),
        '=',
        1,
      );
      const length: Term[] = [];
      for (let t = this.least[s.start]!; t < this.most[s.start]!; t += GRID)
        length.push([GRID, this.#z(s.start, t)]);
      for (let t = this.least[s.end]!; t < this.most[s.end]!; t += GRID)
        length.push([-GRID, this.#z(s.end, t)]);
      this.#row(
        [...length, ...s.modes.map((m, k) => [-m.minutes, mode(i, k)] as Term)],
        '=',
        this.most[s.start]! - this.most[s.end]!,
      );
      this.#times((t) => {
        const on = this.#on({ from: s.held, after: 0, to: s.end, upTo: 0 }, t);
        if (!this.#isOff(on))
          s.modes.forEach((_, k) => this.#row([...on, [1, mode(i, k)], [-1, used(i, k, t)]], '<=', 1));
      });
    });
    ovens.forEach((oven, o) =>
      this.#times((t) => {
        const racks = stays.flatMap((s, i) =>
          may(i, t)
            ? s.modes.flatMap((m, k) => (m.oven === o ? [[m.racks, used(i, k, t)] as Term] : []))
            : [],
        );
        if (racks.length > 1) this.#row(racks, '<=', oven.racks);
      }),
    );
    stays.forEach((a, i) =>
      stays.forEach((b, j) => {
        if (i === j) return;
        this.#times((t) => {
          if (!may(i, t)) return;
          a.modes.forEach((m, k) =>
            b.modes.forEach((n, q) => {
              if (m.oven !== n.oven || (m.heatC === n.heatC && !a.alone && !b.alone)) return;
              const gap = setupMin(m.heatC - a.coolsC, n.heatC);
              for (let d = 0; d <= gap; d += GRID)
                if (may(j, t + d) && (d > 0 || i < j)) this.#row([[1, used(i, k, t)], [1, used(j, q, t + d)]], '<=', 1); // prettier-ignore
            }),
          );
        });
      }),
    );
  }
  #add(name: string, factor: number): void {
    this.#cost.set(name, (this.#cost.get(name) ?? 0) + factor);
  }
  #objective(): void {
    const time = (v: number, factor: number): void => {
      if (v === 0) return;
      this.#constant += factor * this.most[v]!;
      for (let t = this.least[v]!; t < this.most[v]!; t += GRID)
        this.#add(this.#z(v, t).name!, -factor * GRID);
    };
    for (const { weight, from, to, least } of this.#p.costs) {
      time(to, weight);
      time(from, -weight);
      this.#constant -= weight * least;
    }
    this.#p.stays.forEach((s, i) => s.modes.forEach((m, k) => m.cost && this.#add(`y${i}_${k}`, m.cost)));
    this.#p.touches.forEach((touch: Touch, i) => {
      const odd = this.#name(`q${i}`);
      let may = false;
      for (const [a, b] of this.#p.odd)
        for (let t = Math.max(0, a); t < Math.min(b, this.#p.horizon); t += GRID) {
          const on = this.#on(touch, t);
          if (this.#isOff(on)) continue;
          this.#row([...on, [-1, odd]], '<=', 0);
          may = true;
        }
      if (may) this.#add(`q${i}`, oddOf(this.#p, touch));
    });
  }

  /** The least value by HiGHS; null where there is no plan, undefined where it did not end in time. */
  solve(highs: Awaited<ReturnType<typeof loadHighs>>, seconds: number): number | null | undefined {
    if (this.#impossible) return null;
    const sum = [...this.#cost]
      .filter(([, factor]) => Math.abs(factor) > 1e-12)
      .map(([name, factor]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor).toFixed(6)} ${name}`);
    const text = `Minimize\n obj: ${sum.join('\n ')}\nSubject To\n${this.#rows.map((r, i) => ` c${i}: ${r}`).join('\n')}\nBinary\n ${[...this.#bins].join('\n ')}\nEnd\n`;
    const { Status, ObjectiveValue } = highs.solve(text, {
      time_limit: seconds,
      mip_rel_gap: 1e-6,
      mip_abs_gap: 1e-3,
    });
    if (Status === 'Infeasible') return null;
    return Status === 'Optimal' ? ObjectiveValue + this.#constant : undefined;
  }
}
