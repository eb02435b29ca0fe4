import { Button, Checkbox, Select, Switch, Textarea, TextInput } from '@mantine/core';
import { useDeferredValue, useMemo } from 'react';
import { MAX_LABEL_CHARS, readLabel, type LabelFinding } from '../../../core/exclusions';
import { INGREDIENTS } from '../../../core/ingredients';
import type { PacketDoc } from '../../../core/pantry';
import { useKitchen } from '../../api/useKitchen';
import { choicesFrom } from '../../pantry/choices';
import { counted, fixed } from '../../words/format';
import { say } from '../../words/say';
import { AVOID_WORDS, ingredientName } from '../../words/things';
import type { FieldsProps } from './fields';
import { Facts } from './Facts';
import { LabelPhoto } from './LabelPhoto';
import { MaybeNumber, PanelFields } from './PanelFields';
import { NameField } from './NameFields';
import classes from './pantry.module.css';

/** What is sold in packets first, then everything. */
const LIKE = [
  { group: 'sold in packets', items: choicesFrom(INGREDIENTS.filter((i) => i.labelNeeded)) },
  { group: 'everything else', items: choicesFrom(INGREDIENTS.filter((i) => !i.labelNeeded)) },
];

function Found({ title, of }: { title: string; of: readonly LabelFinding[] }) {
  if (of.length === 0) return null;
  return (
    <>
      <dt className={title === 'contains' ? classes.holds : undefined}>{title}</dt>
      <dd>
        <ul className={classes.plain}>
          {of.map((f) => (
            <li key={f.avoid}>
              {AVOID_WORDS[f.avoid]} <span className="quiet">({f.words.join(', ')})</span>
            </li>
          ))}
        </ul>
      </dd>
    </>
  );
}

/** What has to be seen to before the text of a photo is believed; until then the packet stays to be checked. */
function FromPhoto({ doc, set }: Pick<FieldsProps<PacketDoc>, 'doc' | 'set'>) {
  const { photo } = doc;
  if (!photo) return null;
  const change = (more: Partial<typeof photo>) => set({ photo: { ...photo, ...more } });
  return (
    <section className={classes.panelPart}>
      <h3>From a photo</h3>
      <p className="small">
        A photo can lose a word. Hold the packet beside this text; until you have, it stays not known what the
        packet holds.
      </p>
      {photo.cutOff && (
        <Checkbox
          label="Print goes to the edge of the photo. I have looked: nothing of the list is cut off"
          checked={false}
          onChange={() => change({ cutOff: false })}
        />
      )}
      <Checkbox
        label="I have compared every word with the packet"
        checked={photo.compared}
        onChange={(e) => change({ compared: e.currentTarget.checked })}
      />
    </section>
  );
}

