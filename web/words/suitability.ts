import { unconfirmedOf, type Cause, type Suitability } from '../../core/formula';
import type { Finding } from '../../core/exclusions';
import { listed } from './format';
import { avoidWords } from './avoidWords';
import { ingredientName } from './things';

/** The four phrases, and no others, in which it is told whether a bake suits. */
export const FINDING_WORDS: Record<Finding, string> = {
  contains: 'contains',
  may_contain: 'may contain',
  check_packets: 'check packets',
  no_conflict_found: 'no conflict found',
};

/** Names told before the rest are counted. */
const MOST_NAMES = 6;

/** Lines by name, each once; one that was not understood by what was written. */
export function causeNames(causes: readonly Pick<Cause, 'ingredientId' | 'written'>[]): string {
  const names = [
    ...new Set(
      causes.map((c) =>
        c.ingredientId
          ? ingredientName(c.ingredientId, true)
          : c.written
            ? `“${c.written}”`
            : 'a line not understood',
      ),
    ),
  ];
  const more = names.length - MOST_NAMES;
  return more > 0 ? `${names.slice(0, MOST_NAMES).join(', ')} and ${more} more` : listed(names);
}
const avoidsIn = (causes: readonly Cause[]): string => {
  const all = new Set(causes.flatMap((c) => c.avoids));
  return listed(avoidWords([...all]));
};

/** What can be said, in whole sentences, the worst first. Never more than the verdict itself says. */
export function saySuitability(s: Suitability): string[] {
  const { contains, may, check } = s;
  const told = [
    ...(contains.length > 0 ? [`Contains ${avoidsIn(contains)}: ${causeNames(contains)}.`] : []),
    ...(may.length > 0 ? [`May contain ${avoidsIn(may)}, by the packet: ${causeNames(may)}.`] : []),
    ...(check.length > 0 ? [`Check packets for ${avoidsIn(check)}: ${causeNames(check)}.`] : []),
  ];
  return told.length > 0
    ? told
    : [
        `No conflict found for ${listed(avoidWords(s.avoids))}, by what each thing is. Check the packets all the same.`,
      ];
}

/** What an adaptation is called: what it was made to leave out, and what of that is not confirmed. */
export function sayAdapted(s: Suitability): { adapted: string; open: string | null } {
  const open = unconfirmedOf(s);
  return {
    adapted: `adapted to leave out ${listed(avoidWords(s.avoids))}`,
    open: open.length > 0 ? `not confirmed: ${listed(avoidWords(open))}` : null,
  };
}

/** A bake in one line for an export: what it was adapted for, and what can be said of it. */
export function suitabilityLine(s: Suitability, isAdapted: boolean): string {
  const { adapted, open } = sayAdapted(s);
  const head = isAdapted
    ? `${adapted.charAt(0).toUpperCase()}${adapted.slice(1)}${open ? ` (${open})` : ''}. `
    : '';
  return head + saySuitability(s).join(' ');
}

/** What is said of one line of a formula in a table. */
export function lineFinding(s: Suitability, lineId: string): string {
  const of = (causes: readonly Cause[], words: string) =>
    causes.filter((c) => c.lineId === lineId).map((c) => `${words} ${listed(avoidWords(c.avoids))}`);
  const told = [
    ...of(s.contains, FINDING_WORDS.contains),
    ...of(s.may, FINDING_WORDS.may_contain),
    ...of(s.check, `${FINDING_WORDS.check_packets}:`),
  ];
  return told.length > 0 ? told.join('; ') : FINDING_WORDS.no_conflict_found;
}
