import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useRecoverMutation, useSignInMutation } from '../../api/people';
import { Failed } from '../../shared/Failed';
import classes from '../../shared/start.module.css';
import { doorWords } from '../../words/data/en/door';
import { isLongEnough, Passphrase } from '../../shared/Passphrase';
import { Recovery } from './Recovery';

const W = doorWords.signIn;
const F = doorWords.form;

/** Lets somebody in: by passphrase, or the owner by the recovery code. */
export function SignInForm({ onIn, ended }: { onIn: () => void; ended: boolean }) {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [code, setCode] = useState<string | null>(null);
  const [recovery, setRecovery] = useState<string | null>(null);
  const [signIn, signingIn] = useSignInMutation();
  const [recover, recovering] = useRecoverMutation();
  if (recovery !== null) return <Recovery code={recovery} onDone={onIn} />;
  const byCode = code !== null;
  const { error } = byCode ? recovering : signingIn;
  const ready =
    name.trim() !== '' && (byCode ? code.trim() !== '' && isLongEnough(passphrase) : passphrase !== '');
  async function send() {
    if (byCode) {
      const done = await recover({ signIn: name, code, passphrase });
      if ('data' in done && done.data) setRecovery(done.data.recovery);
      return;
    }
    const done = await signIn({ signIn: name, passphrase });
    if (!('error' in done)) onIn();
  }
  const turn = (to: string | null) => {
    setCode(to);
    setPassphrase('');
    signingIn.reset();
    recovering.reset();
  };
  return (
    <form
      className={`sheet ${classes.fields}`}
      onSubmit={(e) => {
        e.preventDefault();
        void send();
      }}
    >
      <h1>{ended ? W.sessionEnded : W.whoIsAtTheBench}</h1>
      {ended && <p>{W.nothingIsLost}</p>}
      {byCode && <p className="quiet">{W.askTheOwner}</p>}
      <Failed error={error} />
      <TextInput
        label={F.signInName}
        value={name}
        onChange={(e) => setName(e.currentTarget.value)}
        autoComplete="username"
        autoCapitalize="none"
        data-autofocus
        required
      />
      {byCode && (
        <TextInput
          label={W.recoveryCode}
          value={code}
          onChange={(e) => setCode(e.currentTarget.value)}
          autoCapitalize="characters"
          autoComplete="off"
          required
        />
      )}
      <Passphrase
        label={byCode ? F.newPassphrase : F.passphrase}
        fresh={byCode}
        value={passphrase}
        onChange={setPassphrase}
      />
      <div className={classes.actions}>
        <Button type="submit" disabled={!ready} loading={signingIn.isLoading || recovering.isLoading}>
          {byCode ? W.takeTheNewOne : W.signIn}
        </Button>
        <Button variant="subtle" type="button" onClick={() => turn(byCode ? null : '')}>
          {byCode ? W.backToSignIn : W.forgotten}
        </Button>
      </div>
    </form>
  );
}
