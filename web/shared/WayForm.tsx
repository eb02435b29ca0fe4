import {
  ActionIcon,
  Button,
  MultiSelect,
  NativeSelect,
  NumberInput,
  Select,
  Textarea,
  TextInput,
} from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useState } from 'react';
import type { WayRow } from '../../contract/dto';
import {
  DOSE_UNITS,
  doseFaults,
  FAMILY_IDS,
  type DoseFault,
  type DoseUnit,
  type FamilyId,
  type OwnKitDoc,
} from '../../core/classes';
import type { GroupId, ItemState } from '../../core/ingredients';
import { problemIn } from '../api/api';
import { useCreateWayMutation, usePutWayMutation, useRemoveWayMutation } from '../api/ways';
import { choicesOf } from '../pantry/choices';
import { usePantry } from '../pantry/usePantry';
import { ingredientName } from '../words/things';
import { listed } from '../words/plural';
import { sayProblem } from '../words/problems';
import { DOSE_WORDS, FAMILY_WORDS, STANDABLE, STATE_WORDS } from '../words/data/ways';
import { GROUP_NAMES } from '../words/data/terms';
import { Dialog } from '../parts/Dialog';
import { Notice } from '../parts/Notice';
import { sayDone } from '../parts/sayDone';
import classes from './way.module.css';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.wayForm;

type Item = OwnKitDoc['items'][number];
const NEW_ITEM: Item = { id: '', lo: 0, usual: 0, hi: 0, per: 'g', state: null };

/** A blank way for what leaves. */
export const blankWay = (group: GroupId, family: FamilyId | null): OwnKitDoc => ({
  name: '',
  groups: [group],
  families: family ? [family] : [],
  items: [{ ...NEW_ITEM, per: group.startsWith('egg') ? 'egg' : 'g' }],
  step: '',
});

const FAULTS: Record<DoseFault, string> = {
  unknown: W.chooseWhatItIs,
  nothing: W.giveTheMostYouWould,
  order: W.fromAtLeastOverUsual,
};

function ItemRow({
  item,
  fault,
  only,
  onChange,
  onRemove,
}: {
  item: Item;
  fault: DoseFault | undefined;
  only: boolean;
  onChange: (item: Item) => void;
  onRemove: () => void;
}) {
  const { pantry } = usePantry();
  const number = (key: 'lo' | 'usual' | 'hi', label: string) => (
    <NumberInput
      label={label}
      value={item[key] || ''}
      min={0}
      max={1000}
      decimalScale={3}
      hideControls
      onChange={(v) => onChange({ ...item, [key]: typeof v === 'number' ? v : 0 })}
    />
  );
  return (
    <div className={classes.item}>
      <Select
        label={W.ingredient}
        data={choicesOf(pantry)}
        value={item.id || null}
        searchable
        limit={60}
        error={fault && FAULTS[fault]}
        onChange={(v) => onChange({ ...item, id: v ?? '' })}
      />
      {number('lo', W.atLeast)}
      {number('usual', 'usual')}
      {number('hi', W.atMost)}
      <NativeSelect
        label={W.gramsFor}
        value={item.per}
        data={DOSE_UNITS.map((u) => ({ value: u, label: DOSE_WORDS[u] }))}
        onChange={(e) => onChange({ ...item, per: e.currentTarget.value as DoseUnit })}
      />
      <NativeSelect
        label={W.madeUp}
        value={item.state ?? ''}
        data={[
          { value: '', label: W.asItIs },
          ...(['gel', 'slurry', 'whisked'] as const).map((s) => ({ value: s, label: STATE_WORDS[s] })),
        ]}
        onChange={(e) => onChange({ ...item, state: (e.currentTarget.value || null) as ItemState | null })}
      />
      <ActionIcon
        variant="subtle"
        color="gray"
        size={36}
        aria-label={W.takeThisIngredientOut}
        disabled={only}
        onClick={onRemove}
      >
        <IconX size={18} />
      </ActionIcon>
    </div>
  );
}

