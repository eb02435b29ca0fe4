import { Button, Radio, Switch, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Kitchen, KitchenOven } from '../../../contract/dto';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { sayDone } from '../../parts/sayDone';
import { counted } from '../../words/format';
import { LineActions } from './LineActions';
import classes from './kitchen.module.css';
import { degreesApart } from '../../words/heat';

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
  const [oven, setOven] = useState(start);
  const set = (more: Partial<KitchenOven>) => setOven({ ...oven, ...more });
  const wrong =
    Math.abs(oven.offsetC) > 80 ||
    oven.widthCm < 15 ||
    oven.widthCm > 300 ||
    oven.racks < 1 ||
    oven.racks > 20;
  return (
    <form
      className={classes.eaterForm}
      onSubmit={(e) => {
        e.preventDefault();
        if (oven.name.trim() === '' || wrong) return;
        onKeep({ ...oven, name: oven.name.trim(), racks: Math.round(oven.racks) });
        onDone();
      }}
    >
      <TextInput
        label="What you call it"
        value={oven.name}
        maxLength={120}
        required
        data-autofocus
        onChange={(e) => set({ name: e.currentTarget.value })}
      />
      <HeatField
        apart
        label="Hotter than it says by"
        description="by a thermometer in its middle; below zero where it is cooler"
        value={oven.offsetC}
        onChange={(offsetC) => set({ offsetC })}
      />
      <NumberField
        label="Wide inside"
        unit="cm"
        value={oven.widthCm}
        onChange={(widthCm) => set({ widthCm })}
      />
      <NumberField label="Racks" unit="" value={oven.racks} onChange={(racks) => set({ racks })} />
      <Switch
        label="It has a fan"
        checked={oven.fan}
        onChange={(e) => set({ fan: e.currentTarget.checked })}
      />
      {wrong && <p role="alert">Give at most {degreesApart(80)} off, 15 to 300 cm, and 1 to 20 racks.</p>}
      <div className={classes.actions}>
        <Button type="submit" disabled={oven.name.trim() === '' || wrong}>
          Keep the oven
        </Button>
        <Button variant="subtle" onClick={onDone}>
          Cancel
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
    <section className={`sheet ${classes.panel}`} aria-labelledby="ovens">
      <div className={classes.row}>
        <h2 id="ovens">Ovens</h2>
        {open !== 'new' && (
          <Button size="compact-md" onClick={() => setOpen('new')}>
            Add an oven
          </Button>
        )}
      </div>
      {trouble}
      {open === 'new' && (
        <OvenForm
          start={{ ...NEW_OVEN, id: crypto.randomUUID() }}
          onKeep={keep}
          onDone={() => setOpen(null)}
        />
      )}
      {ovens.length === 0 && open !== 'new' && (
        <p className="quiet">None yet. Say how far yours is from what it says, and Bake tells what to set.</p>
      )}
      <ul className={classes.list}>
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
                    ? 'runs true'
                    : `${degreesApart(Math.abs(o.offsetC))} ${o.offsetC > 0 ? 'hotter' : 'cooler'} than it says`}
                  <span className="quiet">
                    , {o.fan ? 'with a fan' : 'no fan'}, {o.widthCm} cm wide, {counted(o.racks, 'rack')}
                  </span>
                </p>
                {ovens.length > 1 && (
                  <Radio
                    name="oven"
                    label="Bake in this one"
                    aria-label={`Bake in ${o.name}`}
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
                  sayDone(`${o.name} is off the list`, () => set({ ovens }));
                }}
              />
            </li>
          ),
        )}
      </ul>
      {timed > 0 && (
        <p className="small quiet">
          {counted(timed, 'bake')} timed: the times told at Bake follow them, kind by kind.
        </p>
      )}
    </section>
  );
}
