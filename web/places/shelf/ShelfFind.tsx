import { Button, NativeSelect, TextInput } from '@mantine/core';
import { IconSearch } from '@tabler/icons-react';
import {
  SHELF_ORDERS,
  SHELF_STATES,
  type EaterRow,
  type ShelfOrder,
  type ShelfState,
} from '../../../contract/dto';
import type { ClassId } from '../../../core/classes';
import { CLASS_WORDS } from '../../words/data/names';
import type { Looking } from './find';
import classes from './shelf.module.css';
import { shelfWords } from '../../words/data/en/shelf';

const W = shelfWords.shelfFind;

const STATE_WORDS: Record<ShelfState, string> = {
  all: W.active,
  new: W.notAdaptedYet,
  adapted: W.adapted,
  changed: W.unsavedChanges,
  aside: W.archived,
};
const ORDER_WORDS: Record<ShelfOrder, string> = {
  latest: W.latestFirst,
  baked: W.lastBakedFirst,
  title: W.byTitle,
  kind: W.byKindOfBake,
  versions: W.mostVersionsFirst,
};

/** What to look for on the shelf: words, kind, for whom, state, order. */
export function ShelfFind({
  looking,
  kinds,
  eaters,
  onLook,
}: {
  looking: Looking;
  /** Those that occur. */
  kinds: readonly ClassId[];
  eaters: readonly EaterRow[];
  onLook: (more: Partial<Looking>) => void;
}) {
  const who = eaters.find((e) => e.id === looking.eater);
  const any = looking.q !== '' || looking.kind !== null || who !== undefined || looking.state !== 'all';
  return (
    <search className={classes.find}>
      <TextInput
        label={W.find}
        placeholder={W.aTitleOrAKind}
        value={looking.q}
        maxLength={80}
        leftSection={<IconSearch size={18} stroke={1.6} aria-hidden="true" />}
        onChange={(e) => onLook({ q: e.currentTarget.value })}
      />
      <NativeSelect
        label={W.kindOfBake}
        value={looking.kind ?? ''}
        data={[{ value: '', label: W.any }, ...kinds.map((c) => ({ value: c, label: CLASS_WORDS[c] }))]}
        onChange={(e) => onLook({ kind: kinds.find((c) => c === e.currentTarget.value) ?? null })}
      />
      {eaters.length > 0 && (
        <NativeSelect
          label={W.keptFor}
          value={who?.id ?? ''}
          data={[{ value: '', label: W.anyone }, ...eaters.map((e) => ({ value: e.id, label: e.name }))]}
          onChange={(e) => onLook({ eater: e.currentTarget.value || null })}
        />
      )}
      <NativeSelect
        label={W.state}
        value={looking.state}
        data={SHELF_STATES.map((s) => ({ value: s, label: STATE_WORDS[s] }))}
        onChange={(e) => onLook({ state: SHELF_STATES.find((s) => s === e.currentTarget.value) ?? 'all' })}
      />
      <NativeSelect
        label={W.inOrder}
        value={looking.order}
        data={SHELF_ORDERS.map((o) => ({ value: o, label: ORDER_WORDS[o] }))}
        onChange={(e) => onLook({ order: SHELF_ORDERS.find((o) => o === e.currentTarget.value) ?? 'latest' })}
      />
      {any && (
        <Button
          variant="subtle"
          size="compact-md"
          onClick={() => onLook({ q: '', kind: null, eater: null, state: 'all' })}
        >
          {W.showAll}
        </Button>
      )}
      {who && (
        <p className="small quiet">
          {who.words.length > 0
            ? W.avoidsWordsOfTheirOwn({ who: who.name })
            : W.someKeptVersionLeavesOut({ who: who.name })}
        </p>
      )}
    </search>
  );
}
