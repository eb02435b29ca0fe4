import { Button } from '@mantine/core';
import { useState } from 'react';
import { useMeQuery } from '../../api/api';
import { OWN_START } from '../../api/home';
import { useChangePassphraseMutation, useSignOutMutation } from '../../api/people';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { isLongEnough, Passphrase } from '../../shared/Passphrase';
import { Failed } from '../../shared/Failed';
import classes from '../../shared/kitchen/kitchen.module.css';
import { doorWords } from '../../words/data/en/door';
import { peopleWords } from '../../words/data/en/people';
import { Deeds } from './Deeds';
import { Devices } from './Devices';
import { WhoMaySignIn } from './WhoMaySignIn';

const W = peopleWords.page;

function OwnPassphrase({ onDone }: { onDone: () => void }) {
  const [old, setOld] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [change, { error, isLoading }] = useChangePassphraseMutation();
  const [changed, setChanged] = useState(false);
  if (changed) return <Notice kind="word">{W.passphraseChanged}</Notice>;
  async function send() {
    const done = await change({ old, passphrase });
    if (!('error' in done)) setChanged(true);
  }
  return (
    <form
      className={classes.eaterForm}
      onSubmit={(e) => {
        e.preventDefault();
        void send();
      }}
    >
      <Failed error={error} />
      <Passphrase label={W.oldPassphrase} value={old} onChange={setOld} />
      <Passphrase fresh label={doorWords.form.newPassphrase} value={passphrase} onChange={setPassphrase} />
      <div className={classes.actions}>
        <Button type="submit" disabled={old === '' || !isLongEnough(passphrase)} loading={isLoading}>
          {W.keep}
        </Button>
        <Button variant="subtle" onClick={onDone}>
          {W.cancel}
        </Button>
      </div>
    </form>
  );
}

/** Who signs in here, on what, and who did what; each sees of it what their role allows. */
export function PeoplePage() {
  usePageTitle(W.people);
  const { data: me } = useMeQuery();
  const [signOut, { isLoading }] = useSignOutMutation();
  const [changing, setChanging] = useState(false);
  if (me?.state !== 'in')
    return (
      <main id="main" className={classes.page}>
        <h1>{W.people}</h1>
        {me && <Notice kind="word">{doorWords.problems.nobodySignsInHere}</Notice>}
      </main>
    );
  const { person, kitchen, sessionId, addresses } = me;
  const isOwner = person.role === 'owner';
  async function leave() {
    await signOut();
    // What is kept for when there is no network is not for who comes next.
    if ('caches' in window) await Promise.all(['read', 'pages'].map((name) => caches.delete(name)));
    location.assign(OWN_START);
  }
  return (
    <main id="main" className={classes.page}>
      <h1>{W.people}</h1>
      <p className="quiet">
        {W.signedInAs({ name: person.name, role: peopleWords.roles[person.role], kitchen })}
      </p>
      <div className={classes.actions} style={{ margin: '10px 0 16px' }}>
        <Button variant="light" loading={isLoading} onClick={() => void leave()}>
          {W.signOut}
        </Button>
        {person.signIn !== null && !changing && (
          <Button variant="subtle" onClick={() => setChanging(true)}>
            {W.changePassphrase}
          </Button>
        )}
      </div>
      {changing && <OwnPassphrase onDone={() => setChanging(false)} />}
      <div className={isOwner ? classes.columns : classes.stack}>
        {isOwner && <WhoMaySignIn me={person.id} addresses={addresses} />}
        <div className={classes.stack}>
          <Devices here={sessionId} />
        </div>
      </div>
      {isOwner && (
        <div className={classes.stack} style={{ marginTop: 18 }}>
          <Deeds />
        </div>
      )}
    </main>
  );
}
