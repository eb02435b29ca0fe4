import { counted } from '../../plural';
import type * as English from '../en/door';

export const doorWords: typeof English.doorWords = {
  form: {
    signInName: 'Anmeldename',
    passphrase: 'Passphrase',
    newPassphrase: 'Neue Passphrase',
    atLeast: (a) =>
      `Mindestens ${a.n} Zeichen. Ein paar Wörter, die nicht zusammengehören, merkt man sich leicht, und sie sind schwer zu erraten.`,
    lettersAndDigits: 'Nur Buchstaben, Ziffern und . _ @ + -',
    giveAName: 'Gib einen Namen an',
    tooShort: (a) => `Es sind weniger als ${a.n} Zeichen`,
    thatDidNotWork: 'Das ging nicht',
  },
  signIn: {
    signIn: 'Anmelden',
    whoIsAtTheBench: 'Wer steht am Arbeitstisch?',
    forgotten: 'Passphrase vergessen',
    askTheOwner:
      'Wem die Küche gehört, kann dir eine andere Passphrase geben. Selbst kommt man mit dem Ersatzcode wieder hinein.',
    recoveryCode: 'Ersatzcode',
    takeTheNewOne: 'Neue Passphrase speichern',
    backToSignIn: 'Zurück zum Anmelden',
    sessionEnded: 'Du wurdest abgemeldet',
    nothingIsLost: 'Was du eingegeben hast, steht noch auf dieser Seite. Melde dich an und mach weiter.',
  },
  setUp: {
    setUp: 'Diese Küche einrichten',
    peopleWillSignIn:
      'Andere melden sich von ihren eigenen Geräten an. Dir gehört sie: du lässt die anderen herein.',
    code: 'Code',
    printedWhereStarted: 'Er steht dort, wo der Server gestartet wurde',
    kitchenName: 'Wie heißt die Küche?',
    yourName: 'Dein Name',
    makeIt: 'Einrichten',
  },
  recovery: {
    keepThisCode: 'Heb diesen Code auf',
    whatItIsFor:
      'Mit ihm kommst du wieder hinein, wenn die Passphrase vergessen ist. Er wird nur dieses eine Mal gezeigt: Druck ihn aus oder schreib ihn auf, und verwahre ihn nicht in der Küche.',
    print: 'Drucken',
    iHaveIt: 'Ich habe ihn gespeichert, weiter',
  },
  pair: {
    signThisPhoneIn: 'Dieses Gerät anmelden',
    codeFromTheKitchen: 'Der Code steht auf dem Bildschirm der Küche. Er gilt einmal, fünf Minuten lang.',
    code: 'Code',
    goIn: 'Hier anmelden',
  },
  problems: {
    nameAndPassphraseDoNot:
      'Name und Passphrase passen nicht zusammen. Prüf beide und versuch es noch einmal.',
    tooOftenWrong: (a) =>
      `Zu viele falsche Passphrasen. Versuch es in ${counted(a.minutes, 'Minute', 'Minuten')} noch einmal.`,
    tooManyTries: 'Von hier kamen zu viele Versuche. Warte zehn Minuten und versuch es noch einmal.',
    thatDeviceIsSignedOut: 'Dieses Gerät ist schon abgemeldet.',
    theCodeIsNotRight:
      'Der Code ist falsch, schon benutzt oder zu alt. Prüf ihn, oder lass dir einen anderen geben.',
    thePassphraseIsEasy:
      'Diese Passphrase ist leicht zu erraten. Nimm ein paar Wörter, die nicht zusammengehören.',
    thatNameIsTaken: 'Mit diesem Namen meldet sich schon jemand an. Wähle einen anderen.',
    aKitchenNeedsAnOwner: 'Eine Küche braucht eine Leitung. Gib sie erst jemand anderem.',
    thisKitchenHasAnOwner: 'Diese Küche hat schon eine Leitung. Melde dich an.',
    nobodySignsInHere: 'Hier meldet sich niemand an: Diese Küche ist nur auf diesem Rechner.',
    theyAreNotOnThe: 'Diese Person ist nicht mehr auf der Liste.',
  },
};
