import { ActionIcon, Button, NumberInput } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useMemo, useState, type ReactNode } from 'react';
import { gaugeOf, readingFault } from '../../../core/leavening';
import { fixed } from '../../words/format';
import { GAUGE_WORDS } from '../../words/data/lift';
import { GrowthChart } from './Chart';
import type { Planned } from './fields';
import { span } from './liftLines';
import classes from './lift.module.css';

/** The rise gauge: heights as they are read off, the curve through them, how long it still takes. */
export function RiseGauge({ plan, onPlan, children }: Planned & { children?: ReactNode }) {
  const { readings } = plan;
  const last = readings.at(-1);
  const [min, setMin] = useState<number | ''>(last ? last.min + 15 : 0);
  const [height, setHeight] = useState<number | ''>('');
  const typed = { min: min === '' ? Number.NaN : min, heightMm: height === '' ? Number.NaN : height };
  const fault = height === '' && min !== '' ? null : readingFault([...readings, typed]);
  const gauge = useMemo(() => gaugeOf(readings, plan.rise), [readings, plan.rise]);
  const dots = readings.map((r) => ({ min: r.min, gain: r.heightMm / readings[0]!.heightMm - 1 }));
  const left =
    gauge.leftMin !== null && gauge.state !== 'over'
      ? `About ${span(gauge.leftMin)} to ${fixed(100 * plan.rise, 0)} %, give or take ${span(gauge.spreadMin ?? 5)}.`
      : '';
  const add = () => {
    if (readingFault([...readings, typed])) return;
    onPlan({ readings: [...readings, typed] }, `reading${readings.length}`);
    setMin(typed.min + 15);
    setHeight('');
  };
  return (
    <section className={`sheet ${classes.panel}`} aria-label="Rise gauge">
      <h2>Rise gauge</h2>
      <p className="small quiet">
        Read the height of the dough off the tin, or of a spoonful in a straight jar, now and again. Target{' '}
        {fixed(100 * plan.rise, 0)} %.
      </p>
      <form
        className={classes.fields}
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <NumberInput
          label="After"
          value={min}
          suffix=" min"
          onChange={(v) => setMin(typeof v === 'number' ? v : '')}
        />
        <NumberInput
          label="Height"
          value={height}
          suffix=" mm"
          error={
            fault?.at === readings.length
              ? fault.fault === 'height'
                ? 'A height above nothing, in mm.'
                : 'Later than the reading before.'
              : null
          }
          onChange={(v) => setHeight(typeof v === 'number' ? v : '')}
        />
        <Button type="submit" disabled={height === '' || fault !== null}>
          Note it
        </Button>
      </form>
      {readings.length > 0 && (
        <ul className={classes.readings}>
          {readings.map((r, i) => (
            <li key={i} className="num">
              {r.min} min: {r.heightMm} mm
              <ActionIcon
                variant="subtle"
                color="gray"
                size={32}
                aria-label={`Take the reading at ${r.min} min out`}
                onClick={() =>
                  onPlan({ readings: readings.filter((_r, k) => k !== i) }, `out${readings.length}`)
                }
              >
                <IconX size={15} />
              </ActionIcon>
            </li>
          ))}
        </ul>
      )}
      {readings.length > 1 && (
        <p>
          <button
            type="button"
            className={classes.link}
            onClick={() => onPlan({ readings: [] }, `again${readings.length}`)}
          >
            Knocked back: begin a second proof
          </button>
        </p>
      )}
      {readings.length > 0 && (
        <p className={classes.answer} role="status" data-state={gauge.state}>
          Grown by {fixed(100 * gauge.gain, 0)} %. {GAUGE_WORDS[gauge.state]} {left}
        </p>
      )}
      {children}
      {gauge.curve.length > 0 && (
        <>
          <GrowthChart
            label={`Growth as measured. ${left}`}
            curve={gauge.curve}
            dots={dots}
            target={plan.rise}
          />
          <p className="small quiet">
            Fitted: the Gompertz curve of Zwietering et al. (1990). It would stop at about{' '}
            {fixed(100 * (gauge.most ?? 0), 0)} %.
          </p>
        </>
      )}
    </section>
  );
}
