import { Button, NativeSelect, Radio, Switch, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Kitchen, KitchenOven, KitchenTin } from '../../../contract/dto';
import { metalOf, TIN_METALS, type TinMetal } from '../../../core/bake';
import { readTin } from '../../../core/reading';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { NumberField } from '../../parts/NumberField';
import { sayTakenOff } from '../../parts/sayTakenOff';
import { counted, fixed } from '../../words/format';
import { METAL_WORDS } from '../../words/data/bake';
import classes from './kitchen.module.css';

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
      <NumberField
        label="Hotter than it says by"
        unit="°C"
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
      {wrong && <p role="alert">Give at most 80 °C off, 15 to 300 cm, and 1 to 20 racks.</p>}
      <div className={classes.actions}>
        <Button type="submit" disabled={oven.name.trim() === '' || wrong}>
          Keep the oven
        </Button>
        <Button variant="subtle" onClick={onDone}>
          Leave it
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
                    : `${Math.abs(o.offsetC)} °C ${o.offsetC > 0 ? 'hotter' : 'cooler'} than it says`}
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
              <div className={classes.actions}>
                <Button
                  size="compact-md"
                  variant="default"
                  aria-label={`Change ${o.name}`}
                  onClick={() => setOpen(o.id)}
                >
                  Change
                </Button>
                <Button
                  size="compact-md"
                  variant="subtle"
                  aria-label={`Take ${o.name} off the list`}
                  onClick={() => {
                    void set({ ovens: ovens.filter((x) => x.id !== o.id) });
                    sayTakenOff(`oven-${o.id}`, `${o.name} is off the list`, () => set({ ovens }));
                  }}
                >
                  Take off
                </Button>
              </div>
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

function TinForm({ onKeep, onDone }: { onKeep: (t: KitchenTin) => void; onDone: () => void }) {
  const [name, setName] = useState('');
  const [written, setWritten] = useState('');
  const [metal, setMetal] = useState<TinMetal | null>(null);
  const [ml, setMl] = useState<number | null>(null);
  const read = readTin(written);
  const made = metal ?? (read ? metalOf(read.shape) : 'tin');
  const holds = ml ?? (read ? Math.round(read.volumeMl.value) : 0);
  return (
    <form
      className={classes.eaterForm}
      onSubmit={(e) => {
        e.preventDefault();
        if (!read || name.trim() === '' || !(holds > 0)) return;
        const volumeMl = ml === null ? read.volumeMl : ({ value: ml, basis: 'user' } as const);
        onKeep({
          id: crypto.randomUUID(),
          name: name.trim(),
          metal: made,
          tin: { ...read, written: written.trim(), volumeMl },
        });
        onDone();
      }}
    >
      <TextInput
        label="What you call it"
        value={name}
        maxLength={120}
        required
        data-autofocus
        onChange={(e) => setName(e.currentTarget.value)}
      />
      <TextInput
        label="Its shape and size"
        placeholder="23 cm round tin"
        value={written}
        maxLength={80}
        required
        error={
          written.trim() !== '' && !read ? 'Say it with its size: 23 cm round tin, 9 x 5 in loaf tin.' : null
        }
        onChange={(e) => {
          setWritten(e.currentTarget.value);
          setMl(null);
        }}
      />
      <NumberField
        label="Holds to the rim"
        unit="mL"
        most={100_000}
        description="worked out from the size; fill it with water and weigh it to be sure"
        value={holds}
        onChange={setMl}
      />
      <NativeSelect
        label="Made of"
        value={made}
        data={TIN_METALS.map((m) => ({ value: m, label: METAL_WORDS[m] }))}
        onChange={(e) => setMetal(e.currentTarget.value as TinMetal)}
      />
      <div className={classes.actions}>
        <Button type="submit" disabled={!read || name.trim() === '' || !(holds > 0)}>
          Keep the tin
        </Button>
        <Button variant="subtle" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}

/** Tins of one's own, to be chosen at Bake. */
export function Tins({ kitchen }: { kitchen: Kitchen }) {
  const { change: set, trouble } = useChangeKitchen();
  const [adding, setAdding] = useState(false);
  const tins = kitchen.tins ?? [];
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="tins">
      <div className={classes.row}>
        <h2 id="tins">Tins</h2>
        {!adding && (
          <Button size="compact-md" onClick={() => setAdding(true)}>
            Add a tin
          </Button>
        )}
      </div>
      {trouble}
      {adding && (
        <TinForm onKeep={(t) => void set({ tins: withOne(tins, t) })} onDone={() => setAdding(false)} />
      )}
      {tins.length === 0 && !adding && (
        <p className="quiet">
          None yet. Put yours here with what they hold, and change from one to another at Bake.
        </p>
      )}
      <ul className={classes.list}>
        {tins.map((t) => (
          <li key={t.id} className={classes.eater}>
            <div>
              <h3>{t.name}</h3>
              <p>
                {t.tin.written}
                <span className="quiet">
                  , {METAL_WORDS[t.metal]}, {fixed(t.tin.volumeMl.value, 0)} mL
                </span>
              </p>
            </div>
            <Button
              size="compact-md"
              variant="subtle"
              aria-label={`Take ${t.name} off the list`}
              onClick={() => {
                void set({ tins: tins.filter((x) => x.id !== t.id) });
                sayTakenOff(`tin-${t.id}`, `${t.name} is off the list`, () => set({ tins }));
              }}
            >
              Take off
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
