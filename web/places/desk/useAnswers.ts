import { useMemo } from 'react';
import type { DraftDoc, StyleChoice } from '../../../contract/dto';
import { useKitchen } from '../../shared/useKitchen';
import { useAppSelector } from '../../store/store';
import { atHandOf } from '../../pantry/atHand';
import { usePantry } from '../../pantry/usePantry';
import { useWays } from '../../pantry/useWays';
import { useCompute } from '../../shared/useCompute';
import type { DeskContext } from '../../shared/deskContext';
import { DRAGGED } from '../../working/requestReducers';

const NO_STYLE: StyleChoice = {};
/** Whole solutions looked for. */
const MOST_WHOLE = 6;

/** What comes of the working copy: whole solutions, and the one with what the baker chose and holds. */
export function useAnswers(doc: DraftDoc | null): Omit<DeskContext, 'doc'> {
  const going = useAppSelector((s) => s.working.going);
  const kitchen = useKitchen();
  const ways = useWays();
  const { pantry } = usePantry();
  const style = doc?.request.style ?? kitchen.style ?? NO_STYLE;
  const home = useMemo(() => atHandOf(pantry, kitchen.atHand ?? []), [pantry, kitchen]);
  const dragged = going?.startsWith(DRAGGED) ?? false;
  const asked = useMemo(() => {
    if (!doc || !ways.ready) return null;
    const { exclude, oil, words, strict, allow, pins } = doc.request;
    const { pantryOnly, ...wishes } = style;
    const common = {
      formula: doc.source,
      exclude,
      ...(oil ? { oil } : {}),
      ...(words ? { words } : {}),
      ...(strict ? { strict } : {}),
      ...(allow ? { allow } : {}),
      style: { ...wishes, ...(pantryOnly ? { onlyFrom: home } : {}) },
      ...(ways.own.length > 0 ? { own: ways.own } : {}),
    };
    const { kits, lines, ...locks } = pins ?? {};
    return {
      free: { ...common, pins: locks, limit: MOST_WHOLE },
      chosen:
        kits || lines
          ? { ...common, pins: pins ?? {}, limit: 1, ...(dragged ? { options: false } : {}) }
          : null,
    };
  }, [doc, style, home, ways, dragged]);
  const free = useCompute('adapt', asked?.free ?? null);
  const chosen = useCompute('adapt', asked?.chosen ?? null);
  const shown = asked?.chosen ? chosen : free;
  return {
    outcome: shown.output ?? free.output,
    whole: free.output?.solutions ?? [],
    solution: shown.output?.solutions[0] ?? null,
    style,
    kitOf: ways.kitOf,
    working: shown.working || free.working,
    progress: shown.progress ?? free.progress,
    failed: shown.failed ?? free.failed,
    again: () => {
      free.again();
      chosen.again();
    },
  };
}