/** A packet: its label at left, what the words say at right, as they are typed. */
export function PacketFields({ doc, set, preview }: FieldsProps<PacketDoc>) {
  const kitchen = useKitchen();
  const text = useDeferredValue(doc.labelText);
  const reading = useMemo(() => readLabel(text, kitchen.ruleset), [text, kitchen.ruleset]);
  const open = [...new Set([...reading.unknownWords, ...(doc.photo?.unsure ?? [])])].filter(
    (w) => !doc.seenWords.includes(w),
  );
  return (
    <div className={classes.form}>
      <div className={`sheet ${classes.fields}`}>
        <NameField description="No brand is needed" value={doc.name} onChange={(name) => set({ name })} />
        <Select
          label="It is"
          data={LIKE}
          value={doc.like || null}
          searchable
          required
          limit={80}
          nothingFoundMessage="Nothing of that name"
          onChange={(v) => set({ like: v ?? '' })}
        />
        <Textarea
          label="Label text"
          description="The ingredients, the “contains” and the “may contain” lines, as printed"
          value={doc.labelText}
          maxLength={MAX_LABEL_CHARS}
          autosize
          minRows={5}
          maxRows={14}
          onChange={(e) => set({ labelText: e.currentTarget.value })}
        />
        <LabelPhoto
          onTake={({ text, unsure, cutOff }) =>
            set({
              labelText: [doc.labelText.trim(), text]
                .filter((t) => t !== '')
                .join('\n')
                .slice(0, MAX_LABEL_CHARS),
              photo: {
                unsure: [
                  ...new Set([...(doc.photo?.unsure ?? []), ...unsure.map((w) => w.slice(0, 60))]),
                ].slice(0, 500),
                cutOff: cutOff || (doc.photo?.cutOff ?? false),
                compared: false,
              },
            })
          }
        />
        <PanelFields panel={doc.panel} onChange={(panel) => set({ panel })} />
        <div className={classes.grid3}>
          <MaybeNumber
            label="Packet holds"
            suffix=" g"
            value={doc.packG}
            max={100_000}
            onChange={(packG) => set({ packG })}
          />
          <MaybeNumber
            label={`Price, ${kitchen.currency}`}
            value={doc.price}
            max={100_000}
            onChange={(price) => set({ price })}
          />
          <TextInput
            label="Opened on"
            type="date"
            value={doc.openedOn ?? ''}
            onChange={(e) => set({ openedOn: e.currentTarget.value || null })}
          />
        </div>
        {doc.drinks && (
          <p>
            Drinks {fixed(doc.drinks.times, 2)} times as much as its kind, learnt from{' '}
            {counted(doc.drinks.runs.length, 'bake')}.{' '}
            <Button size="compact-md" variant="default" onClick={() => set({ drinks: undefined })}>
              Forget it
            </Button>
          </p>
        )}
        <Switch
          label={`Use this packet wherever ${doc.like ? ingredientName(doc.like, true) : 'its kind'} is asked for`}
          checked={doc.everywhere}
          onChange={(e) => set({ everywhere: e.currentTarget.checked })}
        />
      </div>
      <aside className={`sheet ${classes.aside}`} aria-label="What the label says">
        <h2>What the label says</h2>
        {doc.labelText.trim() === '' && (
          <p className="quiet">Type or paste the label; what its words name stands here at once.</p>
        )}
        {doc.labelText.trim() !== '' && (
          <>
            <dl className={classes.facts} aria-live="polite">
              <Found title="contains" of={reading.contains} />
              <Found title="may contain" of={reading.mayContain} />
              <Found title="exempt source, no alarm" of={reading.exempt} />
            </dl>
            {reading.contains.length + reading.mayContain.length === 0 && (
              <p>Nothing found among the words that are known.</p>
            )}
            {open.length > 0 && (
              <section className={classes.panelPart}>
                <h3>Words to look at</h3>
                <p className="small">
                  Nobody here knows them, or the photo did not show them clearly. Look at each on the packet.
                  Until then it stays not known what this packet holds.
                </p>
                <div className={classes.chips}>
                  {open.slice(0, 40).map((w) => (
                    <Button
                      key={w}
                      size="compact-md"
                      variant="default"
                      aria-label={`I have looked at ${w}`}
                      onClick={() => set({ seenWords: [...doc.seenWords, w] })}
                    >
                      {w}
                    </Button>
                  ))}
                </div>
                <Button
                  size="compact-md"
                  variant="light"
                  onClick={() => set({ seenWords: [...doc.seenWords, ...open] })}
                >
                  I have looked at all of them
                </Button>
              </section>
            )}
            <FromPhoto doc={doc} set={set} />
            {reading.notes.map((n) => (
              <p key={n.code}>{say(n)}</p>
            ))}
          </>
        )}
        {preview && (
          <section className={classes.panelPart}>
            <h3>So of this packet</h3>
            <Facts of={preview} />
          </section>
        )}
        <p className="small quiet">
          A missing “may contain” line proves nothing: it is voluntary. Check the label and your local food
          law.
        </p>
      </aside>
    </div>
  );
}
