import { Button, Group, Slider } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { ScaleStandIn, USUAL_SCALE } from '../../../core/bench';
import { INSTRUMENTS } from '../../instruments/useInstruments';
import { grams } from '../../words/format';
import classes from './bench.module.css';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.standIn;

/** Ten readings a second, as a quick scale sends them. */
const EVERY_MS = 100;
/** What is poured a second at the slider's end, g. */
const MOST_A_SECOND = 60;
const ID = 'page:scale';

/** A scale that is none, to try the bench with: it is poured on and lifted here, and sends packets as a real one would. */
export function StandIn({ stepG }: { stepG: number }) {
  const scale = useRef<ScaleStandIn | null>(null);
  scale.current ??= new ScaleStandIn({ ...USUAL_SCALE, stepG: Math.max(0.1, stepG) }, 7);
  const [pour, setPour] = useState(0);
  const [off, setOff] = useState(false);
  const [ounces, setOunces] = useState(false);
  const [load, setLoad] = useState(0);
  useEffect(() => {
    INSTRUMENTS.add({ id: ID, name: W.scaleOfThisPage, from: 'page', characteristic: 'fineWeight' });
    return () => INSTRUMENTS.remove(ID);
  }, []);
  useEffect(() => {
    const timer = setInterval(() => {
      const s = scale.current!;
      const now = performance.now();
      if (pour > 0) s.put((pour * EVERY_MS) / 1000, now);
      setLoad(s.loadG);
      const packet = off ? null : s.packet(now);
      if (packet) INSTRUMENTS.packet(ID, new DataView(packet.buffer as ArrayBuffer), now);
    }, EVERY_MS);
    return () => clearInterval(timer);
  }, [pour, off]);
  const put = (g: number) => scale.current!.put(g, performance.now());
  return (
    <section className={`sheet ${classes.standin}`} aria-label={W.aScaleToTryWith}>
      <h2>{W.aScaleToTryWith}</h2>
      <p className="small quiet">{W.noRealOnePourHere({ amount: grams(load) })}</p>
      <Slider
        label={null}
        min={0}
        max={MOST_A_SECOND}
        value={pour}
        thumbLabel={W.pourGramsASecond}
        onChange={setPour}
        onChangeEnd={() => setPour(0)}
      />
      <Group gap={8} mt={10}>
        {[1, 5, 25, 100].map((g) => (
          <Button key={g} size="compact-md" variant="default" onClick={() => put(g)}>
            + {g} g
          </Button>
        ))}
        <Button size="compact-md" variant="default" onClick={() => put(-scale.current!.loadG - 250)}>
          {W.liftTheBowl}
        </Button>
        <Button size="compact-md" variant="default" onClick={() => put(-scale.current!.loadG)}>
          {W.emptyIt}
        </Button>
        <Button
          size="compact-md"
          variant="default"
          onClick={() => {
            scale.current!.set.unit = ounces ? 'kg' : 'lb';
            setOunces(!ounces);
          }}
        >
          {ounces ? W.setItToGrams : W.setItToOunces}
        </Button>
        <Button size="compact-md" variant="default" onClick={() => setOff(!off)}>
          {off ? W.turnItOn : W.turnItOff}
        </Button>
      </Group>
    </section>
  );
}
