import type { Problem, ProblemCode } from '../../contract/problem';
import { problemsSentences } from './data/en/sentences/problems';

const W = problemsSentences;

type Args = Problem['args'];
export type Says = (args: Args) => string;
/** What goes wrong at the door has its words with the pages there. */
export type DoorCode =
  | 'session.wrong'
  | 'session.locked'
  | 'session.tooMany'
  | 'session.notFound'
  | 'code.wrong'
  | 'passphrase.weak'
  | 'people.signInTaken'
  | 'people.lastOwner'
  | 'people.alreadySetUp'
  | 'people.off'
  | 'person.notFound';

const SAYS: Record<Exclude<ProblemCode, DoorCode>, Says> = {
  'draft.conflict': () => W.anotherTabHasChangedThis,
  'formula.notFound': () => W.thisFormulaIsNotHere,
  'version.notFound': () => W.thisVersionIsNotKnown,
  'body.invalid': ({ message }) => W.somethingInItCannotBe({ message: String(message ?? '') }),
  'backup.notOurs': () => W.itWasNotMadeHere,
  'backup.edition': () => W.itWasMadeByA,
  'backup.cut': () => W.thisBackupIsIncompleteOr,
  'backup.twice': ({ what }) => W.isInItTwiceTry({ what: String(what ?? '') }),
  'backup.tooLarge': () => W.itIsLargerThanCan,
  'backup.busy': () => W.anotherFileIsBeingTaken,
  'version.otherFormula': () => W.aVersionInItBelongs,
  'aside.notFound': () => W.thisCopyIsNotThere,
  'kitchen.changed': () => W.theKitchenIsBeingChanged,
  'eater.changed': () => W.itWasChangedInAnother,
  'way.changed': () => W.itWasChangedInAnother,
  'day.changed': () => W.itWasChangedInAnother,
  'work.busy': () => W.theServerHasMuchTo,
  'store.busy': () => W.theServerHasMuchTo,
  'store.full': () => W.theDiskIsFullNothing,
  'store.restarted': () => W.theStoreWasStartedAgain,
  'request.foreign': () => W.thePageComesFromAnother,
  'body.notJson': () => W.whatWasSentDidNot,
  'body.wrongType': () => W.whatWasSentDidNot,
  'backup.torn': ({ what }) => W.theFileDoesNotHang({ what: String(what ?? '') }),
  'pantry.notFound': () => W.itIsNotInThe,
  'pantry.changed': () => W.itWasChangedElsewhereIn,
  'pantry.unknownId': ({ id }) => W.itSpeaksOfWhichIs({ id: String(id ?? '') }),
  'pantry.cycle': () => W.aBlendCannotHoldAnother,
  'day.notFound': () => W.thisBakeDayIsNot,
  'run.notFound': () => W.thisRunIsNotOn,
  'trial.notFound': () => W.thisTrialIsNotIn,
  'trial.changed': () => W.itWasChangedElsewhereIn,
  'experiment.notFound': () => W.thisExperimentIsNotIn,
  'experiment.changed': () => W.itWasChangedElsewhereIn,
  'tasting.notFound': () => W.thisTastingIsNotIn,
  'tasting.changed': () => W.itWasChangedElsewhereIn,
  'photo.notFound': () => W.thisPhotoIsNotHere,
  'photo.notJpeg': () => W.thisIsNoPhotoThat,
  'way.notFound': () => W.thisWayIsNotOn,
  'eater.notFound': () => W.thisEaterIsNotOn,
  'session.none': () => W.youAreSignedOut,
  'role.notAllowed': ({ needs }) => (needs === 'owner' ? W.onlyTheOwnerMay : W.helpersMayNot),
  'body.tooLarge': () => W.thatIsTooMuchText,
  'work.tooLong': () => W.thisTookTooLongAnd,
  'route.notFound': () => W.somethingFailedOnOurSide,
  'work.dropped': () => W.somethingFailedOnOurSide,
  'work.failed': () => W.somethingFailedOnOurSide,
  'server.failed': () => W.somethingFailedOnOurSide,
};

/** What went wrong with a call to the server, and what to do; null where it did not answer. */
export function sayProblem(code: string | null, args: Args = {}): string {
  if (code === null) return W.theServerDoesNotAnswer;
  // A newer server may have a code that this page has no words for.
  return (SAYS as Partial<Record<string, Says>>)[code]?.(args) ?? W.somethingFailedOnOurSide;
}
