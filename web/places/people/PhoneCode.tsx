import { Button } from '@mantine/core';
import type { Pairing, Person } from '../../../contract/people';
import { Notice } from '../../parts/Notice';
import { moment } from '../../words/format';
import classes from '../../shared/kitchen/kitchen.module.css';
import { peopleWords } from '../../words/data/en/people';
import { QrCode } from './QrCode';

const W = peopleWords.code;

/** A code for one phone of somebody: to be pointed at, or typed. */
export function PhoneCode({
  person,
  pairing,
  addresses,
  onDone,
}: {
  person: Person;
  pairing: Pairing;
  addresses: readonly string[];
  onDone: () => void;
}) {
  const [first] = addresses;
  return (
    <div className={classes.eaterForm} role="group" aria-label={W.scanIt({ name: person.name })}>
      <h3>{W.scanIt({ name: person.name })}</h3>
      {first === undefined ? (
        <Notice kind="word">{W.onThisMachineOnly}</Notice>
      ) : (
        <QrCode text={`${first}/pair#${pairing.code}`} label={W.drawing} />
      )}
      <p>
        {W.orType} {addresses.map((a) => `${a}/pair`).join(', ')}
        <br />
        <code style={{ fontSize: 20 }}>{pairing.code}</code>
      </p>
      <p className="small quiet">
        {W.endsAt({ time: moment(pairing.endsAt) })} {first?.startsWith('https:') && W.asksToTrust}
      </p>
      <div className={classes.actions}>
        <Button variant="light" onClick={onDone}>
          {W.done}
        </Button>
      </div>
    </div>
  );
}
