import type { ReactNode } from 'react';
import type { FeelWord } from '../../core/classes';

const BOARD = <path d="M6 70H114" strokeWidth={2} />;

/** How a dough of each feel looks when it is lifted, pressed or rolled. */
const DRAWN: Record<FeelWord, ReactNode> = {
  pours: (
    <>
      <path d="M16 8 42 20 34 34 10 22Z" />
      <path d="M40 24C52 30 54 46 55 64" strokeWidth={5} />
      <path d="M14 70C30 62 86 62 106 70Z" fill="currentColor" fillOpacity={0.18} />
    </>
  ),
  runs: (
    <>
      <path d="M18 12C24 24 44 24 50 12" />
      <path d="M34 21C34 32 46 34 40 46 36 54 54 54 52 62" strokeWidth={5} />
      <path d="M20 70C34 54 84 54 100 70Z" fill="currentColor" fillOpacity={0.18} />
    </>
  ),
  drops: (
    <>
      <path d="M28 10C34 24 62 24 68 10" />
      <path d="M44 22C40 34 42 42 50 42S58 34 54 22" fill="currentColor" fillOpacity={0.18} />
      <path d="M28 70C34 56 70 56 78 70Z" fill="currentColor" fillOpacity={0.18} />
    </>
  ),
  frosting: (
    <path
      d="M24 70C22 56 36 56 38 48 44 34 58 40 62 26 64 20 58 18 56 22M62 30C70 40 78 44 80 54 88 56 94 62 94 70Z"
      fill="currentColor"
      fillOpacity={0.18}
    />
  ),
  sticky: (
    <>
      <path d="M24 70C26 52 90 50 98 70Z" fill="currentColor" fillOpacity={0.18} />
      <path d="M50 12C50 6 66 6 66 12V32H50Z" />
      <path d="M52 32C50 42 48 48 46 56M58 32V55M64 32C66 42 70 48 72 56" strokeWidth={1.6} />
    </>
  ),
  tacky: (
    <>
      <path d="M30 70C22 44 40 28 60 28S98 44 90 70Z" fill="currentColor" fillOpacity={0.18} />
      <path d="M52 38C50 46 54 52 60 52S70 46 68 38" />
    </>
  ),
  rolls: (
    <>
      <rect x={14} y={50} width={92} height={20} rx={10} fill="currentColor" fillOpacity={0.18} />
      <path d="M24 44C40 36 80 36 96 44M90 38 97 44 89 48" strokeWidth={1.8} />
    </>
  ),
  cracks: (
    <>
      <path d="M30 70C24 50 38 32 60 32S96 50 90 70Z" fill="currentColor" fillOpacity={0.18} />
      <path d="M58 32 54 44 62 50 56 60M42 42 48 50 44 58M76 40 72 50 78 58M16 68h4M100 66h3M106 69h2M22 64h2" />
    </>
  ),
};

/** A dough of one feel, drawn. The word stands beside it. */
export function FeelDrawing({ feel }: { feel: FeelWord }) {
  return (
    <svg
      viewBox="0 0 120 78"
      fill="none"
      stroke="currentColor"
      strokeWidth={2.4}
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      {BOARD}
      {DRAWN[feel]}
    </svg>
  );
}
