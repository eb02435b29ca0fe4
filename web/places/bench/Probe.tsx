import type { useRun } from '../../shared/useRun';
import { Button, Switch } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { middleAt, ProbeStandIn, type Modelled } from '../../../core/bench';
import { INSTRUMENTS, useCounting } from '../../instruments/useInstruments';
import { HeatField } from '../../parts/HeatField';
import { degrees } from '../../words/heat';
import classes from './bench.module.css';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.oven;
const MIN_MS = 60_000;

/** A reading in half a minute is enough: more would only fill the store. */
const PROBE_EVERY_MS = 30_000;
const PAGE_PROBE = 'page:probe';

/** The middle by a probe: typed, or sent by one; a stand-in follows the forecast, somewhat slower. */
export function Probe({
  model,
  inAt,
  nowMs,
  last,
  tell,
}: {
  model: Modelled | null;
  inAt: number;
  nowMs: number;
  last: number | null;
  tell: ReturnType<typeof useRun>['tell'];
}) {
  const [typed, setTyped] = useState(last ?? 20);
  const [trying, setTrying] = useState(false);
  const probe = useCounting('temperature');
  const sent = useRef(0);
  useEffect(() => {
    if (!trying || !model) return;
    const endMin = model.curve.at(-1)!.min;
    const standIn = new ProbeStandIn((min) => middleAt(model.curve, Math.min(min / 1.15, endMin)));
    INSTRUMENTS.add({
      id: PAGE_PROBE,
      name: W.probeOfThisPage,
      from: 'page',
      characteristic: 'temperature',
    });
    const timer = setInterval(() => {
      const packet = standIn.packet((Date.now() - inAt) / MIN_MS);
      if (packet)
        INSTRUMENTS.packet(PAGE_PROBE, new DataView(packet.buffer as ArrayBuffer), performance.now());
    }, 1000);
    return () => {
      clearInterval(timer);
      INSTRUMENTS.remove(PAGE_PROBE);
    };
  }, [trying, model, inAt]);
  const now = probe?.gone ? null : (probe?.last?.value ?? null);
  useEffect(() => {
    if (now === null || nowMs - sent.current < PROBE_EVERY_MS) return;
    sent.current = nowMs;
    tell({ kind: 'probe', c: Math.round(10 * now) / 10 });
  }, [now, nowMs, tell]);
  return (
    <div className={classes.act}>
      {now !== null && (
        <p role="status">{W.theProbeReads({ strong: <b className="num">{degrees(now)}</b> })}</p>
      )}
      <HeatField label={W.inTheMiddle} value={typed} onChange={setTyped} />
      <Button variant="default" mt={22} onClick={() => tell({ kind: 'probe', c: typed })}>
        {W.itReadsThis}
      </Button>
      {last !== null && <span className="quiet">{W.last({ temperature: degrees(last) })}</span>}
      <Switch
        label={W.tryItWithAProbe}
        checked={trying}
        disabled={!model}
        onChange={(e) => setTrying(e.currentTarget.checked)}
      />
    </div>
  );
}
