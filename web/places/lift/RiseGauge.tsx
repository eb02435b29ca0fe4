import { ActionIcon, Button, NumberInput } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useMemo, useState, type ReactNode } from 'react';
import { gaugeOf, readingFault } from '../../../core/leavening';
import { fixed } from '../../words/format';
import { GAUGE_WORDS } from '../../words/data/lift';
import { GrowthChart } from '../../shared/Chart';
import type { Planned } from './fields';
import { span } from '../../shared/liftLines';
import classes from './lift.module.css';
import { liftWords } from '../../words/data/en/lift';

const W = liftWords.riseGauge;

/** The next reading, noted where it can follow those before. */
function NextReading({ plan, onPlan }: Planned) {
  const { readings } = plan;
  const last = readings.at(-1);
  const [min, setMin] = useState<number | ''>(last ? last.min + 15 : 0);
  const [height, setHeight] = useState<number | ''>('');
  const typed = { min: min === '' ? Number.NaN : min, heightMm: height === '' ? Number.NaN : height };
  const fault = height === '' && min !== '' ? null : readingFault([...readings, typed]);
  const add = () => {
    if (readingFault([...readings, typed])) return;
    onPlan({ readings: [...readings, typed] }, `reading${readings.length}`);
    setMin(typed.min + 15);
    setHeight('');
  };
  const wrong = fault?.fault === 'height' ? W.aHeightAboveNothingIn : W.laterThanTheReadingBefore;
  return (
    <form
      className={classes.fields}
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <NumberInput
        label={W.after}
        value={min}
        suffix={W.min}
        onChange={(v) => setMin(typeof v === 'number' ? v : '')}
      />
      <NumberInput
        label={W.height}
        value={height}
        suffix={W.mm}
        error={fault?.at === readings.length ? wrong : null}
        onChange={(v) => setHeight(typeof v === 'number' ? v : '')}
      />
      <Button type="submit" disabled={height === '' || fault !== null}>
        {W.noteIt}
      </Button>
    </form>
  );
}

/** What was read off, each to be taken out again. */
function Readings({ plan: { readings }, onPlan }: Planned) {
  return (
    <>
      {readings.length > 0 && (
        <ul className={classes.readings}>
          {readings.map((r, i) => (
            <li key={i} className="num">
              {W.minMm({ min: r.min, heightMm: r.heightMm })}
              <ActionIcon
                variant="subtle"
                color="gray"
                size={32}
                aria-label={W.takeTheReadingAtMin({ min: r.min })}
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
            {W.knockedBackBeginASecond}
          </button>
        </p>
      )}
    </>
  );
}

/** The rise gauge: heights as they are read off, the curve through them, how long it still takes. */
export function RiseGauge({ plan, onPlan, children }: Planned & { children?: ReactNode }) {
  const { readings } = plan;
  const gauge = useMemo(() => gaugeOf(readings, plan.rise), [readings, plan.rise]);
  const dots = readings.map((r) => ({ min: r.min, gain: r.heightMm / readings[0]!.heightMm - 1 }));
  const left =
    gauge.leftMin !== null && gauge.state !== 'over'
      ? W.aboutToGiveOrTake({
          time: span(gauge.leftMin),
          number: fixed(100 * plan.rise, 0),
          time2: span(gauge.spreadMin ?? 5),
        })
      : '';
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.riseGauge}>
      <h2>{W.riseGauge}</h2>
      <p className="small quiet">{W.readTheHeightOfThe({ number: fixed(100 * plan.rise, 0) })}</p>
      <NextReading plan={plan} onPlan={onPlan} />
      <Readings plan={plan} onPlan={onPlan} />
      {readings.length > 0 && (
        <p className={classes.answer} role="status" data-state={gauge.state}>
          {W.grownBy({ number: fixed(100 * gauge.gain, 0), gauge: GAUGE_WORDS[gauge.state], left })}
        </p>
      )}
      {children}
      {gauge.curve.length > 0 && (
        <>
          <GrowthChart
            label={W.growthAsMeasured({ left })}
            curve={gauge.curve}
            dots={dots}
            target={plan.rise}
          />
          <p className="small quiet">
            {W.fittedTheGompertzCurveOf({ number: fixed(100 * (gauge.most ?? 0), 0) })}
          </p>
        </>
      )}
    </section>
  );
}
