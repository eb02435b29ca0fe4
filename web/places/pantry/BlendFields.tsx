import { ActionIcon, Button, MultiSelect, NumberInput, Select } from '@mantine/core';
import { IconPlus, IconTrash } from '@tabler/icons-react';
import { INGREDIENTS } from '../../../core/ingredients';
import { percentSum, type BlendDoc } from '../../../core/pantry';
import { choicesFrom, choicesOf } from '../../pantry/choices';
import { usePantry } from '../../pantry/usePantry';
import { fixed, PERCENT, tenths } from '../../words/format';
import { Composition } from './Composition';
import type { FieldsProps } from './fields';
import { Facts } from './Facts';
import { NameField, NoteField, OtherNamesField } from './NameFields';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.blendFields;

const BLENDS = choicesFrom(INGREDIENTS.filter((i) => i.group === 'blend'));

/** The parts and their shares, which need not add to a hundred. */
function Parts({ doc, set }: Pick<FieldsProps<BlendDoc>, 'doc' | 'set'>) {
  const { pantry } = usePantry();
  const sum = percentSum(doc);
  const choices = choicesOf(pantry).filter((c) => pantry.byId(c.value)?.kind !== 'blend');
  const part = (k: number, more: Partial<BlendDoc['parts'][number]>) =>
    set({ parts: doc.parts.map((p, i) => (i === k ? { ...p, ...more } : p)) });
  return (
    <fieldset className={classes.fieldset}>
      <legend>{W.parts}</legend>
      {doc.parts.map((p, k) => (
        <div key={k} className={classes.part}>
          <Select
            label={W.part({ k: k + 1 })}
            data={choices}
            value={p.id || null}
            searchable
            limit={60}
            nothingFoundMessage={W.nothingOfThatName}
            onChange={(v) => part(k, { id: v ?? '' })}
          />
          <NumberInput
            label={W.share}
            aria-label={W.shareOfPart({ k: k + 1 })}
            value={p.percent}
            min={0}
            max={1000}
            decimalScale={2}
            suffix={PERCENT}
            hideControls
            onChange={(v) => part(k, { percent: typeof v === 'number' ? v : 0 })}
          />
          <ActionIcon
            variant="subtle"
            color="gray"
            size={42}
            aria-label={W.takeOutPart({ k: k + 1 })}
            onClick={() => set({ parts: doc.parts.filter((_, i) => i !== k) })}
          >
            <IconTrash size={18} />
          </ActionIcon>
        </div>
      ))}
      <div className={classes.sum}>
        <Button
          variant="default"
          size="compact-md"
          leftSection={<IconPlus size={16} aria-hidden="true" />}
          disabled={doc.parts.length >= 30}
          onClick={() => set({ parts: [...doc.parts, { id: '', percent: Math.max(0, 100 - sum) }] })}
        >
          {W.addAPart}
        </Button>
        <b className="num" role="status">
          {`${tenths(sum)}${PERCENT}`}
          {doc.parts.length > 0 && Math.abs(sum - 100) > 0.05 && (
            <span className="quiet"> {W.takenAsPartsOfTheir}</span>
          )}
        </b>
      </div>
    </fieldset>
  );
}

/** A blend: its parts in percent at left, what that makes at right. */
export function BlendFields({ doc, set, preview }: FieldsProps<BlendDoc>) {
  return (
    <div className={classes.form}>
      <div className={`sheet ${classes.fields}`}>
        <NameField value={doc.name} onChange={(name) => set({ name })} />
        <Parts doc={doc} set={set} />
        <MultiSelect
          label={W.useItWhereverTheseAre}
          data={BLENDS}
          value={doc.standsFor}
          onChange={(standsFor) => set({ standsFor })}
        />
        <OtherNamesField value={doc.otherNames} onChange={(otherNames) => set({ otherNames })} />
        <NoteField value={doc.note} onChange={(note) => set({ note })} />
      </div>
      <aside className={`sheet ${classes.aside}`} aria-label={W.whatThatMakes}>
        {preview ? (
          <>
            <Composition of={preview} />
            <p>{W.takesUpGWaterFor({ number: fixed(preview.absorption.value, 2) })}</p>
            <Facts of={preview} />
          </>
        ) : (
          <p className="quiet">{W.nameItAndPutIn}</p>
        )}
      </aside>
    </div>
  );
}
