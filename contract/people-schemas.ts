import { string } from 'yup';
import { LEAST_PASSPHRASE, MOST_PASSPHRASE, ROLES } from './people';
import { obj, text } from './shapes';

const name = () => text(60).trim().min(1);
const role = () => string().oneOf(ROLES);
/** Letters, digits and a few signs, so that it is typed the same on every keyboard. */
const signIn = () =>
  text(60)
    .min(2)
    .matches(/^[\p{L}\p{N}._@+-]+$/u, '${path} may have letters, digits and . _ @ + - only');
const passphrase = () => text(MOST_PASSPHRASE).min(LEAST_PASSPHRASE);
/** What is typed to be let in is only looked at, never refused for its form. */
const tried = () => text(MOST_PASSPHRASE).min(1);
const code = () => text(60).min(1);

export const setUpSchema = obj({
  code: code().required(),
  kitchen: name().required(),
  name: name().required(),
  signIn: signIn().required(),
  passphrase: passphrase().required(),
});
export const signInSchema = obj({ signIn: tried().required(), passphrase: tried().required() });
export const recoverSchema = obj({
  signIn: tried().required(),
  code: code().required(),
  passphrase: passphrase().required(),
});
export const pairSchema = obj({ code: code().required() });
export const newPassphraseSchema = obj({ old: tried().required(), passphrase: passphrase().required() });
export const newPersonSchema = obj({
  name: name().required(),
  role: role().required(),
  signIn: signIn().nullable().defined(),
  passphrase: passphrase().nullable().defined(),
});
export const changePersonSchema = obj({ name: name(), role: role(), passphrase: passphrase() });
export const pairingSchema = obj({ personId: text(60).min(1).required() });
export const deedQuerySchema = obj({ before: string().matches(/^\d{1,15}$/) });
