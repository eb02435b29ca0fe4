import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Kitchen, KitchenTin } from '../../../contract/dto';
import { metalOf, TIN_METALS, type TinMetal } from '../../../core/bake';
import { readTin } from '../../../core/reading';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { NumberField } from '../../parts/NumberField';
import { sayDone } from '../../parts/sayDone';
import { fixed } from '../../words/format';
import { METAL_WORDS, SAY_TIN } from '../../words/data/bake';
import { LineActions } from './LineActions';
import classes from './kitchen.module.css';

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
        error={written.trim() !== '' && !read ? SAY_TIN : null}
        onChange={(e) => {
          setWritten(e.currentTarget.value);
          setMl(null);
        }}
      />
      <NumberField
        label="Holds, filled to the brim"
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
          Cancel
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
      {adding && <TinForm onKeep={(t) => void set({ tins: [...tins, t] })} onDone={() => setAdding(false)} />}
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
            <LineActions
              name={t.name}
              onTakeOff={() => {
                void set({ tins: tins.filter((x) => x.id !== t.id) });
                sayDone(`${t.name} is off the list`, () => set({ tins }));
              }}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
