import { ActionIcon, Button, MultiSelect, NumberInput, Select } from '@mantine/core';
import { IconPlus, IconTrash } from '@tabler/icons-react';
import { INGREDIENTS } from '../../../core/ingredients';
import { percentSum, type BlendDoc } from '../../../core/pantry';
import { choicesFrom, choicesOf } from '../../pantry/choices';
import { usePantry } from '../../pantry/usePantry';
import { fixed } from '../../words/format';
import { Composition } from './Composition';
import type { FieldsProps } from './fields';
import { Facts } from './Facts';
import { NameField, NoteField, OtherNamesField } from './NameFields';
import classes from './pantry.module.css';

const BLENDS = choicesFrom(INGREDIENTS.filter((i) => i.group === 'blend'));

/** A blend: its parts in percent at left, what that makes at right. */
export function BlendFields({ doc, set, preview }: FieldsProps<BlendDoc>) {
  const { pantry } = usePantry();
  const sum = percentSum(doc);
  const choices = choicesOf(pantry).filter((c) => pantry.byId(c.value)?.kind !== 'blend');
  const part = (k: number, more: Partial<BlendDoc['parts'][number]>) =>
    set({ parts: doc.parts.map((p, i) => (i === k ? { ...p, ...more } : p)) });
  return (
    <div className={classes.form}>
      <div className={`sheet ${classes.fields}`}>
        <NameField value={doc.name} onChange={(name) => set({ name })} />
        <fieldset className={classes.fieldset}>
          <legend>Parts</legend>
          {doc.parts.map((p, k) => (
            <div key={k} className={classes.part}>
              <Select
                label={`Part ${k + 1}`}
                data={choices}
                value={p.id || null}
                searchable
                limit={60}
                nothingFoundMessage="Nothing of that name"
                onChange={(v) => part(k, { id: v ?? '' })}
              />
              <NumberInput
                label="Share"
                aria-label={`Share of part ${k + 1}`}
                value={p.percent}
                min={0}
                max={1000}
                decimalScale={2}
                suffix=" %"
                hideControls
                onChange={(v) => part(k, { percent: typeof v === 'number' ? v : 0 })}
              />
              <ActionIcon
                variant="subtle"
                color="gray"
                size={42}
                aria-label={`Take out part ${k + 1}`}
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
              Add a part
            </Button>
            <b className="num" role="status">
              {fixed(sum, sum % 1 === 0 ? 0 : 1)} %
              {doc.parts.length > 0 && Math.abs(sum - 100) > 0.05 && (
                <span className="quiet"> taken as parts of their sum</span>
              )}
            </b>
          </div>
        </fieldset>
        <MultiSelect
          label="Use it wherever these are asked for"
          data={BLENDS}
          value={doc.standsFor}
          onChange={(standsFor) => set({ standsFor })}
        />
        <OtherNamesField value={doc.otherNames} onChange={(otherNames) => set({ otherNames })} />
        <NoteField value={doc.note} onChange={(note) => set({ note })} />
      </div>
      <aside className={`sheet ${classes.aside}`} aria-label="What that makes">
        {preview ? (
          <>
            <Composition of={preview} />
            <p>Takes up {fixed(preview.absorption.value, 2)} g water for each gram.</p>
            <Facts of={preview} />
          </>
        ) : (
          <p className="quiet">Name it and put in its parts: what they make together stands here.</p>
        )}
      </aside>
    </div>
  );
}
