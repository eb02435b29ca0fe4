import { counted } from '../../plural';
import { catalogue } from '../../catalogue';

export const doorWords = catalogue('door', {
  form: {
    signInName: 'Name to sign in with',
    passphrase: 'Passphrase',
    newPassphrase: 'New passphrase',
    atLeast: (a: { n: number }) =>
      `At least ${a.n} characters. A few words that do not belong together are easy to keep in mind and hard to guess.`,
    lettersAndDigits: 'Letters, digits and . _ @ + - only',
    giveAName: 'Give a name',
    tooShort: (a: { n: number }) => `It has fewer than ${a.n} characters`,
    thatDidNotWork: 'That did not work',
  },
  signIn: {
    signIn: 'Sign in',
    whoIsAtTheBench: 'Who is at the bench?',
    forgotten: 'Passphrase forgotten',
    askTheOwner:
      'The owner of the kitchen can give you another passphrase. The owner comes back in with the recovery code.',
    recoveryCode: 'Recovery code',
    takeTheNewOne: 'Save the new passphrase',
    backToSignIn: 'Back to sign in',
    sessionEnded: 'You were signed out',
    nothingIsLost: 'What you entered is still on this page. Sign in and go on.',
  },
  setUp: {
    setUp: 'Set up this kitchen',
    peopleWillSignIn:
      'People sign in to it from their own devices. You are its owner: you let the others in.',
    code: 'Code',
    printedWhereStarted: 'It was printed where the server was started',
    kitchenName: 'What is the kitchen called?',
    yourName: 'Your name',
    makeIt: 'Set up',
  },
  recovery: {
    keepThisCode: 'Keep this code',
    whatItIsFor:
      'With it the owner gets back in after a forgotten passphrase. It is shown this once: print it or write it down, and keep it away from the kitchen.',
    print: 'Print',
    iHaveIt: 'I have saved it, go on',
  },
  pair: {
    signThisPhoneIn: 'Sign this device in',
    codeFromTheKitchen: 'The code comes from the owner’s screen and works once, for five minutes.',
    code: 'Code',
    goIn: 'Sign in here',
  },
  problems: {
    nameAndPassphraseDoNot: 'Name and passphrase do not match. Check both and try again.',
    tooOftenWrong: (a: { minutes: number }) =>
      `Too many wrong passphrases. Try again in ${counted(a.minutes, 'minute')}.`,
    tooManyTries: 'There were too many tries from here. Wait ten minutes and try again.',
    thatDeviceIsSignedOut: 'That device is signed out already.',
    theCodeIsNotRight: 'The code is wrong, already used or too old. Check it, or ask for another.',
    thePassphraseIsEasy: 'This passphrase is easy to guess. Use a few words that do not belong together.',
    thatNameIsTaken: 'Somebody already signs in with that name. Choose another.',
    aKitchenNeedsAnOwner: 'A kitchen needs an owner. Make somebody else the owner first.',
    thisKitchenHasAnOwner: 'This kitchen already has an owner. Sign in.',
    nobodySignsInHere: 'Nobody signs in here: this kitchen is on this computer only.',
    theyAreNotOnThe: 'They are not on the list any more.',
  },
});
