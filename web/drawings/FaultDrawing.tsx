import type { ReactNode } from 'react';
import type { FaultId } from '../../core/judge';

/** A cut slice as it should be: straight below, domed above. */
const SLICE = 'M16 72V38C16 20 34 14 60 14S104 20 104 38V72Z';
const fill = { fill: 'currentColor', fillOpacity: 0.14 } as const;
const dark = { fill: 'currentColor', fillOpacity: 0.5, stroke: 'none' } as const;
const slice = (more: ReactNode, d = SLICE): ReactNode => (
  <>
    <path d={d} {...fill} />
    {more}
  </>
);
const holes = (at: [number, number, number][]): ReactNode =>
  at.map(([x, y, r]) => <circle key={`${x} ${y}`} cx={x} cy={y} r={r} strokeWidth={1.4} />);

/** Each fault as it looks when it is cut, or before. */
const DRAWN: Record<FaultId, ReactNode> = {
  sunken: slice(
    holes([
      [32, 52, 3],
      [50, 60, 2.4],
      [74, 58, 3],
      [90, 50, 2.4],
    ]),
    'M16 72V34C18 22 28 20 36 26S54 46 60 46 76 32 84 26 102 22 104 34V72Z',
  ),
  gummy: slice(
    <>
      <path d="M16 72V60C40 56 80 56 104 60V72Z" {...dark} />
      {holes([
        [36, 34, 3],
        [58, 28, 3.6],
        [78, 38, 3],
        [50, 46, 2.4],
      ])}
    </>,
  ),
  crumbly: (
    <>
      <path d="M16 72V38C16 20 34 14 52 14L58 26 50 36 60 46 52 58 58 72Z" {...fill} />
      <path d="M72 72 70 60 76 50 68 38 76 28 72 16C92 18 104 24 104 38V72Z" {...fill} />
      {holes([
        [63, 68, 1.6],
        [66, 58, 1.2],
        [62, 30, 1.4],
        [66, 20, 1.2],
      ])}
    </>
  ),
  dense: slice(
    holes(
      Array.from({ length: 22 }, (_, i): [number, number, number] => [
        22 + (i % 11) * 7.5,
        58 + Math.floor(i / 11) * 7,
        0.9,
      ]),
    ),
    'M16 72V56C16 48 34 46 60 46S104 48 104 56V72Z',
  ),
  tunnels: slice(
    <path
      d="M38 64C34 48 40 36 38 26M60 66C56 50 64 40 60 24M82 64C78 50 86 42 80 28"
      strokeWidth={6}
      strokeOpacity={0.55}
    />,
  ),
  gritty: slice(
    Array.from({ length: 40 }, (_, i) => (
      <path
        key={i}
        d={`M${22 + ((i * 53) % 79)} ${26 + ((i * i * 7 + i * 13) % 43)}h1.6`}
        strokeWidth={2.2}
      />
    )),
  ),
  pale: (
    <>
      <path d={SLICE} strokeDasharray="3 4" />
      {holes([
        [38, 50, 3],
        [60, 38, 3.6],
        [80, 54, 3],
      ])}
    </>
  ),
  soapy: (
    <>
      <path d={SLICE} fill="currentColor" fillOpacity={0.34} />
      {holes([
        [84, 14, 5],
        [96, 8, 3],
        [74, 6, 3.6],
      ])}
    </>
  ),
  sour: slice(<path d="M60 26C52 38 48 44 48 50a12 12 0 0 0 24 0C72 44 68 38 60 26Z" />),
  green: slice(
    <g {...dark} fill="var(--leaf)" fillOpacity={0.85}>
      <path d="M30 46q8-10 16 0t-2 12-14-12Z" />
      <path d="M62 32q8-8 14 0t-2 12-12-12Z" />
      <path d="M74 60q8-8 14 0t-4 8-10-8Z" />
    </g>,
  ),
  greasy: (
    <>
      <path d="M8 66C20 58 100 58 112 66 100 72 20 72 8 66Z" {...fill} />
      <path d="M20 66h10M44 62h12M74 67h14" strokeWidth={2} />
      <path d="M6 74h108" strokeDasharray="2 5" />
    </>
  ),
  tough: (
    <>
      <rect x={14} y={34} width={92} height={30} rx={3} {...fill} />
      <path d="M30 24c10-10 50-10 60 0M84 16l8 8-11 2" />
    </>
  ),
  cracked: (
    <>
      <path d="M10 60C10 36 110 36 110 60Z" {...fill} />
      <path d="M36 44 42 52 36 60M62 40 56 50 64 60M88 46 82 52 88 60" />
      <path d="M6 66h108" />
    </>
  ),
  soggy_base: (
    <>
      <path d="M12 30 24 68H96L108 30" />
      <path d="M20 54 24 68H96L100 54C80 60 40 60 20 54Z" {...dark} />
      <path d="M14 36C34 28 86 28 106 36" {...fill} />
    </>
  ),
  dries: slice(
    <>
      <path d="M40 72C36 56 44 48 40 34M78 72C74 58 82 50 78 38" strokeWidth={1.6} />
      <path d="M56 8v-4M46 9l-2-4M66 9l2-4" />
    </>,
  ),
};

/** A slice as it should be. */
const GOOD = slice(
  holes([
    [34, 54, 3],
    [50, 36, 3.4],
    [66, 56, 2.6],
    [82, 40, 3.4],
    [60, 24, 2.4],
    [92, 60, 2.4],
  ]),
);

/** One fault, drawn, or a slice that has none. Its name stands beside it. */
export function FaultDrawing({ fault }: { fault: FaultId | null }) {
  return (
    <svg
      viewBox="0 0 120 80"
      fill="none"
      stroke="currentColor"
      strokeWidth={2.2}
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      {fault ? DRAWN[fault] : GOOD}
    </svg>
  );
}
