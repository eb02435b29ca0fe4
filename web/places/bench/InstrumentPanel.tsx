import { Button, Group, Radio, Switch, TextInput } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useEffect, useRef, useState } from 'react';
import { keyHere } from '../../api/home';
import { bluetooth, followBluetooth, type NotFound } from '../../instruments/bluetooth';
import { followProcess, isAddress, USUAL_ADDRESS } from '../../instruments/process';
import { canSpeak } from '../../instruments/speak';
import { kindOf, type Instrument } from '../../instruments/store';
import { INSTRUMENTS, useCounting, useInstruments } from '../../instruments/useInstruments';
import { fixed, grams } from '../../words/format';
import { degrees } from '../../words/heat';
import type { BenchChoices } from '../../../core/bench';
import classes from './bench.module.css';
import { StandIn } from './StandIn';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.instrumentPanel;

/** What was chosen on this device: it is the device beside the scale that speaks and goes on. */
export const useChoices = () =>
  useLocalStorage<BenchChoices>({
    key: keyHere('bench-choices'),
    defaultValue: { goesOn: false, spoken: false },
  });

const NOT_FOUND: Record<NotFound, string> = {
  none: W.noInstrumentWasChosen,
  other: W.itSendsNoWeightAnd,
  failed: W.itDoesNotAnswerWake,
};
/** Heard of within so long it sends, ms. */
const SENDS_MS = 3500;

function stateOf(i: Instrument, now: number): string {
  const last = i.readings.at(-1);
  if (i.gone) return W.theLineIsCutIt;
  if (!last || now - last.at > SENDS_MS) return W.sendsNothingWakeIt;
  const value = i.last?.value ?? null;
  if (value === null) return W.saysThatItCouldNot;
  const said = kindOf(i) === 'mass' ? grams(value) : degrees(value);
  const unit = i.last?.unit === 'lb' ? W.setToOuncesAndRead : '';
  const coarse =
    kindOf(i) === 'mass' && i.last!.step > 2 ? W.inStepsOfG({ number: fixed(i.last!.step, 0) }) : '';
  return `${said}${unit}${coarse}`;
}

/** Finds a scale or a probe by the browser's own Bluetooth. `onFound` hears how it is let go. */
function ByBluetooth({ onFound }: { onFound: (end: () => void) => void }) {
  const [notFound, setNotFound] = useState<NotFound | null>(null);
  const find = async () => {
    setNotFound(null);
    const found = await followBluetooth(INSTRUMENTS);
    if (typeof found === 'string') setNotFound(found);
    else onFound(found);
  };
  if (!bluetooth()) return <p>{W.thisBrowserHasNoBluetooth}</p>;
  return (
    <Group gap="sm" my={8}>
      <Button variant="default" onClick={() => void find()}>
        {W.findAScaleOrA}
      </Button>
      {notFound && <span role="status">{NOT_FOUND[notFound]}</span>}
    </Group>
  );
}

/** Instruments of a program on this machine. `onFollowed` hears how its line is ended. */
function OfAProgram({ onFollowed }: { onFollowed: (end: () => void) => void }) {
  const [address, setAddress] = useState(USUAL_ADDRESS);
  const [line, setLine] = useState<'none' | 'trying' | 'connected'>('none');
  const follow = () => {
    setLine('trying');
    onFollowed(followProcess(address, INSTRUMENTS, setLine));
  };
  if (line !== 'none')
    return (
      <p role="status">
        {line === 'connected' ? W.connectedTo({ address }) : W.doesNotAnswerYetIt({ address })}
      </p>
    );
  return (
    <Group gap="sm" align="end" my={8}>
      <TextInput
        label={W.instrumentsOfAProgramOn}
        value={address}
        onChange={(e) => setAddress(e.currentTarget.value.trim())}
        error={isAddress(address) ? null : W.writeWsLocalhostAndA}
      />
      <Button variant="default" disabled={!isAddress(address)} onClick={follow}>
        {W.connect}
      </Button>
    </Group>
  );
}

/** What sends, and what it sends; of several of a kind the one that counts is chosen. */
function Sending({ all }: { all: readonly Instrument[] }) {
  const counting = { mass: useCounting('mass'), temperature: useCounting('temperature') };
  const now = performance.now();
  return (
    <ul className={classes.list} aria-label={W.whatSends}>
      {all.map((i) => {
        const kind = kindOf(i);
        return (
          <li key={i.id}>
            {all.filter((x) => kindOf(x) === kind).length > 1 ? (
              <Radio
                name={`counts-${kind}`}
                label={i.name}
                checked={counting[kind]?.id === i.id}
                onChange={() => INSTRUMENTS.choose(kind, i.id)}
              />
            ) : (
              <b>{i.name}</b>
            )}
            <span className="num">{stateOf(i, now)}</span>
          </li>
        );
      })}
    </ul>
  );
}

/** Scales and probes: those that are none, those of a process on this machine, real ones by the browser's Bluetooth. */
export function InstrumentPanel({ stepG }: { stepG: number }) {
  const { all } = useInstruments();
  const [choices, setChoices] = useChoices();
  const [trying, setTrying] = useState(false);
  const [real, setReal] = useState(false);
  const ends = useRef<(() => void)[]>([]);
  useEffect(() => () => ends.current.forEach((end) => end()), []);
  const lines = (end: () => void) => void ends.current.push(end);
  return (
    <details className={classes.instruments}>
      <summary>{W.instruments({ allCount: all.length > 0 && `: ${all.length}` })}</summary>
      <Group gap="xl" my={8}>
        <Switch
          label={W.goOnByItselfWhen}
          checked={choices.goesOn}
          onChange={(e) => setChoices({ ...choices, goesOn: e.currentTarget.checked })}
        />
        <Switch
          label={W.speakNamesAndNumbers}
          checked={choices.spoken}
          disabled={!canSpeak()}
          onChange={(e) => setChoices({ ...choices, spoken: e.currentTarget.checked })}
        />
        <Switch
          label={W.tryItWithAScale}
          checked={trying}
          onChange={(e) => setTrying(e.currentTarget.checked)}
        />
        <Switch
          label={W.realOnesByBluetooth}
          checked={real}
          onChange={(e) => setReal(e.currentTarget.checked)}
        />
      </Group>
      {real && <ByBluetooth onFound={lines} />}
      <OfAProgram onFollowed={lines} />
      {trying && <StandIn stepG={stepG} />}
      {all.length > 0 && <Sending all={all} />}
    </details>
  );
}
