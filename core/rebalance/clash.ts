import type { PropKey } from '../classes';
import type { Pins } from './types';

/** One thing the baker holds, by name: `wetness`, `mass`, `line:<id>`, `prop:<part>:<key>`. */
type Group = string;

/** Everything held, each by its name. */
export function groupsOf(pins: Pins): Group[] {
  return [
    ...(pins.lockWetness ? ['wetness'] : []),
    ...(pins.lockMass ? ['mass'] : []),
    ...Object.keys(pins.lines ?? {}).map((id) => `line:${id}`),
    ...Object.entries(pins.props ?? {}).flatMap(([part, props]) =>
      Object.keys(props).map((k) => `prop:${part}:${k}`),
    ),
  ];
}

/** The same pins with only these things held; chosen kits stay. */
export function only(pins: Pins, groups: readonly Group[]): Pins {
  const kept = new Set(groups);
  return {
    ...(pins.kits ? { kits: pins.kits } : {}),
    ...(pins.freeMass ? { freeMass: true } : {}),
    ...(kept.has('wetness') ? { lockWetness: true } : {}),
    ...(kept.has('mass') ? { lockMass: true } : {}),
    lines: Object.fromEntries(Object.entries(pins.lines ?? {}).filter(([id]) => kept.has(`line:${id}`))),
    props: Object.fromEntries(
      Object.entries(pins.props ?? {}).map(([part, props]) => [
        part,
        Object.fromEntries(
          (Object.entries(props) as [PropKey, number][]).filter(([k]) => kept.has(`prop:${part}:${k}`)),
        ),
      ]),
    ),
  };
}

/**
 * A smallest set of held things that contradict each other, by the deletion filter: whatever can be let go of
 * without mending anything is let go of. Letting go of any one of what is left makes it feasible; what is left
 * alone is infeasible.
 */
export function smallestClash(pins: Pins, isFeasible: (held: Pins) => boolean): Group[] {
  let clash = groupsOf(pins);
  for (const group of [...clash]) {
    const without = clash.filter((g) => g !== group);
    if (!isFeasible(only(pins, without))) clash = without;
  }
  return clash;
}
