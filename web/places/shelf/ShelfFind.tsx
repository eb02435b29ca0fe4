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

const STATE_WORDS: Record<ShelfState, string> = {
  all: 'active',
  new: 'not adapted yet',
  adapted: 'adapted',
  changed: 'unsaved changes',
  aside: 'archived',
};
const ORDER_WORDS: Record<ShelfOrder, string> = {
  latest: 'latest first',
  baked: 'last baked first',
  title: 'by title',
  kind: 'by kind of bake',
  versions: 'most versions first',
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
        label="Find"
        placeholder="a title or a kind"
        value={looking.q}
        maxLength={80}
        leftSection={<IconSearch size={18} stroke={1.6} aria-hidden="true" />}
        onChange={(e) => onLook({ q: e.currentTarget.value })}
      />
      <NativeSelect
        label="Kind of bake"
        value={looking.kind ?? ''}
        data={[{ value: '', label: 'any' }, ...kinds.map((c) => ({ value: c, label: CLASS_WORDS[c] }))]}
        onChange={(e) => onLook({ kind: kinds.find((c) => c === e.currentTarget.value) ?? null })}
      />
      {eaters.length > 0 && (
        <NativeSelect
          label="Kept for"
          value={who?.id ?? ''}
          data={[{ value: '', label: 'anyone' }, ...eaters.map((e) => ({ value: e.id, label: e.name }))]}
          onChange={(e) => onLook({ eater: e.currentTarget.value || null })}
        />
      )}
      <NativeSelect
        label="State"
        value={looking.state}
        data={SHELF_STATES.map((s) => ({ value: s, label: STATE_WORDS[s] }))}
        onChange={(e) => onLook({ state: SHELF_STATES.find((s) => s === e.currentTarget.value) ?? 'all' })}
      />
      <NativeSelect
        label="In order"
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
          Show all
        </Button>
      )}
      {who && (
        <p className="small quiet">
          {who.words.length > 0
            ? `${who.name} avoids words of their own: whether a version meets them is not known. Look at its card.`
            : `Some kept version leaves out what ${who.name} avoids. Packets may say otherwise: see its card.`}
        </p>
      )}
    </search>
  );
}
