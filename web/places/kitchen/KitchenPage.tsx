import { Button, Checkbox, NumberInput, Select, TextInput } from '@mantine/core';
import { useState } from 'react';
import { DEFAULT_KITCHEN, type EaterRow, type Kitchen } from '../../../contract/dto';
import {
  RULESET_IDS,
  RULESETS,
  USUAL_EXCLUSIONS,
  type Eater,
  type RulesetId,
} from '../../../core/exclusions';
import { YEAST_TABLE_IDS, type YeastTable } from '../../../core/leavening';
import {
  ALTITUDE_M,
  CUP_STANDARDS,
  SPOON_STANDARDS,
  type CupStandard,
  type SpoonStandard,
} from '../../../core/units';
import {
  problemIn,
  useCreateEaterMutation,
  useEatersQuery,
  useKitchenQuery,
  usePutEaterMutation,
  useRemoveEaterMutation,
  useRestoreEaterMutation,
} from '../../api/api';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { Notice } from '../../parts/Notice';
import { UndoButtons } from '../../parts/UndoButtons';
import { sayDone } from '../../parts/sayDone';
import { usePageTitle } from '../../parts/usePageTitle';
import { listed } from '../../words/format';
import type { HeatScale } from '../../words/heat';
import { sayProblem } from '../../words/problems';
import { YEAST_TABLE_WORDS } from '../../words/data/lift';
import { CUP_WORDS, EXCLUSION_WORDS, RULESET_WORDS, SPOON_WORDS } from '../../words/data/terms';
import { Backup } from './Backup';
import { HouseStyle } from './HouseStyle';
import { Ovens } from './Ovens';
import { OwnWays } from './OwnWays';
import { Tins } from './Tins';
import { ExclusionChips, MoreExclusions } from '../desk/ExclusionChips';
import { LineActions } from './LineActions';
import classes from './kitchen.module.css';

const NOBODY: Eater = { name: '', exclude: [], words: [], traces: true };

function EaterForm({ start, id, onDone }: { start: Eater; id: string | null; onDone: () => void }) {
  const [eater, setEater] = useState(start);
  const [create, creating] = useCreateEaterMutation();
  const [put, putting] = usePutEaterMutation();
  const [remove] = useRemoveEaterMutation();
  const failed = creating.error ?? putting.error;
  const set = (more: Partial<Eater>) => setEater({ ...eater, ...more });
  async function keep() {
    const doc = { ...eater, name: eater.name.trim() };
    const done = id === null ? await create(doc) : await put({ id, doc });
    if (!('data' in done) || !done.data) return;
    const kept = done.data;
    if (id === null) sayDone(`On the list: ${kept.name}`, () => remove(kept.id), 'Take out again');
    else sayDone(`Changed: ${kept.name}`, () => put({ id, doc: start }), 'Undo');
    onDone();
  }
  return (
    <form
      className={classes.eaterForm}
      onSubmit={(e) => {
        e.preventDefault();
        if (eater.name.trim() !== '') void keep();
      }}
    >
      {failed !== undefined && (
        <Notice kind="trouble" title="Not kept yet">
          {sayProblem(problemIn(failed)?.code ?? null, problemIn(failed)?.args)}
        </Notice>
      )}
      <TextInput
        label="Who or which table"
        value={eater.name}
        maxLength={120}
        required
        data-autofocus
        onChange={(e) => set({ name: e.currentTarget.value })}
      />
      <p className="small quiet">Gluten always. Also without</p>
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
          label="Whole-food fat goes too"
          checked={eater.oil === 'all_fat'}
          onChange={(e) => set({ oil: e.currentTarget.checked ? 'all_fat' : 'extracted' })}
        />
      )}
      <Checkbox
        label="Traces matter: a “may contain” rules a thing out"
        checked={eater.traces}
        onChange={(e) => set({ traces: e.currentTarget.checked })}
      />
      <div className={classes.actions}>
        <Button
          type="submit"
          disabled={eater.name.trim() === ''}
          loading={creating.isLoading || putting.isLoading}
        >
          {id === null ? 'Put on the list' : 'Keep the change'}
        </Button>
        <Button variant="subtle" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}

function EaterLine({ eater, onEdit }: { eater: EaterRow; onEdit: () => void }) {
  const [remove] = useRemoveEaterMutation();
  const [restore] = useRestoreEaterMutation();
  const out = [...eater.exclude.map((e) => EXCLUSION_WORDS[e].name), ...eater.words.map((w) => `“${w}”`)];
  async function takeOff() {
    const done = await remove(eater.id);
    if ('error' in done) return;
    sayDone(`${eater.name} is off the list`, () => restore(eater.id));
  }
  return (
    <li className={classes.eater}>
      <div>
        <h3>{eater.name}</h3>
        <p>
          without gluten{out.length > 0 && `, ${listed(out)}`}
          <span className="quiet">{eater.traces ? '; traces matter' : '; traces do not matter'}</span>
        </p>
      </div>
      <LineActions name={eater.name} onEdit={onEdit} onTakeOff={() => void takeOff()} />
    </li>
  );
}

