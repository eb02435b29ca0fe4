import type { ReactNode } from 'react';
import type { ClassId } from '../../core/classes';

/** What kinds look like; kinds that look alike share one. */
type Look =
  | 'loaf'
  | 'cup'
  | 'disc'
  | 'layers'
  | 'round'
  | 'peak'
  | 'puff'
  | 'dish'
  | 'bowl'
  | 'spread'
  | 'stack'
  | 'flat'
  | 'bun'
  | 'stick'
  | 'ring'
  | 'block'
  | 'tart';
/** Kept apart from the data of kinds, which the first page does without. */
const LOOKS: Record<ClassId, Look> = {
  yeast_loaf: 'loaf',
  gel_loaf: 'loaf',
  bun: 'bun',
  baguette: 'stick',
  boiled_ring: 'ring',
  doughnut: 'ring',
  flatbread: 'flat',
  enriched: 'bun',
  seed_loaf: 'loaf',
  soda_bread: 'bun',
  batter: 'round',
  muffin: 'cup',
  pancake: 'stack',
  brownie: 'block',
  foam_cake: 'round',
  meringue: 'peak',
  choux: 'puff',
  cookie: 'disc',
  shortcrust: 'tart',
  flaky: 'layers',
  press_in: 'tart',
  crumb: 'dish',
  frangipane: 'tart',
  cracker: 'flat',
  egg_custard: 'dish',
  starch_set: 'bowl',
  uncooked_set: 'bowl',
  fruit_filling: 'bowl',
  wash: 'spread',
  glaze: 'spread',
};

/** What comes out of the oven, seen from the side, cut where that tells more. */
const DRAWN: Record<Look, ReactNode> = {
  loaf: (
    <>
      <path d="M8 40V26C4 24 4 14 14 13H46C56 14 56 24 52 26V40Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M20 18 26 25M30 18 36 25M40 18 46 25" />
    </>
  ),
  cup: (
    <>
      <path d="M15 26 20 42H40L45 26Z" />
      <path d="M13 26C10 14 22 10 30 10S50 14 47 26Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M23 28 25 42M30 28V42M37 28 35 42" />
    </>
  ),
  disc: (
    <>
      <ellipse cx="30" cy="28" rx="22" ry="14" fill="currentColor" fillOpacity={0.16} />
      <path d="M22 24h.1M32 21h.1M38 29h.1M27 33h.1" strokeWidth={4} strokeLinecap="round" />
    </>
  ),
  layers: (
    <>
      <path d="M6 34 30 12 54 34Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M6 38H54M10 42H50M16 30C24 24 36 24 44 30" />
    </>
  ),
  round: (
    <>
      <path d="M10 42V18C10 14 50 14 50 18V42Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M10 30H50" strokeDasharray="3 4" />
    </>
  ),
  peak: (
    <path
      d="M10 42C8 34 20 34 18 28 17 22 28 24 27 17 27 13 30 10 31 8 32 12 36 13 35 18 34 24 45 22 43 29 42 34 53 34 50 42Z"
      fill="currentColor"
      fillOpacity={0.16}
    />
  ),
  puff: (
    <>
      <path d="M8 34C8 22 18 14 30 14S52 22 52 34C52 42 8 42 8 34Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M8 32C16 28 22 36 30 31S44 36 52 32" />
    </>
  ),
  dish: (
    <>
      <path d="M6 24H54L48 42H12Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M8 24C16 20 22 24 30 21S44 24 52 24" />
    </>
  ),
  bowl: (
    <>
      <path d="M8 24V40C8 44 52 44 52 40V24" />
      <ellipse cx="30" cy="24" rx="22" ry="7" fill="currentColor" fillOpacity={0.16} />
    </>
  ),
  spread: (
    <>
      <path d="M12 40C24 44 36 44 48 40L44 26C34 30 26 30 16 26Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M44 10 30 24M26 28 30 24 34 28" />
    </>
  ),
  stack: (
    <>
      <ellipse cx="30" cy="20" rx="22" ry="7" fill="currentColor" fillOpacity={0.16} />
      <path d="M8 20V26C8 34 52 34 52 26V20M8 26V33C8 42 52 42 52 33V26" />
    </>
  ),
  flat: (
    <>
      <ellipse cx="30" cy="30" rx="25" ry="11" fill="currentColor" fillOpacity={0.16} />
      <path d="M18 28h6M33 25h6M28 34h7M42 31h4" />
    </>
  ),
  bun: (
    <>
      <path d="M10 38C8 20 18 14 30 14S52 20 50 38Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M24 22 36 22M30 17V27" />
    </>
  ),
  stick: (
    <>
      <path d="M6 40C4 34 44 8 52 12 58 18 14 46 6 40Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M20 28 26 34M30 22 36 28M40 16 45 21" />
    </>
  ),
  ring: (
    <>
      <ellipse cx="30" cy="28" rx="22" ry="14" fill="currentColor" fillOpacity={0.16} />
      <ellipse cx="30" cy="27" rx="7" ry="4" />
    </>
  ),
  block: (
    <>
      <path d="M8 22 30 12 52 22 30 32Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M8 22V34L30 44 52 34V22M30 32V44" />
    </>
  ),
  tart: (
    <>
      <path d="M8 26H52L46 40H14Z" fill="currentColor" fillOpacity={0.16} />
      <path d="M6 26C10 20 14 26 18 22S26 26 30 22 38 26 42 22 50 20 54 26" />
    </>
  ),
};

/** A small mark of what a formula makes; what it says stands beside it in words. */
export function KindDrawing({ classId }: { classId: ClassId }) {
  return (
    <svg
      viewBox="0 0 60 52"
      fill="none"
      stroke="currentColor"
      strokeWidth={2}
      strokeLinejoin="round"
      aria-hidden="true"
    >
      {DRAWN[LOOKS[classId]]}
    </svg>
  );
}
