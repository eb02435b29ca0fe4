import { eaterSchema } from '../../../contract/pantry-schemas';
import { useSchemaForm } from '../useSchemaForm';
import { Button, Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { EaterRow } from '../../../contract/dto';
import { USUAL_EXCLUSIONS, type Eater } from '../../../core/exclusions';
import {
  useCreateEaterMutation,
  useEatersQuery,
  usePutEaterMutation,
  useRemoveEaterMutation,
  useRestoreEaterMutation,
} from '../../api/api';
import { problemIn } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { toastUndo } from '../../parts/toastUndo';
import { listed } from '../../words/plural';
import { sayProblem } from '../../words/problems';
import { AVOID_WORDS, EXCLUSION_WORDS } from '../../words/data/names';
import { ExclusionChips, MoreExclusions } from '../ExclusionChips';
import { ListPanel } from './ListPanel';
import { LineActions } from './LineActions';
import classes from './kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.eaters;

const NOBODY: Eater = { name: '', exclude: [], words: [], traces: true };

function EaterForm({ start, row, onDone }: { start: Eater; row: EaterRow | null; onDone: () => void }) {
  const form = useSchemaForm<Eater>(eaterSchema, start);
  const eater = form.values;
  // What it grew from: after a clash what is there now, so that keeping it once more is the baker's choice.
  const [from, setFrom] = useState(row);
  const id = row?.id ?? null;
  const [create, creating] = useCreateEaterMutation();
  const [put, putting] = usePutEaterMutation();
  const [remove] = useRemoveEaterMutation();
  const failed = creating.error ?? putting.error;
  const set = (more: Partial<Eater>) => form.setValues(more);
  async function keep() {
    const doc = { ...eater, name: eater.name.trim() };
    const done = id === null ? await create(doc) : await put({ id, rev: from!.rev, doc });
    if (!('data' in done) || !done.data) {
      const there = problemIn(done.error)?.current as EaterRow | undefined;
      if (there) setFrom(there);
      return;
    }
    const kept = done.data;
    if (id === null) toastUndo(W.onTheList({ kept: kept.name }), () => remove(kept.id), 'undo');
    else toastUndo(W.changed({ kept: kept.name }), () => put({ id, rev: kept.rev, doc: start }), 'undo');
    onDone();
  }
  return (
    <form className={classes.eaterForm} onSubmit={form.onSubmit(() => void keep())}>
      {failed !== undefined && (
        <Notice kind="trouble" title={W.couldNotSave}>
          {sayProblem(problemIn(failed)?.code ?? null, problemIn(failed)?.args)}
          {problemIn(failed)?.code === 'eater.changed' && from && (
            <> {W.thereNowKeepTheChange({ fromValue: from.name, eater: eaterWords(from) })}</>
          )}
        </Notice>
      )}
      <TextInput
        label={W.whoOrWhichTable}
        {...form.getInputProps('name')}
        error={form.errors.name ? W.giveAName : null}
        maxLength={120}
        required
        data-autofocus
      />
      <p className="small quiet">{W.glutenAlwaysAlsoLeavesOut}</p>
      <div className={classes.chips}>
        <ExclusionChips
          of={USUAL_EXCLUSIONS}
          value={eater.exclude}
          onChange={(exclude) => set({ exclude })}
        />
      </div>
      <MoreExclusions exclude={eater.exclude} words={eater.words} onChange={(more) => set(more)} />
      {eater.exclude.includes('oil') && (
        <Checkbox
          label={W.alsoLeaveOutFattyFoods}
          checked={eater.oil === 'all_fat'}
          onChange={(e) => set({ oil: e.currentTarget.checked ? 'all_fat' : 'extracted' })}
        />
      )}
      <Checkbox
        label={W.alsoAvoidMayContainProducts}
        {...form.getInputProps('traces', { type: 'checkbox' })}
      />
      <div className={classes.actions}>
        <Button
          type="submit"
          disabled={eater.name.trim() === ''}
          loading={creating.isLoading || putting.isLoading}
        >
          {id === null ? W.putOnTheList : W.keepTheChange}
        </Button>
        <Button variant="subtle" onClick={onDone}>
          {W.cancel}
        </Button>
      </div>
    </form>
  );
}

/** What an eater avoids, in a line. */
function eaterWords({ exclude, words, traces }: Eater): string {
  const out = [
    AVOID_WORDS.gluten,
    ...exclude.map((e) => EXCLUSION_WORDS[e].name),
    ...words.map((w) => `“${w}”`),
  ];
  return W.avoids({ list: listed(out), which: traces ? W.tracesMatter : W.tracesDoNotMatter });
}

function EaterLine({ eater, onEdit }: { eater: EaterRow; onEdit: () => void }) {
  const [remove] = useRemoveEaterMutation();
  const [restore] = useRestoreEaterMutation();
  async function takeOff() {
    const done = await remove(eater.id);
    if ('error' in done) return;
    toastUndo(W.isOffTheList({ eater: eater.name }), () => restore(eater.id));
  }
  return (
    <li className={classes.eater}>
      <div>
        <h3>{eater.name}</h3>
        <p>{eaterWords(eater)}</p>
      </div>
      <LineActions name={eater.name} onEdit={onEdit} onTakeOff={() => void takeOff()} />
    </li>
  );
}

/** For whom one bakes: persons and tables, each with what they avoid. */
export function Eaters() {
  const { data: eaters, error } = useEatersQuery();
  const [open, setOpen] = useState<string | null>(null);
  return (
    <ListPanel
      id="eaters"
      title={W.peopleAndGroups}
      add={W.addAnEater}
      onAdd={() => setOpen('new')}
      form={open === 'new' && <EaterForm start={NOBODY} row={null} onDone={() => setOpen(null)} />}
      error={error}
      nothing={eaters?.length === 0 ? W.nobodyYetAddAPerson : null}
    >
      {eaters?.map((e) =>
        open === e.id ? (
          <li key={e.id}>
            <EaterForm
              start={{
                name: e.name,
                exclude: e.exclude,
                words: e.words,
                traces: e.traces,
                ...(e.oil ? { oil: e.oil } : {}),
              }}
              row={e}
              onDone={() => setOpen(null)}
            />
          </li>
        ) : (
          <EaterLine key={e.id} eater={e} onEdit={() => setOpen(e.id)} />
        ),
      )}
    </ListPanel>
  );
}
