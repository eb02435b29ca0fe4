import { readFileSync } from 'node:fs';
import { isBeside, type Line } from '../core/formula';
import { idOf } from '../core/ingredients';
import type { Action } from '../core/method';
import { readFormula } from '../core/reading';

/**
 * How whole formulas and their methods are read, on sixty invented ones with what is right for each. A third (`ASIDE`) was not
 * looked at before the method's grammar was written, and is told apart; it has been looked at since.
 */
const ASIDE = [14, 15, 17, 18, 20, 21, 23, 24, 26, 27, 29, 30, 32, 33, 35, 36, 38, 39, 41, 42];
type Span = [number, number];
type Wanted = {
  like: string;
  kind: string;
  kindToo?: string[];
  minutes?: Span;
  minutesToo?: Span;
  tempC?: number | Span;
  cover?: string;
  place?: string;
  untilLike?: string;
  uses?: string[];
  pieces?: number;
  pieceG?: number;
};
type Entry = {
  title: string;
  paste?: boolean;
  text: string;
  method?: string;
  oven?: string;
  time?: string;
  expect: {
    parts: { classIds: string[] }[];
    lines: {
      n: number;
      ingredientIds: Record<string, string[]>;
      massG: Record<string, Span>;
      inBowl?: Record<string, boolean>;
    };
    ovenC: number | Span | null;
    ovenCToo?: number | Span;
    ovenFanC?: number;
    bakeMin?: Span;
    bakeMinToo?: Span;
    pieces?: number;
    overnight?: boolean;
    method: Wanted[];
  };
};
const ENTRIES = JSON.parse(
  readFileSync(new URL('../core/testing/data/corpus.json', import.meta.url), 'utf8'),
) as Entry[];

/** How a thing goes in, of the lines whose method or row says it: all words that are right. Written down before it was measured. */
const HOWS = JSON.parse(
  readFileSync(new URL('../core/testing/data/corpus-how.json', import.meta.url), 'utf8'),
) as Record<string, Record<string, string[]>>;

const plain = (s: string): string => s.replace(/\s+/g, ' ').trim().toLowerCase();
const within = (x: number | undefined, [lo, hi]: Span): boolean =>
  x !== undefined && x >= lo - 1e-9 && x <= hi + 1e-9;
const near = (a: readonly number[] | null | undefined, b: Span | undefined, least: number): boolean =>
  Boolean(a && b && a.every((x, i) => Math.abs(x - b[i]!) <= Math.max(least, 0.03 * b[i]!)));
const heatIs = (c: number | null | undefined, want: number | Span | null | undefined): boolean =>
  want === undefined
    ? false
    : want === null
      ? c === null || c === undefined
      : typeof c === 'number' &&
        within(c, typeof want === 'number' ? [want - 3.1, want + 3.1] : [want[0] - 3.1, want[1] + 3.1]);

type Sums = Map<string, { right: number; of: number }>;
const tell = (sums: Sums, what: string, right: boolean): void => {
  const s = sums.get(what) ?? { right: 0, of: 0 };
  sums.set(what, { right: s.right + Number(right), of: s.of + 1 });
};

/** A line of the answer that was written so. */
const lineFor = (lines: readonly Line[], key: string): Line[] =>
  lines.filter((l) => plain(l.amount.written).includes(plain(key)));

function scoreList(
  { title, expect }: Entry,
  formula: ReturnType<typeof readFormula>['formula'],
  sums: Sums,
): void {
  const lines = formula.parts.flatMap((p) => p.lines);
  tell(sums, 'parts', formula.parts.length === expect.parts.length);
  expect.parts.forEach((p, i) =>
    tell(
      sums,
      'kind of part',
      p.classIds.includes('*') || p.classIds.includes(formula.parts[i]?.classId ?? ''),
    ),
  );
  for (const [key, ids] of Object.entries(expect.lines.ingredientIds)) {
    const found = lineFor(lines, key);
    const names = found.map((l) => idOf(l.item)).filter((id) => id !== null);
    const fits = (id: string): boolean =>
      ids.some((x) => x.replace('?', '') === id || x === '*') ||
      (ids.includes('gf_blend') && id.startsWith('gf_blend'));
    tell(sums, 'not silently wrong', found.length > 0 && names.some(fits) === names.length > 0);
    if (!ids.some((x) => x.startsWith('?'))) tell(sums, 'ingredient known', names.length > 0);
    const mass = expect.lines.massG[key];
    const hit = found.find((l) => fits(idOf(l.item) ?? ''));
    if (mass && hit && found.length === 1) tell(sums, 'grams', within(hit.amount.massG?.value, mass));
  }
  for (const [key, inside] of Object.entries(expect.lines.inBowl ?? {})) {
    const found = lineFor(lines, key);
    tell(
      sums,
      'in the bowl or beside',
      found.length > 0 &&
        (inside
          ? found.some((l) => !isBeside(l.role))
          : found.every(
              (l) =>
                isBeside(l.role) || formula.parts.some((p) => p.classId === 'wash' && p.lines.includes(l)),
            )),
    );
  }
  for (const [key, hows] of Object.entries(HOWS[title] ?? {})) {
    const found = lineFor(lines, key);
    const right = found.some((l) => hows.includes(l.how ?? ''));
    if (!right)
      missed.push(
        `${title}: ${key} is ${found.map((l) => l.how ?? 'open').join(', ') || 'not there'}, not ${hows.join(' or ')}`,
      );
    tell(sums, 'how it goes in', right);
  }
  const c = formula.bake?.ovenC;
  const byFan = formula.bake?.fan === true && heatIs(c, expect.ovenFanC);
  tell(sums, 'oven', byFan || heatIs(c, expect.ovenC) || heatIs(c, expect.ovenCToo));
  if (expect.bakeMin)
    tell(
      sums,
      'time',
      near(formula.bake?.minutes, expect.bakeMin, 1) || near(formula.bake?.minutes, expect.bakeMinToo, 1),
    );
  if (expect.pieces !== undefined) tell(sums, 'pieces', formula.yield?.pieces === expect.pieces);
  tell(sums, 'begun the day before', Boolean(formula.overnight) === Boolean(expect.overnight));
}

