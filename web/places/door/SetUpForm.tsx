import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { setUpSchema } from '../../../contract/people-schemas';
import type { SetUp } from '../../../contract/people';
import { useSetUpMutation } from '../../api/people';
import { useSchemaForm } from '../../shared/useSchemaForm';
import { Failed } from '../../shared/Failed';
import classes from '../../shared/start.module.css';
import { doorWords } from '../../words/data/en/door';
import { Passphrase } from '../../shared/Passphrase';
import { Recovery } from './Recovery';

const W = doorWords.setUp;
const F = doorWords.form;

/** Makes the owner of a kitchen that has nobody yet. */
export function SetUpForm({ onIn }: { onIn: () => void }) {
  const form = useSchemaForm<SetUp>(setUpSchema, {
    code: '',
    kitchen: '',
    name: '',
    signIn: '',
    passphrase: '',
  });
  const [setUp, { error, isLoading }] = useSetUpMutation();
  const [recovery, setRecovery] = useState<string | null>(null);
  if (recovery !== null) return <Recovery code={recovery} onDone={onIn} />;
  const send = async (values: SetUp) => {
    const done = await setUp(values);
    if ('data' in done && done.data) setRecovery(done.data.recovery);
  };
  const said = (field: keyof SetUp, words: string) => (form.errors[field] ? words : null);
  return (
    <form className={`sheet ${classes.fields}`} onSubmit={form.onSubmit((v) => void send(v))}>
      <h1>{W.setUp}</h1>
      <p className="quiet">{W.peopleWillSignIn}</p>
      <Failed error={error} />
      <TextInput
        label={W.code}
        description={W.printedWhereStarted}
        {...form.getInputProps('code')}
        error={said('code', F.giveAName)}
        autoCapitalize="characters"
        autoComplete="off"
        required
      />
      <TextInput
        label={W.kitchenName}
        {...form.getInputProps('kitchen')}
        error={said('kitchen', F.giveAName)}
        required
      />
      <TextInput
        label={W.yourName}
        {...form.getInputProps('name')}
        error={said('name', F.giveAName)}
        autoComplete="name"
        required
      />
      <TextInput
        label={F.signInName}
        {...form.getInputProps('signIn')}
        error={said('signIn', F.lettersAndDigits)}
        autoComplete="username"
        autoCapitalize="none"
        required
      />
      <Passphrase
        fresh
        value={form.values.passphrase}
        onChange={(v) => form.setFieldValue('passphrase', v)}
      />
      <div className={classes.actions}>
        <Button type="submit" loading={isLoading}>
          {W.makeIt}
        </Button>
      </div>
    </form>
  );
}
