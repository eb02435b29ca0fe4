import { Button, NativeSelect, Radio, TextInput } from '@mantine/core';
import { useState } from 'react';
import { newPersonSchema } from '../../../contract/people-schemas';
import { ROLES, type NewPerson, type Pairing, type Person, type Role } from '../../../contract/people';
import {
  useChangePersonMutation,
  useCreatePairingMutation,
  useCreatePersonMutation,
  usePeopleQuery,
  useRemovePersonMutation,
} from '../../api/people';
import { Failed } from '../../shared/Failed';
import { ListPanel } from '../../shared/kitchen/ListPanel';
import { useSchemaForm } from '../../shared/useSchemaForm';
import classes from '../../shared/kitchen/kitchen.module.css';
import { doorWords } from '../../words/data/en/door';
import { peopleWords } from '../../words/data/en/people';
import { isLongEnough, Passphrase } from '../../shared/Passphrase';
import { PhoneCode } from './PhoneCode';

const W = peopleWords.list;
const F = doorWords.form;
const ROLE_CHOICES = ROLES.map((value) => ({
  value,
  label: `${peopleWords.roles[value]}: ${peopleWords.roleMeans[value]}`,
}));

function NewPersonForm({ onDone }: { onDone: () => void }) {
  const form = useSchemaForm<NewPerson>(newPersonSchema, {
    name: '',
    role: 'helper',
    signIn: '',
    passphrase: '',
  });
  const [create, { error, isLoading }] = useCreatePersonMutation();
  const byName = form.values.signIn !== null;
  const send = async (values: NewPerson) => {
    const done = await create(values);
    if (!('error' in done)) onDone();
  };
  return (
    <form className={classes.eaterForm} onSubmit={form.onSubmit((v) => void send(v))}>
      <Failed error={error} />
      <TextInput
        label={W.name}
        {...form.getInputProps('name')}
        error={form.errors.name ? F.giveAName : null}
        data-autofocus
        required
      />
      <NativeSelect label={W.role} data={ROLE_CHOICES} {...form.getInputProps('role')} />
      <Radio.Group
        label={W.how}
        value={byName ? 'name' : 'code'}
        onChange={(how) =>
          form.setValues(how === 'name' ? { signIn: '', passphrase: '' } : { signIn: null, passphrase: null })
        }
      >
        <Radio value="name" label={W.byName} mt={8} />
        <Radio value="code" label={W.byCode} mt={8} />
      </Radio.Group>
      {byName && (
        <>
          <TextInput
            label={F.signInName}
            value={form.values.signIn ?? ''}
            onChange={(e) => form.setFieldValue('signIn', e.currentTarget.value)}
            error={form.errors.signIn ? F.lettersAndDigits : null}
            autoComplete="off"
            autoCapitalize="none"
            required
          />
          <Passphrase
            fresh
            value={form.values.passphrase ?? ''}
            onChange={(v) => form.setFieldValue('passphrase', v)}
          />
        </>
      )}
      <div className={classes.actions}>
        <Button type="submit" loading={isLoading}>
          {W.putOnTheList}
        </Button>
        <Button variant="subtle" onClick={onDone}>
          {peopleWords.page.cancel}
        </Button>
      </div>
    </form>
  );
}

type Open = 'takeOff' | 'passphrase' | Pairing | null;

/** A new passphrase for somebody who has forgotten theirs. */
function NewPassphrase({
  loading,
  onGive,
  onClose,
}: {
  loading: boolean;
  onGive: (passphrase: string) => void;
  onClose: () => void;
}) {
  const [passphrase, setPassphrase] = useState('');
  return (
    <form
      className={classes.eaterForm}
      onSubmit={(e) => {
        e.preventDefault();
        onGive(passphrase);
      }}
    >
      <Passphrase fresh label={F.newPassphrase} value={passphrase} onChange={setPassphrase} />
      <div className={classes.actions}>
        <Button type="submit" disabled={!isLongEnough(passphrase)} loading={loading}>
          {peopleWords.page.keep}
        </Button>
        <Button variant="subtle" onClick={onClose}>
          {peopleWords.page.cancel}
        </Button>
      </div>
    </form>
  );
}