function Measures({ kitchen }: { kitchen: Kitchen }) {
  const { change, trouble } = useChangeKitchen();
  const set = (more: Partial<Kitchen>) => void change(more);
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="measures">
      <h2 id="measures">Measures and packets</h2>
      {trouble}
      <Select
        label="Your cup"
        description="With the imperial cup go imperial pints and fluid ounces"
        data={CUP_STANDARDS.map((c) => ({ value: c, label: CUP_WORDS[c] }))}
        value={kitchen.cup}
        allowDeselect={false}
        onChange={(v) => set({ cup: v as CupStandard })}
      />
      <Select
        label="Your spoons"
        data={SPOON_STANDARDS.map((c) => ({ value: c, label: SPOON_WORDS[c] }))}
        value={kitchen.spoon}
        allowDeselect={false}
        onChange={(v) => set({ spoon: v as SpoonStandard })}
      />
      <Select
        label="Ovens and thermometers in"
        description="Shown and asked for in it; the card has the oven in both"
        data={[
          { value: 'c', label: '°C' },
          { value: 'f', label: '°F' },
        ]}
        value={kitchen.heat ?? 'c'}
        allowDeselect={false}
        onChange={(v) => set({ heat: v as HeatScale })}
      />
      <Checkbox
        label="Ounces beside the grams on the card"
        description="Everything is weighed in grams; small amounts are hardly to be weighed in ounces"
        checked={kitchen.ounces ?? false}
        onChange={(e) => set({ ounces: e.currentTarget.checked })}
      />
      <Select
        label="Sizes of your eggs"
        description="A large egg is 50 g shelled by the US grades, 60 g by the European"
        data={[
          { value: 'eu', label: 'European grades' },
          { value: 'us', label: 'US grades' },
        ]}
        value={kitchen.eggs ?? 'us'}
        allowDeselect={false}
        onChange={(v) => set({ eggs: v as 'us' | 'eu' })}
      />
      <Select
        label="Packets follow the law of"
        description={RULESETS[kitchen.ruleset].source}
        data={RULESET_IDS.map((r) => ({ value: r, label: RULESET_WORDS[r] }))}
        value={kitchen.ruleset}
        allowDeselect={false}
        onChange={(v) => set({ ruleset: v as RulesetId })}
      />
      <Select
        label="Prices in"
        data={['€', '£', '$', 'kr', 'CHF']}
        value={kitchen.currency}
        allowDeselect={false}
        onChange={(v) => v && set({ currency: v })}
      />
      <NumberInput
        label="Height above the sea"
        description="Changes leavening, water and oven above about 900 m"
        value={kitchen.altitudeM ?? ''}
        suffix=" m"
        min={ALTITUDE_M[0]}
        max={ALTITUDE_M[1]}
        clampBehavior="blur"
        hideControls
        onBlur={(e) => {
          const m = Number(e.currentTarget.value.replace(/[^\d.-]/g, ''));
          if (m !== (kitchen.altitudeM ?? 0) && Number.isFinite(m))
            set({ altitudeM: Math.min(ALTITUDE_M[1], Math.max(ALTITUDE_M[0], m)) });
        }}
      />
      <Select
        label="Yeast is exchanged by"
        description="Fresh to active dry to instant; bakers use all three"
        data={YEAST_TABLE_IDS.map((t) => ({ value: t, label: YEAST_TABLE_WORDS[t] }))}
        value={kitchen.yeast ?? 'usual'}
        allowDeselect={false}
        onChange={(v) => set({ yeast: v as YeastTable })}
      />
      <p className="small quiet">
        Used when a pasted formula is read and where prices stand. “May contain” lines are voluntary in both
        laws; gluten is read for on its own, since the US list names wheat only.
      </p>
    </section>
  );
}

/** The kitchen: for whom one bakes, which cups and spoons there are, whose law the packets follow. */
export function KitchenPage() {
  usePageTitle('Kitchen');
  const { data: eaters, error } = useEatersQuery();
  const { data: kitchen = DEFAULT_KITCHEN } = useKitchenQuery();
  const [open, setOpen] = useState<string | null>(null);
  const { canUndo, canRedo, undo, redo } = useChangeKitchen();
  return (
    <main id="main" className={classes.page}>
      <div className={classes.row}>
        <h1>Kitchen</h1>
        <div>
          <UndoButtons
            canUndo={canUndo}
            canRedo={canRedo}
            onUndo={() => void undo()}
            onRedo={() => void redo()}
          />
        </div>
      </div>
      <p className="quiet">For whom you bake, what you measure with, and how you like to bake.</p>
      <div className={classes.columns}>
        <div className={classes.stack}>
          <section className={`sheet ${classes.panel}`} aria-labelledby="eaters">
            <div className={classes.row}>
              <h2 id="eaters">Eaters and tables</h2>
              {open !== 'new' && (
                <Button size="compact-md" onClick={() => setOpen('new')}>
                  Add an eater
                </Button>
              )}
            </div>
            {error !== undefined && (
              <Notice kind="trouble" title="The list cannot be fetched">
                {sayProblem(problemIn(error)?.code ?? null)}
              </Notice>
            )}
            {open === 'new' && <EaterForm start={NOBODY} id={null} onDone={() => setOpen(null)} />}
            {eaters?.length === 0 && open !== 'new' && (
              <p className="quiet">
                Nobody yet. Add a person or a table with what they avoid: every formula then says what was
                found for them, and a swap can be asked for all of them at once.
              </p>
            )}
            <ul className={classes.list}>
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
                      id={e.id}
                      onDone={() => setOpen(null)}
                    />
                  </li>
                ) : (
                  <EaterLine key={e.id} eater={e} onEdit={() => setOpen(e.id)} />
                ),
              )}
            </ul>
          </section>
          <HouseStyle kitchen={kitchen} />
          <OwnWays />
          <Tins kitchen={kitchen} />
        </div>
        <div className={classes.stack}>
          <Ovens kitchen={kitchen} />
          <Measures kitchen={kitchen} />
          <Backup />
        </div>
      </div>
    </main>
  );
}
