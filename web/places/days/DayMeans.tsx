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

/** Ovens of the day, what there is of counted things, and the hours outside of which nobody likes to work. */
export function DayMeans() {
  const { day, change } = useDayContext();
  const { ovens = [], tins: all = [] } = useKitchen();
  // Lidded pots are counted above, whichever they are.
  const tins = all.filter((t) => t.tin.shape !== 'pot');
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
          onChange={(e) => {
            const used = e.currentTarget.checked;
            void change((d) => ({
              ...d,
              ovenIds: used ? [...d.ovenIds, o.id] : d.ovenIds.filter((id) => id !== o.id),
            }));
          }}
        />
      ))}
      <div className={classes.fields}>
        {THINGS.map((thing) => (
          <NumberInput
            key={thing}
            label={atHead(thingName(thing))}
            value={day.counts[thing] ?? 0}
            min={0}
            max={100}
            w={130}
            allowDecimal={false}
            onChange={(v) =>
              typeof v === 'number' &&
              v >= 0 &&
              v <= 100 &&
              void change((d) => ({ ...d, counts: { ...d.counts, [thing]: v } }))
            }
          />
        ))}
      </div>
      {tins.length > 0 && (
        <div className={classes.fields}>
          {tins.map((t) => (
            <NumberInput
              key={t.id}
              label={t.name}
              placeholder={W.notCounted}
              value={day.counts[tinKey(t.id)] ?? ''}
              min={0}
              max={100}
              w={130}
              allowDecimal={false}
              onChange={(v) =>
                void change((d) => {
                  const { [tinKey(t.id)]: _was, ...counts } = d.counts;
                  return { ...d, counts: typeof v === 'number' ? { ...counts, [tinKey(t.id)]: v } : counts };
                })
              }
            />
          ))}
        </div>
      )}
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