/** Asked before somebody is taken off the list. */
const TakeOff = ({
  name,
  loading,
  onTakeOff,
  onClose,
}: {
  name: string;
  loading: boolean;
  onTakeOff: () => void;
  onClose: () => void;
}) => (
  <div className={classes.eaterForm} role="group" aria-label={W.takeOff({ name })}>
    <p>{W.sure({ name })}</p>
    <div className={classes.actions}>
      <Button color="red" loading={loading} onClick={onTakeOff}>
        {W.yesTakeOff}
      </Button>
      <Button variant="subtle" onClick={onClose}>
        {peopleWords.page.cancel}
      </Button>
    </div>
  </div>
);

function PersonLine({ person, me, addresses }: { person: Person; me: string; addresses: readonly string[] }) {
  const [open, setOpen] = useState<Open>(null);
  const [change, changing] = useChangePersonMutation();
  const [remove, removing] = useRemovePersonMutation();
  const [pair, pairing] = useCreatePairingMutation();
  const close = () => setOpen(null);
  async function code() {
    const done = await pair(person.id);
    if ('data' in done && done.data) setOpen(done.data);
  }
  async function give(passphrase: string) {
    const done = await change({ id: person.id, passphrase });
    if (!('error' in done)) close();
  }
  return (
    <li>
      <div className={classes.eater}>
        <div>
          <h3>{person.name}</h3>
          <p className="small quiet">
            {person.signIn === null ? W.comesByCode : W.signsInAs({ signIn: person.signIn })}
          </p>
        </div>
        <div className={classes.actions}>
          <NativeSelect
            aria-label={W.roleOf({ name: person.name })}
            data={ROLES.map((value) => ({ value, label: peopleWords.roles[value] }))}
            value={person.role}
            onChange={(e) => void change({ id: person.id, role: e.currentTarget.value as Role })}
          />
          <Button variant="light" loading={pairing.isLoading} onClick={() => void code()}>
            {W.codeForAPhone}
          </Button>
          {person.signIn !== null && person.id !== me && (
            <Button variant="subtle" onClick={() => setOpen('passphrase')}>
              {W.newPassphrase}
            </Button>
          )}
          {person.id !== me && (
            <Button
              variant="subtle"
              color="red"
              aria-label={W.takeOff({ name: person.name })}
              onClick={() => setOpen('takeOff')}
            >
              {W.takeOffShort}
            </Button>
          )}
        </div>
      </div>
      <Failed error={changing.error ?? removing.error ?? pairing.error} />
      {open !== null && typeof open === 'object' && (
        <PhoneCode person={person} pairing={open} addresses={addresses} onDone={close} />
      )}
      {open === 'passphrase' && (
        <NewPassphrase loading={changing.isLoading} onGive={(p) => void give(p)} onClose={close} />
      )}
      {open === 'takeOff' && (
        <TakeOff
          name={person.name}
          loading={removing.isLoading}
          onTakeOff={() => void remove(person.id)}
          onClose={close}
        />
      )}
    </li>
  );
}

/** Who may sign in, what they may do, and how they come in; for the owner. */
export function WhoMaySignIn({ me, addresses }: { me: string; addresses: readonly string[] }) {
  const { data: people, error } = usePeopleQuery();
  const [adding, setAdding] = useState(false);
  return (
    <ListPanel
      id="who"
      title={W.whoMaySignIn}
      add={W.addSomebody}
      onAdd={() => setAdding(true)}
      form={adding && <NewPersonForm onDone={() => setAdding(false)} />}
      error={error}
      nothing={null}
    >
      {people?.map((p) => (
        <PersonLine key={p.id} person={p} me={me} addresses={addresses} />
      ))}
    </ListPanel>
  );
}
