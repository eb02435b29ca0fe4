import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Kitchen, KitchenTin } from '../../../contract/dto';
import { metalOf, TIN_METALS, type TinMetal } from '../../../core/bake';
import { readTin } from '../../../core/reading';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { NumberField } from '../../parts/NumberField';
import { sayDone } from '../../parts/sayDone';
import { fixed } from '../../words/format';
import { METAL_WORDS, TIN_WORDS } from '../../words/data/bake';
import { ListPanel } from '../../shared/kitchen/ListPanel';
import { LineActions } from '../../shared/kitchen/LineActions';
import classes from '../../shared/kitchen/kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.tins;

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
        label={W.whatYouCallIt}
        value={name}
        maxLength={120}
        required
        data-autofocus
        onChange={(e) => setName(e.currentTarget.value)}
      />
      <TextInput
        label={W.itsShapeAndSize}
        placeholder={W.text23CmRoundTin}
        value={written}
        maxLength={80}
        required
        error={written.trim() !== '' && !read ? TIN_WORDS.saySize : null}
        onChange={(e) => {
          setWritten(e.currentTarget.value);
          setMl(null);
        }}
      />
      <NumberField
        label={W.holdsFilledToTheBrim}
        unit={W.ml}
        most={100_000}
        description={W.workedOutFromTheSize}
        value={holds}
        onChange={setMl}
      />
      <NativeSelect
        label={W.madeOf}
        value={made}
        data={TIN_METALS.map((m) => ({ value: m, label: METAL_WORDS[m] }))}
        onChange={(e) => setMetal(e.currentTarget.value as TinMetal)}
      />
      <div className={classes.actions}>
        <Button type="submit" disabled={!read || name.trim() === '' || !(holds > 0)}>
          {W.keepTheTin}
        </Button>
        <Button variant="subtle" onClick={onDone}>
          {W.cancel}
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
    <ListPanel
      id="tins"
      title={W.tins}
      add={W.addATin}
      onAdd={() => setAdding(true)}
      form={
        adding && <TinForm onKeep={(t) => void set({ tins: [...tins, t] })} onDone={() => setAdding(false)} />
      }
      trouble={trouble}
      nothing={tins.length === 0 ? W.noneYetPutYoursHere : null}
    >
      {tins.map((t) => (
        <li key={t.id} className={classes.eater}>
          <div>
            <h3>{t.name}</h3>
            <p>
              {t.tin.written}
              <span className="quiet">
                {W.ml2({ metal: METAL_WORDS[t.metal], number: fixed(t.tin.volumeMl.value, 0) })}
              </span>
            </p>
          </div>
          <LineActions
            name={t.name}
            onTakeOff={() => {
              void set({ tins: tins.filter((x) => x.id !== t.id) });
              sayDone(W.isOffTheList({ name: t.name }), () => set({ tins }));
            }}
          />
        </li>
      ))}
    </ListPanel>
  );
}
