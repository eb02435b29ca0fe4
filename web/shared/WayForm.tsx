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
import type { UseFormReturnType } from '@mantine/form';
import { IconX } from '@tabler/icons-react';
import { useState } from 'react';
import type { WayRow } from '../../contract/dto';
import { waySchema } from '../../contract/pantry-schemas';
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
import { problemIn } from '../api/ask';
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
import { toastUndo } from '../parts/toastUndo';
import { useSchemaForm } from './useSchemaForm';
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
      {number('usual', W.usual)}
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

/** Why it was not kept; where somebody else changed it, what is there now. */
function Failed({ error, there }: { error: unknown; there: WayRow | null }) {
  const problem = problemIn(error);
  return (
    <Notice kind="trouble" title={W.couldNotSave}>
      {sayProblem(problem?.code ?? null, problem?.args)}
      {problem?.code === 'way.changed' && there && (
        <>
          {' '}
          {W.thereNowWithKeepThe({
            fromValue: there.name,
            list: listed(
              there.items.map((i) => W.toG({ lo: i.lo, hi: i.hi, ingredient: ingredientName(i.id, true) })),
            ),
          })}
        </>
      )}
    </Notice>
  );
}

/** Keeps a way, with the way back from it; gives null where it was not kept. */
function useKeeping(start: OwnKitDoc, row: WayRow | null) {
  // What it grew from: after a clash what is there now, so that keeping it once more is the baker's choice.
  const [from, setFrom] = useState(row);
  const [create, creating] = useCreateWayMutation();
  const [put, putting] = usePutWayMutation();
  const [remove] = useRemoveWayMutation();
  const id = row?.id ?? null;
  const keep = async (doc: OwnKitDoc): Promise<WayRow | null> => {
    const done = id === null ? await create(doc) : await put({ id, rev: from!.rev, doc });
    if (!('data' in done) || !done.data) {
      const there = problemIn(done.error)?.current as WayRow | undefined;
      if (there) setFrom(there);
      return null;
    }
    const way = done.data;
    if (id === null) toastUndo(W.kept({ way: way.name }), () => remove(way.id), 'undo');
    else toastUndo(W.changed({ way: way.name }), () => put({ id, rev: way.rev, doc: start }), 'undo');
    return way;
  };
  return {
    keep,
    failed: creating.error ?? putting.error,
    busy: creating.isLoading || putting.isLoading,
    there: from,
  };
}

type WayFormState = UseFormReturnType<OwnKitDoc>;

/** What it is called, and where it may stand. */
const Where = ({ form }: { form: WayFormState }) => (
  <>
    <TextInput
      label={W.name}
      {...form.getInputProps('name')}
      maxLength={120}
      required
      data-autofocus
      error={form.errors.name && W.giveItANameTo}
    />
    <div className={classes.two}>
      <MultiSelect
        label={W.standsInFor}
        data={STANDABLE.map((g) => ({ value: g, label: GROUP_NAMES[g] }))}
        {...form.getInputProps('groups')}
        searchable
        error={form.errors.groups && W.sayWhatItCanStand}
      />
      <MultiSelect
        label={W.suits}
        placeholder={form.values.families.length === 0 ? W.everything : ''}
        data={FAMILY_IDS.map((f) => ({ value: f, label: FAMILY_WORDS[f] }))}
        {...form.getInputProps('families')}
      />
    </div>
  </>
);

/** What it is made of, each thing with its dose. */
function Items({ form }: { form: WayFormState }) {
  const { items } = form.values;
  const faults = doseFaults({ items });
  const isTold = (at: number): boolean =>
    Object.keys(form.errors).some((path) => path === `items.${at}` || path.startsWith(`items.${at}.`));
  return (
    <>
      {items.map((item, i) => (
        <ItemRow
          key={i}
          item={item}
          fault={isTold(i) ? faults.find((f) => f.item === i)?.fault : undefined}
          only={items.length === 1}
          onChange={(next) => form.setFieldValue('items', items.with(i, next))}
          onRemove={() => form.removeListItem('items', i)}
        />
      ))}
      <div>
        <Button
          variant="default"
          size="compact-md"
          disabled={items.length >= 6}
          onClick={() => form.insertListItem('items', { ...NEW_ITEM, per: items[0]?.per ?? 'g' })}
        >
          {W.anotherIngredient}
        </Button>
      </div>
    </>
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
  const form = useSchemaForm<OwnKitDoc>(waySchema, start, 'sent');
  const { keep, failed, busy, there } = useKeeping(start, row);
  const submit = async (doc: OwnKitDoc): Promise<void> => {
    const way = await keep({ ...doc, name: doc.name.trim() });
    if (way) onDone(way);
  };
  return (
    <Dialog title={W.aWayOfYourOwn} size="min(94vw, 860px)" onClose={onClose}>
      <form className={classes.form} onSubmit={form.onSubmit((doc) => void submit(doc))} noValidate>
        {failed !== undefined && <Failed error={failed} there={there} />}
        <Where form={form} />
        <Items form={form} />
        <Textarea
          label={W.whatToDo}
          description={W.standsInTheMethodAs}
          {...form.getInputProps('step')}
          maxLength={500}
          autosize
          minRows={2}
        />
        <p className="small quiet">{W.itIsTriedLikeOne}</p>
        <div className={classes.actions}>
          <Button variant="subtle" onClick={onClose}>
            {W.notNow}
          </Button>
          <Button type="submit" loading={busy}>
            {row === null ? W.keepAndTryIt : W.keepTheChange}
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