/** A way of the baker's own, written or changed: what with, how much, where it suits, what to do. */
export function WayForm({
  start,
  row,
  onDone,
  onClose,
}: {
  start: OwnKitDoc;
  /** The way that is changed; null for a new one. */
  row: WayRow | null;
  onDone: (way: WayRow) => void;
  onClose: () => void;
}) {
  const [doc, setDoc] = useState(start);
  // What it grew from: after a clash what is there now, so that keeping it once more is the baker's choice.
  const [from, setFrom] = useState(row);
  const id = row?.id ?? null;
  const [tried, setTried] = useState(false);
  const [create, creating] = useCreateWayMutation();
  const [put, putting] = usePutWayMutation();
  const [remove] = useRemoveWayMutation();
  const faults = doseFaults(doc);
  const failed = creating.error ?? putting.error;
  const fine = doc.name.trim() !== '' && doc.groups.length > 0 && faults.length === 0;
  const set = (more: Partial<OwnKitDoc>) => setDoc({ ...doc, ...more });
  async function keep() {
    setTried(true);
    if (!fine) return;
    const kept = { ...doc, name: doc.name.trim() };
    const done = id === null ? await create(kept) : await put({ id, rev: from!.rev, doc: kept });
    if (!('data' in done) || !done.data) {
      const there = problemIn(done.error)?.current as WayRow | undefined;
      if (there) setFrom(there);
      return;
    }
    const way = done.data;
    if (id === null) sayDone(W.kept({ way: way.name }), () => remove(way.id), 'undo');
    else sayDone(W.changed({ way: way.name }), () => put({ id, rev: way.rev, doc: start }), 'undo');
    onDone(way);
  }
  return (
    <Dialog title={W.aWayOfYourOwn} size="min(94vw, 860px)" onClose={onClose}>
      <form
        className={classes.form}
        onSubmit={(e) => {
          e.preventDefault();
          void keep();
        }}
      >
        {failed !== undefined && (
          <Notice kind="trouble" title={W.couldNotSave}>
            {sayProblem(problemIn(failed)?.code ?? null, problemIn(failed)?.args)}
            {problemIn(failed)?.code === 'way.changed' && from && (
              <>
                {' '}
                {W.thereNowWithKeepThe({
                  fromValue: from.name,
                  list: listed(
                    from.items.map((i) =>
                      W.toG({ lo: i.lo, hi: i.hi, ingredient: ingredientName(i.id, true) }),
                    ),
                  ),
                })}
              </>
            )}
          </Notice>
        )}
        <TextInput
          label={W.name}
          value={doc.name}
          maxLength={120}
          required
          data-autofocus
          error={tried && doc.name.trim() === '' ? W.giveItANameTo : undefined}
          onChange={(e) => set({ name: e.currentTarget.value })}
        />
        <div className={classes.two}>
          <MultiSelect
            label={W.standsInFor}
            data={STANDABLE.map((g) => ({
              value: g,
              label: GROUP_NAMES[g],
            }))}
            value={doc.groups}
            searchable
            error={tried && doc.groups.length === 0 ? W.sayWhatItCanStand : undefined}
            onChange={(v) => set({ groups: v })}
          />
          <MultiSelect
            label={W.suits}
            placeholder={doc.families.length === 0 ? W.everything : ''}
            data={FAMILY_IDS.map((f) => ({ value: f, label: FAMILY_WORDS[f] }))}
            value={doc.families}
            onChange={(v) => set({ families: v })}
          />
        </div>
        {doc.items.map((item, i) => (
          <ItemRow
            key={i}
            item={item}
            fault={tried ? faults.find((f) => f.item === i)?.fault : undefined}
            only={doc.items.length === 1}
            onChange={(next) => set({ items: doc.items.with(i, next) })}
            onRemove={() => set({ items: doc.items.filter((_x, k) => k !== i) })}
          />
        ))}
        <div>
          <Button
            variant="default"
            size="compact-md"
            disabled={doc.items.length >= 6}
            onClick={() => set({ items: [...doc.items, { ...NEW_ITEM, per: doc.items[0]?.per ?? 'g' }] })}
          >
            {W.anotherIngredient}
          </Button>
        </div>
        <Textarea
          label={W.whatToDo}
          description={W.standsInTheMethodAs}
          value={doc.step}
          maxLength={500}
          autosize
          minRows={2}
          onChange={(e) => set({ step: e.currentTarget.value })}
        />
        <p className="small quiet">{W.itIsTriedLikeOne}</p>
        <div className={classes.actions}>
          <Button variant="subtle" onClick={onClose}>
            {W.notNow}
          </Button>
          <Button type="submit" loading={creating.isLoading || putting.isLoading}>
            {id === null ? W.keepAndTryIt : W.keepTheChange}
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
