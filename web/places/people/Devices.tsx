import { Button } from '@mantine/core';
import { problemIn } from '../../api/ask';
import { useEndSessionMutation, useSessionsQuery } from '../../api/people';
import { Notice } from '../../parts/Notice';
import { moment } from '../../words/format';
import { sayPeopleProblem } from '../../words/peopleProblems';
import classes from '../../shared/kitchen/kitchen.module.css';
import { peopleWords } from '../../words/data/en/people';

const W = peopleWords.devices;

/** Where somebody is signed in: one's own devices, or everyone's for the owner. */
export function Devices({ here }: { here: string }) {
  const { data: sessions, error } = useSessionsQuery();
  const [end, ending] = useEndSessionMutation();
  const failed = error ?? ending.error;
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="devices">
      <h2 id="devices">{W.devices}</h2>
      {failed !== undefined && <Notice kind="trouble">{sayPeopleProblem(problemIn(failed))}</Notice>}
      <ul className={classes.list}>
        {sessions?.map(({ id, name, device, seenAt }) => (
          <li key={id} className={classes.eater}>
            <div>
              <b>{name}</b>: {device || W.unknown}
              <p className="small quiet">{id === here ? W.thisOne : W.lastSeen({ when: moment(seenAt) })}</p>
            </div>
            {id !== here && (
              <Button
                variant="subtle"
                aria-label={W.signOut({ device: device || W.unknown, name })}
                onClick={() => void end(id)}
              >
                {W.signOutShort}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
