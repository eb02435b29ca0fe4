import { Button, Chip, TagsInput } from '@mantine/core';
import {
  EXCLUSION_IDS,
  PRESET_IDS,
  PRESETS,
  USUAL_EXCLUSIONS,
  type ExclusionId,
} from '../../core/exclusions';
import { EXCLUSION_WORDS } from '../words/data/names';
import { PRESET_WORDS } from '../words/data/terms';
import classes from './frame.module.css';
import { deskWords } from '../words/data/en/desk';

const W = deskWords.exclusionChips;

const OTHERS = EXCLUSION_IDS.filter((e) => !USUAL_EXCLUSIONS.includes(e));

/** Chips of what can be left out. Pressing one takes it out or lets it stay. */
export function ExclusionChips({
  of,
  value,
  onChange,
}: {
  of: readonly ExclusionId[];
  value: readonly ExclusionId[];
  onChange: (value: ExclusionId[]) => void;
}) {
  return (
    <Chip.Group
      multiple
      value={value.filter((v) => of.includes(v))}
      onChange={(v) =>
        onChange(EXCLUSION_IDS.filter((e) => (of.includes(e) ? v.includes(e) : value.includes(e))))
      }
    >
      {of.map((e) => (
        <Chip key={e} value={e} size="md" color="beet" variant="light" aria-label={EXCLUSION_WORDS[e].button}>
          {EXCLUSION_WORDS[e].name}
        </Chip>
      ))}
    </Chip.Group>
  );
}

/** Every other thing that can be left out, sets of them, and words of one's own. */
export function MoreExclusions({
  exclude,
  words,
  onChange,
}: {
  exclude: readonly ExclusionId[];
  words: readonly string[];
  onChange: (more: { exclude?: ExclusionId[]; words?: string[] }) => void;
}) {
  return (
    <div className={classes.moreOut}>
      <p className="small quiet">{W.sets}</p>
      <div className={classes.chips}>
        {PRESET_IDS.map((p) => (
          <Button
            key={p}
            size="compact-md"
            variant="default"
            onClick={() =>
              onChange({
                exclude: EXCLUSION_IDS.filter(
                  (e) => exclude.includes(e) || (PRESETS[p] as readonly ExclusionId[]).includes(e),
                ),
              })
            }
          >
            {PRESET_WORDS[p]}
          </Button>
        ))}
      </div>
      <p className="small quiet">{W.oneByOne}</p>
      <div className={classes.chips}>
        <ExclusionChips of={OTHERS} value={exclude} onChange={(v) => onChange({ exclude: v })} />
      </div>
      <TagsInput
        label={W.wordsOfYourOwn}
        description={W.whateverIsNamedSoGoes}
        value={[...words]}
        maxTags={30}
        onChange={(v) => onChange({ words: v.map((w) => w.trim().slice(0, 60)).filter(Boolean) })}
      />
    </div>
  );
}
