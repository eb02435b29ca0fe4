import { Button, Checkbox, Select, Switch, Textarea } from '@mantine/core';
import { useDeferredValue, useMemo } from 'react';
import { MAX_LABEL_CHARS, readLabel, type LabelFinding } from '../../../core/exclusions';
import { INGREDIENTS } from '../../../core/ingredients';
import type { LabelPhoto as PhotoOfLabel } from '../../../core/photo';
import type { PacketDoc } from '../../../core/pantry';
import { DayField } from '../../parts/DayField';
import { useKitchen } from '../../shared/useKitchen';
import { choicesFrom } from '../../pantry/choices';
import { fixed } from '../../words/format';
import { messageText } from '../../words/say';
import { AVOID_WORDS, ingredientName } from '../../words/things';
import type { FieldsProps } from './fields';
import { Facts } from './Facts';
import { LabelPhoto } from './LabelPhoto';
import { MaybeNumber, PanelFields } from './PanelFields';
import { NameField } from './NameFields';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.packetFields;

/** What is sold in packets first, then everything. */
const LIKE = [
  { group: W.soldInPackets, items: choicesFrom(INGREDIENTS.filter((i) => i.labelNeeded)) },
  { group: W.everythingElse, items: choicesFrom(INGREDIENTS.filter((i) => !i.labelNeeded)) },
];

/** `sure`: it is in it, and no mere warning. */
function Found({ title, of, sure }: { title: string; of: readonly LabelFinding[]; sure?: boolean }) {
  if (of.length === 0) return null;
  return (
    <>
      <dt className={sure ? classes.holds : undefined}>{title}</dt>
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
      <h3>{W.fromAPhoto}</h3>
      <p className="small">{W.aPhotoCanLoseA}</p>
      {photo.cutOff && (
        <Checkbox label={W.printGoesToTheEdge} checked={false} onChange={() => change({ cutOff: false })} />
      )}
      <Checkbox
        label={W.iHaveComparedEveryWord}
        checked={photo.compared}
        onChange={(e) => change({ compared: e.currentTarget.checked })}
      />
    </section>
  );
}

/** The text that a photo gave, put behind what was there; what has to be seen to in it is kept with it. */
function withPhoto(doc: PacketDoc, { text, unsure, cutOff }: PhotoOfLabel): Partial<PacketDoc> {
  const words = new Set([...(doc.photo?.unsure ?? []), ...unsure.map((w) => w.slice(0, 60))]);
  return {
    labelText: [doc.labelText.trim(), text]
      .filter((t) => t !== '')
      .join('\n')
      .slice(0, MAX_LABEL_CHARS),
    photo: {
      unsure: [...words].slice(0, 500),
      cutOff: cutOff || (doc.photo?.cutOff ?? false),
      compared: false,
    },
  };
}

/** A packet: its label at left, what the words say at right, as they are typed. */
export function PacketFields({ doc, set, preview }: FieldsProps<PacketDoc>) {
  return (
    <div className={classes.form}>
      <div className={`sheet ${classes.fields}`}>
        <NameField description={W.noBrandIsNeeded} value={doc.name} onChange={(name) => set({ name })} />
        <Select
          label={W.itIs}
          data={LIKE}
          value={doc.like || null}
          searchable
          required
          limit={80}
          nothingFoundMessage={W.nothingOfThatName}
          onChange={(v) => set({ like: v ?? '' })}
        />
        <Textarea
          label={W.labelText}
          description={W.theIngredientsTheContainsAnd}
          value={doc.labelText}
          maxLength={MAX_LABEL_CHARS}
          autosize
          minRows={5}
          maxRows={14}
          onChange={(e) => set({ labelText: e.currentTarget.value })}
        />
        <LabelPhoto onTake={(taken) => set(withPhoto(doc, taken))} />
        <PanelFields panel={doc.panel} onChange={(panel) => set({ panel })} />
        <Bought doc={doc} set={set} />
        <Switch
          label={W.useThisPacketWhereverIs({ which: doc.like ? ingredientName(doc.like, true) : W.itsKind })}
          checked={doc.everywhere}
          onChange={(e) => set({ everywhere: e.currentTarget.checked })}
        />
      </div>
      <aside className={`sheet ${classes.aside}`} aria-label={W.whatTheLabelSays}>
        <h2>{W.whatTheLabelSays}</h2>
        {doc.labelText.trim() === '' ? (
          <p className="quiet">{W.typeOrPasteTheLabel}</p>
        ) : (
          <LabelSays doc={doc} set={set} />
        )}
        {preview && (
          <section className={classes.panelPart}>
            <h3>{W.soOfThisPacket}</h3>
            <Facts of={preview} />
          </section>
        )}
        <p className="small quiet">{W.aMissingMayContainLine}</p>
      </aside>
    </div>
  );
}

