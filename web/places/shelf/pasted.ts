import { useDebouncedCallback, useLocalStorage } from '@mantine/hooks';
import { useCallback, useState } from 'react';
import type { ClassId } from '../../../core/classes';
import type { Line } from '../../../core/formula';
import type { SaidRows } from '../../../core/reading';
import type { CupStandard, Measures } from '../../../core/units';
import { keyHere } from '../../api/home';
import type { Change } from '../../shared/read/ReadLines';

type Fixes = Record<string, Change>;
/** A formula as it is pasted, with all that was said of it. */
export type Pasted = {
  title: string;
  text: string;
  method: string;
  oven: string;
  time: string;
  classId: ClassId | null;
  /** The cup of this text, where it is not the kitchen's. */
  cup: CupStandard | null;
  /** Corrections by what the line says and which of its like it is, so that they stay while the text around changes. */
  fixes: Fixes;
  /** What rows of one paste are, where the baker says otherwise. */
  rows: SaidRows;
};
const BLANK: Pasted = {
  title: '',
  text: '',
  method: '',
  oven: '',
  time: '',
  classId: null,
  cup: null,
  fixes: {},
  rows: {},
};
/** Nothing is read or stored while it is being typed, ms. */
export const PAUSE_MS = 200;

export type SetPasted = (more: Partial<Pasted>) => void;

/** What is pasted, kept in the browser while it is typed; it is there again after a reload. */
export function usePasted(): { form: Pasted; set: SetPasted; clear: () => void } {
  const [stored, store] = useLocalStorage<Pasted>({
    key: keyHere('paste'),
    defaultValue: BLANK,
    getInitialValueInEffect: false,
  });
  const [form, setForm] = useState<Pasted>({ ...BLANK, ...stored });
  const later = useDebouncedCallback(store, PAUSE_MS);
  const set = useCallback(
    (more: Partial<Pasted>) =>
      setForm((f) => {
        const next = { ...f, ...more };
        later(next);
        return next;
      }),
    [later],
  );
  const clear = () => {
    setForm(BLANK);
    store(BLANK);
  };
  return { form, set, clear };
}

/** With another cup go its spoons. */
export const measuresOf = (cup: CupStandard | null, kitchen: Measures): Measures => {
  const eggs = kitchen.eggs ? { eggs: kitchen.eggs } : {};
  return cup === null || cup === kitchen.cup
    ? { cup: kitchen.cup, spoon: kitchen.spoon, ...eggs }
    : { cup, spoon: cup === 'us' ? 'us' : 'metric', ...eggs };
};

/** What names a line whatever stands around it: its text, and which of its like it is. */
export function keysOf(lines: readonly Line[]): Map<string, string> {
  const count = new Map<string, number>();
  return new Map(
    lines.map((l) => {
      const n = (count.get(l.amount.written) ?? 0) + 1;
      count.set(l.amount.written, n);
      return [l.id, n === 1 ? l.amount.written : `${l.amount.written}#${n}`];
    }),
  );
}