/** What of an act is wanted, and whether it is so. */
function fieldsOf(want: Wanted, act: Action): [string, boolean][] {
  const until = act.until && plain(act.until);
  const like = want.untilLike && plain(want.untilLike);
  return [
    ['step: kind', [want.kind, ...(want.kindToo ?? [])].includes(act.kind)],
    ...(want.minutes
      ? [
          [
            'step: minutes',
            near(act.minutes, want.minutes, 0.1) || near(act.minutes, want.minutesToo, 0.1),
          ] as [string, boolean],
        ]
      : []),
    ...(want.tempC === undefined ? [] : [['step: heat', heatIs(act.tempC, want.tempC)] as [string, boolean]]),
    ...(want.cover ? [['step: cover', act.cover === want.cover] as [string, boolean]] : []),
    ...(want.place ? [['step: place', act.place === want.place] as [string, boolean]] : []),
    ...(like
      ? [
          ['step: done sign', Boolean(until && (until.includes(like) || like.includes(until)))] as [
            string,
            boolean,
          ],
        ]
      : []),
    ...(want.pieces === undefined ? [] : [['step: pieces', act.pieces === want.pieces] as [string, boolean]]),
    ...(want.pieceG === undefined
      ? []
      : [['step: grams each', Math.abs((act.pieceG ?? NaN) / want.pieceG - 1) <= 0.05] as [string, boolean]]),
  ];
}

function scoreMethod(
  { expect }: Entry,
  formula: ReturnType<typeof readFormula>['formula'],
  sums: Sums,
): void {
  const acts = formula.method.flatMap((s) => s.actions ?? []);
  const written = new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, plain(l.amount.written)])));
  for (const want of expect.method) {
    const like = plain(want.like);
    const candidates = acts.filter(
      (a) => plain(a.text).includes(like) || (a.text.length >= 8 && like.includes(plain(a.text))),
    );
    tell(sums, 'step: found', candidates.length > 0);
    const right = (a: Action): number => fieldsOf(want, a).filter(([, ok]) => ok).length;
    const best = candidates.reduce<Action | null>(
      (b, a) => (b === null || right(a) > right(b) ? a : b),
      null,
    );
    if (!best) continue;
    for (const [what, ok] of fieldsOf(want, best)) tell(sums, what, ok);
    for (const u of want.uses ?? [])
      tell(
        sums,
        'step: what it takes',
        (best.uses ?? []).some((x) => written.get(x.lineId)?.includes(plain(u))),
      );
  }
}

const missed: string[] = [];
const looked: Sums = new Map();
const aside: Sums = new Map();
ENTRIES.forEach((entry, i) => {
  const { paste, text, title, method, oven, time } = entry;
  const input = paste
    ? { text }
    : { text, title, ...(method ? { method } : {}), ...(oven ? { oven } : {}), ...(time ? { time } : {}) };
  const { formula } = readFormula(input);
  const sums = ASIDE.includes(i) ? aside : looked;
  scoreList(entry, formula, sums);
  scoreMethod(entry, formula, sums);
});
const percent = (s: { right: number; of: number } | undefined): string =>
  s ? `${((100 * s.right) / s.of).toFixed(1)} % of ${s.of}` : 'none';
console.log(
  `formulas read: ${ENTRIES.length - ASIDE.length} looked at, ${ASIDE.length} set aside for the method`,
);
for (const what of [...looked.keys()])
  console.log(`  ${what}: ${percent(looked.get(what))}; aside ${percent(aside.get(what))}`);
console.log('  how it goes in, missed:');
for (const m of missed) console.log(`    ${m}`);
