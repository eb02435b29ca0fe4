import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useState } from 'react';
import type { Kitchen, KitchenTin } from '../../../contract/dto';
import { kitchenTinSchema } from '../../../contract/pantry-schemas';
import { metalOf, TIN_METALS, type TinMetal } from '../../../core/bake';
import { readTin } from '../../../core/reading';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { NumberField } from '../../parts/NumberField';
import { toastUndo } from '../../parts/toastUndo';
import { fixed } from '../../words/format';
import { METAL_WORDS, TIN_WORDS } from '../../words/data/bake';
import { ListPanel } from '../../shared/kitchen/ListPanel';
import { LineActions } from '../../shared/kitchen/LineActions';
import classes from '../../shared/kitchen/kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.tins;

/** A tin as it is typed; what it is made of and holds may be left to its words. */
type Typed = { name: string; written: string; metal: TinMetal | null; ml: number | null };

/** The tin that the words make; null where they say no size, or it has no name. */
function tinOf({ name, written, metal, ml }: Typed): KitchenTin | null {
  const read = readTin(written);
  if (!read || name.trim() === '') return null;
  const volumeMl = ml === null ? read.volumeMl : ({ value: ml, basis: 'user' } as const);
  return {
    id: crypto.randomUUID(),
    name: name.trim(),
    metal: metal ?? metalOf(read.shape),
    tin: { ...read, written: written.trim(), volumeMl },
  };
}

function TinForm({ onKeep, onDone }: { onKeep: (t: KitchenTin) => void; onDone: () => void }) {
  const form = useForm<Typed>({
    initialValues: { name: '', written: '', metal: null, ml: null },
    validateInputOnChange: true,
    validate: {
      written: (text) => (text.trim() !== '' && !readTin(text) ? TIN_WORDS.saySize : null),
    },
  });
  const made = tinOf(form.values);
  const fits = made !== null && kitchenTinSchema.isValidSync(made);
  return (
    <form
      className={classes.eaterForm}
      onSubmit={form.onSubmit(() => {
        if (!fits) return;
        onKeep(made);
        onDone();
      })}
    >
      <TextInput
        label={W.whatYouCallIt}
        {...form.getInputProps('name')}
        maxLength={120}
        required
        data-autofocus
      />
      <TextInput
        label={W.itsShapeAndSize}
        placeholder={W.text23CmRoundTin}
        {...form.getInputProps('written')}
        maxLength={80}
        required
        onChange={(e) => {
          form.setFieldValue('written', e.currentTarget.value);
          form.setFieldValue('ml', null);
        }}
      />
      <NumberField
        label={W.holdsFilledToTheBrim}
        unit={W.ml}
        most={100_000}
        description={W.workedOutFromTheSize}
        value={form.values.ml ?? Math.round(readTin(form.values.written)?.volumeMl.value ?? 0)}
        onChange={(ml) => form.setFieldValue('ml', ml)}
      />
      <NativeSelect
        label={W.madeOf}
        value={form.values.metal ?? made?.metal ?? 'tin'}
        data={TIN_METALS.map((m) => ({ value: m, label: METAL_WORDS[m] }))}
        onChange={(e) => form.setFieldValue('metal', e.currentTarget.value as TinMetal)}
      />
      <div className={classes.actions}>
        <Button type="submit" disabled={!fits}>
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
              toastUndo(W.isOffTheList({ name: t.name }), () => set({ tins }));
            }}
          />
        </li>
      ))}
    </ListPanel>
  );
}
