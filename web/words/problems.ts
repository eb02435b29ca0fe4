import type { Problem } from '../../contract/problem';
import { problemsSentences } from './data/en/sentences/problems';

const W = problemsSentences;

type Args = Problem['args'];
const s = (a: Args, key: string): string => String(a[key] ?? '');

/** What went wrong with a call to the server, and what to do. */
export function sayProblem(code: string | null, args: Args = {}): string {
  switch (code) {
    case null:
      return W.theServerDoesNotAnswer;
    case 'draft.conflict':
      return W.anotherTabHasChangedThis;
    case 'formula.notFound':
      return W.thisFormulaIsNotHere;
    case 'version.notFound':
      return W.thisVersionIsNotKnown;
    case 'body.invalid':
      return W.somethingInItCannotBe({ message: s(args, 'message') });
    case 'backup.notOurs':
      return W.itWasNotMadeHere;
    case 'backup.edition':
      return W.itWasMadeByA;
    case 'backup.cut':
      return W.thisBackupIsIncompleteOr;
    case 'backup.twice':
      return W.isInItTwiceTry({ what: s(args, 'what') });
    case 'backup.tooLarge':
      return W.itIsLargerThanCan;
    case 'backup.busy':
      return W.anotherFileIsBeingTaken;
    case 'version.otherFormula':
      return W.aVersionInItBelongs;
    case 'aside.notFound':
      return W.thisCopyIsNotThere;
    case 'kitchen.changed':
      return W.theKitchenIsBeingChanged;
    case 'eater.changed':
    case 'way.changed':
    case 'day.changed':
      return W.itWasChangedInAnother;
    case 'work.busy':
    case 'store.busy':
      return W.theServerHasMuchTo;
    case 'store.full':
      return W.theDiskIsFullNothing;
    case 'store.restarted':
      return W.theStoreWasStartedAgain;
    case 'request.foreign':
      return W.thePageComesFromAnother;
    case 'body.notJson':
    case 'body.wrongType':
      return W.whatWasSentDidNot;
    case 'backup.torn':
      return W.theFileDoesNotHang({ what: s(args, 'what') });
    case 'pantry.notFound':
      return W.itIsNotInThe;
    case 'pantry.changed':
      return W.itWasChangedElsewhereIn;
    case 'pantry.unknownId':
      return W.itSpeaksOfWhichIs({ id: s(args, 'id') });
    case 'pantry.cycle':
      return W.aBlendCannotHoldAnother;
    case 'day.notFound':
      return W.thisBakeDayIsNot;
    case 'run.notFound':
      return W.thisRunIsNotOn;
    case 'trial.notFound':
      return W.thisTrialIsNotIn;
    case 'trial.changed':
      return W.itWasChangedElsewhereIn;
    case 'experiment.notFound':
      return W.thisExperimentIsNotIn;
    case 'experiment.changed':
      return W.itWasChangedElsewhereIn;
    case 'tasting.notFound':
      return W.thisTastingIsNotIn;
    case 'tasting.changed':
      return W.itWasChangedElsewhereIn;
    case 'photo.notFound':
      return W.thisPhotoIsNotHere;
    case 'photo.notJpeg':
      return W.thisIsNoPhotoThat;
    case 'way.notFound':
      return W.thisWayIsNotOn;
    case 'eater.notFound':
      return W.thisEaterIsNotOn;
    case 'session.none':
      return W.youAreSignedOut;
    case 'role.notAllowed':
      return args.needs === 'owner' ? W.onlyTheOwnerMay : W.helpersMayNot;
    case 'body.tooLarge':
      return W.thatIsTooMuchText;
    case 'work.tooLong':
      return W.thisTookTooLongAnd;
    default:
      return W.somethingFailedOnOurSide;
  }
}
