import { MultiSelect, Select } from '@mantine/core';
import { AVOID_IDS, GROUP_IDS, ingredientById, type AvoidId, type Fact } from '../../../core/ingredients';
import type { OwnDoc } from '../../../core/pantry';
import { REFERENCE_CHOICES } from '../../pantry/choices';
import { AVOID_WORDS, GROUP_NAMES } from '../../words/things';
import { Composition } from './Composition';
import type { FieldsProps } from './fields';
import { Facts } from './Facts';
import { MaybeNumber, PanelFields } from './PanelFields';
import { NameField, NoteField, OtherNamesField } from './NameFields';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.ownFields;

const AVOIDS = AVOID_IDS.filter((a) => a !== 'own_word').map((a) => ({ value: a, label: AVOID_WORDS[a] }));
const SAID: [Fact, string][] = [
  ['yes', W.itContains],
  ['may', W.itMayContain],
  ['no', W.lookedAtNothingFoundOf],
];

/** An ingredient of the baker's own: what it is like, what its panel says, what is known of what it holds. */
export function OwnFields({ doc, set, preview }: FieldsProps<OwnDoc>) {
  const said = (fact: Fact) => AVOID_IDS.filter((a) => doc.facts[a] === fact);
  const say = (fact: Fact, avoids: readonly AvoidId[]) => {
    const rest = Object.entries(doc.facts).filter(([a, f]) => f !== fact && !avoids.includes(a as AvoidId));
    set({ facts: Object.fromEntries([...rest, ...avoids.map((a) => [a, fact])]) as OwnDoc['facts'] });
  };
  return (
    <div className={classes.form}>
      <div className={`sheet ${classes.fields}`}>
        <div className={classes.grid2}>
          <NameField value={doc.name} onChange={(name) => set({ name })} />
          <OtherNamesField value={doc.otherNames} onChange={(otherNames) => set({ otherNames })} />
          <Select
            label={W.itIsLike}
            description={W.whatYouDoNotSay}
            data={REFERENCE_CHOICES}
            value={doc.like}
            searchable
            clearable
            clearButtonProps={{ 'aria-label': W.likeNothingInOurTable }}
            limit={60}
            nothingFoundMessage={W.nothingOfThatName}
            onChange={(v) => set({ like: v, ...(v ? { group: ingredientById(v)!.group } : {}) })}
          />
          <Select
            label={W.kind}
            description={W.whatItCanStandIn}
            data={GROUP_IDS.map((g) => ({ value: g, label: GROUP_NAMES[g] }))}
            value={doc.group}
            searchable
            allowDeselect={false}
            onChange={(v) => v && set({ group: v })}
          />
        </div>
        <PanelFields panel={doc.panel} onChange={(panel) => set({ panel })} />
        <div className={classes.grid2}>
          <MaybeNumber
            label={W.aUsCupOfIt}
            suffix=" g"
            value={doc.gPerCup}
            max={2000}
            onChange={(gPerCup) => set({ gPerCup })}
          />
          <MaybeNumber
            label={W.oneOfItWeighs}
            suffix=" g"
            value={doc.gPerPiece}
            max={20_000}
            onChange={(gPerPiece) => set({ gPerPiece })}
          />
        </div>
        {SAID.map(([fact, label]) => (
          <MultiSelect
            key={fact}
            label={label}
            data={AVOIDS}
            value={said(fact)}
            searchable
            onChange={(v) => say(fact, v)}
          />
        ))}
        <NoteField value={doc.note} onChange={(note) => set({ note })} />
      </div>
      <aside className={`sheet ${classes.aside}`} aria-label={W.whatIsKnownOfIt}>
        {preview ? (
          <>
            <Composition of={preview} />
            <Facts of={preview} />
          </>
        ) : (
          <p className="quiet">{W.whatIsKnownOfIt2}</p>
        )}
      </aside>
    </div>
  );
}
