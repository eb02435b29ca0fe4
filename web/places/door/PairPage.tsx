import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { OWN_START } from '../../api/home';
import { usePairMutation } from '../../api/people';
import { usePageTitle } from '../../parts/usePageTitle';
import { Failed } from '../../shared/Failed';
import classes from '../../shared/start.module.css';
import { doorWords } from '../../words/data/en/door';

const W = doorWords.pair;

/** Signs a phone in by a code. It stands after the # of the address, which no server is sent. */
export function PairPage() {
  usePageTitle(W.signThisPhoneIn);
  const [code, setCode] = useState(() => decodeURIComponent(location.hash.slice(1)));
  const [pair, { error, isLoading }] = usePairMutation();
  async function goIn() {
    const done = await pair(code);
    // Everything is fetched anew, and the code is in no history.
    if (!('error' in done)) location.replace(OWN_START);
  }
  return (
    <main id="main" className={classes.page}>
      <form
        className={`sheet ${classes.fields}`}
        onSubmit={(e) => {
          e.preventDefault();
          void goIn();
        }}
      >
        <h1>{W.signThisPhoneIn}</h1>
        <p className="quiet">{W.codeFromTheKitchen}</p>
        <Failed error={error} />
        <TextInput
          label={W.code}
          value={code}
          onChange={(e) => setCode(e.currentTarget.value)}
          autoCapitalize="characters"
          autoComplete="one-time-code"
          required
        />
        <div className={classes.actions}>
          <Button type="submit" disabled={code.trim() === ''} loading={isLoading}>
            {W.goIn}
          </Button>
        </div>
      </form>
    </main>
  );
}