type Part = Pick<FieldsProps<PacketDoc>, 'doc' | 'set'>;

/** How much it holds, what it cost, when it was opened, and what was learnt of it. */
function Bought({ doc, set }: Part) {
  const kitchen = useKitchen();
  return (
    <>
      <div className={classes.grid3}>
        <MaybeNumber
          label={W.packetHolds}
          suffix=" g"
          value={doc.packG}
          max={100_000}
          onChange={(packG) => set({ packG })}
        />
        <MaybeNumber
          label={W.price({ currency: kitchen.currency })}
          value={doc.price}
          max={100_000}
          onChange={(price) => set({ price })}
        />
        <DayField
          label={W.openedOn}
          value={doc.openedOn}
          clearable
          onChange={(openedOn) => set({ openedOn })}
        />
      </div>
      {doc.drinks && (
        <p>
          {W.drinksTimesAsMuchAs({
            number: fixed(doc.drinks.times, 2),
            count: W.bakeCount({ n: doc.drinks.runs.length }),
          })}{' '}
          <Button size="compact-md" variant="default" onClick={() => set({ drinks: undefined })}>
            {W.forgetIt}
          </Button>
        </p>
      )}
    </>
  );
}

/** What the words of the label say, and which of them have to be looked at. */
function LabelSays({ doc, set }: Part) {
  const kitchen = useKitchen();
  const text = useDeferredValue(doc.labelText);
  const reading = useMemo(() => readLabel(text, kitchen.ruleset), [text, kitchen.ruleset]);
  const open = [...new Set([...reading.unknownWords, ...(doc.photo?.unsure ?? [])])].filter(
    (w) => !doc.seenWords.includes(w),
  );
  const seen = (words: readonly string[]) => set({ seenWords: [...doc.seenWords, ...words] });
  return (
    <>
      <dl className={classes.facts} aria-live="polite">
        <Found title={W.contains} of={reading.contains} sure />
        <Found title={W.mayContain} of={reading.mayContain} />
        <Found title={W.exemptSourceNoAlarm} of={reading.exempt} />
      </dl>
      {reading.contains.length + reading.mayContain.length === 0 && <p>{W.nothingFoundAmongTheWords}</p>}
      {open.length > 0 && (
        <section className={classes.panelPart}>
          <h3>{W.wordsToLookAt}</h3>
          <p className="small">{W.nobodyHereKnowsThemOr}</p>
          <div className={classes.chips}>
            {open.slice(0, 40).map((w) => (
              <Button
                key={w}
                size="compact-md"
                variant="default"
                aria-label={W.iHaveLookedAt({ w })}
                onClick={() => seen([w])}
              >
                {w}
              </Button>
            ))}
          </div>
          <Button size="compact-md" variant="light" onClick={() => seen(open)}>
            {W.iHaveLookedAtAll}
          </Button>
        </section>
      )}
      <FromPhoto doc={doc} set={set} />
      {reading.notes.map((n) => (
        <p key={n.code}>{messageText(n)}</p>
      ))}
    </>
  );
}
