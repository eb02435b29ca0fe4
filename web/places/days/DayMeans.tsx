import { atHead } from '../../words/case';
import { Button, Checkbox, NumberInput } from '@mantine/core';
import { Link } from 'react-router';
import { USUAL_HOURS } from '../../../contract/dto';
import { THINGS, tinKey } from '../../../core/schedule';
import { useKitchen } from '../../shared/useKitchen';
import { HoursField } from '../../parts/HoursField';
import { thingName } from '../../words/dayWords';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.dayMeans;

/** What there is so many of: mixers and the like, and the tins of the kitchen, which may be left uncounted. */
function Counts() {
  const { day, change } = useDayContext();
  const { tins: all = [] } = useKitchen();
  // Lidded pots are counted above, whichever they are.
  const tins = all.filter((t) => t.tin.shape !== 'pot');
  const count = (key: string, to: number | undefined): void =>
    void change((d) => {
      const { [key]: _was, ...counts } = d.counts;
      return { ...d, counts: to === undefined ? counts : { ...counts, [key]: to } };
    });
  const field = { min: 0, max: 100, w: 130, allowDecimal: false };
  return (
    <>
      <div className={classes.fields}>
        {THINGS.map((thing) => (
          <NumberInput
            key={thing}
            {...field}
            label={atHead(thingName(thing))}
            value={day.counts[thing] ?? 0}
            onChange={(v) => typeof v === 'number' && v >= 0 && v <= 100 && count(thing, v)}
          />
        ))}
      </div>
      {tins.length > 0 && (
        <div className={classes.fields}>
          {tins.map((t) => (
            <NumberInput
              key={t.id}
              {...field}
              label={t.name}
              placeholder={W.notCounted}
              value={day.counts[tinKey(t.id)] ?? ''}
              onChange={(v) => count(tinKey(t.id), typeof v === 'number' ? v : undefined)}
            />
          ))}
        </div>
      )}
    </>
  );
}

/** Ovens of the day, what there is of counted things, and the hours outside of which nobody likes to work. */
export function DayMeans() {
  const { day, change } = useDayContext();
  const { ovens = [] } = useKitchen();
  const use = (id: string, used: boolean): void =>
    void change((d) => ({
      ...d,
      ovenIds: used ? [...d.ovenIds, id] : d.ovenIds.filter((other) => other !== id),
    }));
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.whatThereIs}>
      <h2>{W.whatThereIs}</h2>
      {ovens.length === 0 && (
        <p className="small">
          {W.noOvenIsKnownA} <Link to="/kitchen">{W.putYoursIntoTheKitchen}</Link>.
        </p>
      )}
      {ovens.map((o) => (
        <Checkbox
          key={o.id}
          label={o.name}
          checked={day.ovenIds.includes(o.id)}
          onChange={(e) => use(o.id, e.currentTarget.checked)}
        />
      ))}
      <Counts />
      <Checkbox
        label={W.ratherNotWorkEarlyOr}
        checked={day.usual !== null}
        onChange={(e) => {
          const usual = e.currentTarget.checked ? USUAL_HOURS : null;
          void change((d) => ({ ...d, usual }));
        }}
      />
      {day.usual && (
        <HoursField
          label={[W.ratherFrom, W.to]}
          value={day.usual}
          onChange={(usual) => void change((d) => ({ ...d, usual }))}
        />
      )}
      <Checkbox
        label={W.nothingMayBeLate}
        description={W.proofsAndBakesArePlanned}
        checked={day.careful ?? false}
        onChange={(e) => {
          const careful = e.currentTarget.checked;
          void change((d) => ({ ...d, careful }));
        }}
      />
      {Object.keys(day.pins).length > 0 && (
        <Button variant="default" onClick={() => void change((d) => ({ ...d, pins: {} }))}>
          {W.letGoOfWhatWas({ keysCount: Object.keys(day.pins).length })}
        </Button>
      )}
    </section>
  );
}
