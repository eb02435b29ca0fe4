import type { PropKey } from '../classes';
import type { HeldThing } from '../explain';
import type { Pins } from './types';

/** One thing the baker holds: `name` is its own among all, `is` tells what it is. */
type Group = { name: string; is: HeldThing };
const lineName = (id: string): string => `line:${id}`;
const propName = (part: string, key: string): string => `prop:${part}:${key}`;

/** What a line is of, by what the line is called; null where nobody knows. */
export type ThingOf = (lineId: string) => string | null;

/** Everything held. */
export function groupsOf(pins: Pins, thingOf: ThingOf = () => null): Group[] {
  return [
    ...(pins.lockWetness ? [{ name: 'wetness', is: { what: 'wetness' } as const }] : []),
    ...(pins.lockMass ? [{ name: 'mass', is: { what: 'mass' } as const }] : []),
    ...Object.keys(pins.lines ?? {}).map((id) => ({
      name: lineName(id),
      is: { what: 'line', id: thingOf(id) } as const,
    })),
    ...Object.entries(pins.props ?? {}).flatMap(([part, props]) =>
      Object.keys(props).map((key) => ({ name: propName(part, key), is: { what: 'prop', key } as const })),
    ),
  ];
}

/** The same pins with only these things held, by their names; chosen kits stay. */
export function only(pins: Pins, names: readonly string[]): Pins {
  const kept = new Set(names);
  return {
    ...(pins.kits ? { kits: pins.kits } : {}),
    ...(pins.freeMass ? { freeMass: true } : {}),
    ...(kept.has('wetness') ? { lockWetness: true } : {}),
    ...(kept.has('mass') ? { lockMass: true } : {}),
    lines: Object.fromEntries(Object.entries(pins.lines ?? {}).filter(([id]) => kept.has(lineName(id)))),
    props: Object.fromEntries(
      Object.entries(pins.props ?? {}).map(([part, props]) => [
        part,
        Object.fromEntries(
          (Object.entries(props) as [PropKey, number][]).filter(([k]) => kept.has(propName(part, k))),
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
export function smallestClash(pins: Pins, isFeasible: (held: Pins) => boolean, thingOf?: ThingOf): Group[] {
  let clash = groupsOf(pins, thingOf);
  for (const group of [...clash]) {
    const without = clash.filter((g) => g !== group);
    const names = without.map((g) => g.name);
    if (!isFeasible(only(pins, names))) clash = without;
  }
  return clash;
}
