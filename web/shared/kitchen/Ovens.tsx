import { ovenSchema } from '../../../contract/pantry-schemas';
import { useSchemaForm } from '../useSchemaForm';
import { Button, Radio, Switch, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Kitchen, KitchenOven } from '../../../contract/dto';
import { useChangeKitchen } from '../useChangeKitchen';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { toastUndo } from '../../parts/toastUndo';
import { ListPanel } from './ListPanel';
import { LineActions } from './LineActions';
import classes from './kitchen.module.css';
import { degreesApart } from '../../words/heat';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.ovens;

const NEW_OVEN: Omit<KitchenOven, 'id'> = { name: '', offsetC: 0, fan: true, widthCm: 45, racks: 2 };

/** The list with one put in the place of its old self, or at the end. */
const withOne = <T extends { id: string }>(all: readonly T[], one: T): T[] =>
  all.some((x) => x.id === one.id) ? all.map((x) => (x.id === one.id ? one : x)) : [...all, one];

function OvenForm({
  start,
  onKeep,
  onDone,
}: {
  start: KitchenOven;
  onKeep: (o: KitchenOven) => void;
  onDone: () => void;
}) {
  const form = useSchemaForm<KitchenOven>(ovenSchema, start);
  const oven = form.values;
  const { name: unnamed, ...others } = form.errors;
  const wrong = Object.keys(others).length > 0;
  return (
    <form
      className={classes.eaterForm}
      onSubmit={form.onSubmit((kept) => {
        onKeep({ ...kept, name: kept.name.trim() });
        onDone();
      })}
    >
      <TextInput
        label={W.whatYouCallIt}
        {...form.getInputProps('name')}
        error={unnamed ? W.giveItAName : null}
        maxLength={120}
        required
        data-autofocus
      />
      <HeatField
        apart
        label={W.hotterThanItSaysBy}
        description={W.byAThermometerInIts}
        value={oven.offsetC}
        onChange={(c) => form.setFieldValue('offsetC', c)}
      />
      <NumberField
        label={W.wideInside}
        unit={W.cm}
        value={oven.widthCm}
        onChange={(cm) => form.setFieldValue('widthCm', cm)}
      />
      <NumberField
        label={W.racks}
        unit=""
        value={oven.racks}
        onChange={(n) => form.setFieldValue('racks', Math.round(n))}
      />
      <Switch label={W.itHasAFan} {...form.getInputProps('fan', { type: 'checkbox' })} />
      {wrong && <p role="alert">{W.giveAtMostOff15({ degrees: degreesApart(80) })}</p>}
      <div className={classes.actions}>
        <Button type="submit" disabled={oven.name.trim() === '' || wrong}>
          {W.keepTheOven}
        </Button>
        <Button variant="subtle" onClick={onDone}>
          {W.cancel}
        </Button>
      </div>
    </form>
  );
}

/** The ovens one bakes in: how true they are, how large. */
export function Ovens({ kitchen }: { kitchen: Kitchen }) {
  const { change: set, trouble } = useChangeKitchen();
  const [open, setOpen] = useState<string | null>(null);
  const ovens = kitchen.ovens ?? [];
  const used = ovens.find((o) => o.id === kitchen.ovenId) ?? ovens[0];
  const keep = (oven: KitchenOven) => void set({ ovens: withOne(ovens, oven) });
  const timed = kitchen.timed?.length ?? 0;
  return (
    <ListPanel
      id="ovens"
      title={W.ovens}
      add={W.addAnOven}
      onAdd={() => setOpen('new')}
      form={
        open === 'new' && (
          <OvenForm
            start={{ ...NEW_OVEN, id: crypto.randomUUID() }}
            onKeep={keep}
            onDone={() => setOpen(null)}
          />
        )
      }
      trouble={trouble}
      nothing={ovens.length === 0 ? W.noneYetSayHowFar : null}
      below={
        timed > 0 && (
          <p className="small quiet">{W.timedTheTimesToldAt({ count: W.bakeCount({ n: timed }) })}</p>
        )
      }
    >
      {ovens.map((o) =>
        open === o.id ? (
          <li key={o.id}>
            <OvenForm start={o} onKeep={keep} onDone={() => setOpen(null)} />
          </li>
        ) : (
          <li key={o.id} className={classes.eater}>
            <div>
              <h3>{o.name}</h3>
              <p>
                {o.offsetC === 0
                  ? W.runsTrue
                  : W.thanItSays({
                      degrees: degreesApart(Math.abs(o.offsetC)),
                      which: o.offsetC > 0 ? W.hotter : W.cooler,
                    })}
                <span className="quiet">
                  {W.cmWide({
                    which: o.fan ? W.withAFan : W.noFan,
                    widthCm: o.widthCm,
                    count: W.rackCount({ n: o.racks }),
                  })}
                </span>
              </p>
              {ovens.length > 1 && (
                <Radio
                  name={W.oven}
                  label={W.bakeInThisOne}
                  aria-label={W.bakeIn({ name: o.name })}
                  checked={o.id === used?.id}
                  onChange={() => void set({ ovenId: o.id })}
                />
              )}
            </div>
            <LineActions
              name={o.name}
              onEdit={() => setOpen(o.id)}
              onTakeOff={() => {
                void set({ ovens: ovens.filter((x) => x.id !== o.id) });
                toastUndo(W.isOffTheList({ name: o.name }), () => set({ ovens }));
              }}
            />
          </li>
        ),
      )}
    </ListPanel>
  );
}
