import { atHead } from './case';
import { unconfirmedOf, type Cause, type Suitability } from '../../core/suits';
import type { Finding } from '../../core/exclusions';
import { listed } from './plural';
import { avoidWords } from './avoidWords';
import { ingredientName } from './things';
import { suitabilitySentences } from './data/en/sentences/suitability';

const W = suitabilitySentences;

/** The four phrases, and no others, in which it is told whether a bake suits. */
export const FINDING_WORDS: Record<Finding, string> = {
  contains: 'contains',
  may_contain: W.mayContain,
  check_packets: W.checkPackets,
  no_conflict_found: W.noConflictFound,
};

/** Names told before the rest are counted. */
const MOST_NAMES = 6;

/** Lines by name, each once; one that was not understood by what was written. */
export function causeNames(causes: readonly Pick<Cause, 'ingredientId' | 'written' | 'stepId'>[]): string {
  const names = [
    ...new Set(
      causes.map((c) =>
        c.ingredientId
          ? ingredientName(c.ingredientId, true)
          : c.written
            ? c.stepId
              ? W.inTheMethod({ words: c.written })
              : W.quoted({ words: c.written })
            : W.aLineNotUnderstood,
      ),
    ),
  ];
  const more = names.length - MOST_NAMES;
  return more > 0 ? W.andMore({ names: names.slice(0, MOST_NAMES).join(', '), more }) : listed(names);
}
const avoidsIn = (causes: readonly Cause[]): string => {
  const all = new Set(causes.flatMap((c) => c.avoids));
  return listed(avoidWords([...all]));
};

/** What can be said, in whole sentences, the worst first. Never more than the verdict itself says. */
export function saySuitability(s: Suitability): string[] {
  const { contains, may, check } = s;
  const told = [
    ...(contains.length > 0
      ? [W.contains({ avoidsIn: avoidsIn(contains), causeNames: causeNames(contains) })]
      : []),
    ...(may.length > 0
      ? [W.mayContainByThePacket({ avoidsIn: avoidsIn(may), causeNames: causeNames(may) })]
      : []),
    ...(check.length > 0
      ? [W.checkPacketsFor({ avoidsIn: avoidsIn(check), causeNames: causeNames(check) })]
      : []),
  ];
  return told.length > 0 ? told : [W.noConflictFoundForBy({ list: listed(avoidWords(s.avoids)) })];
}

/** What an adaptation is called: what it was made to leave out, and what of that is not confirmed. */
export function sayAdapted(s: Suitability): { adapted: string; open: string | null } {
  const open = unconfirmedOf(s);
  return {
    adapted: W.adaptedToLeaveOut({ list: listed(avoidWords(s.avoids)) }),
    open: open.length > 0 ? W.notConfirmed({ list: listed(avoidWords(open)) }) : null,
  };
}

/** A bake in one line for an export: what it was adapted for, and what can be said of it. */
export function suitabilityLine(s: Suitability, isAdapted: boolean): string {
  const { adapted, open } = sayAdapted(s);
  const head = isAdapted ? `${atHead(adapted)}${open ? ` (${open})` : ''}. ` : '';
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
