import type { Msg } from '../../core/explain';

type Args = Msg['args'];
const s = (a: Args, key: string): string => String(a[key] ?? '');

/** What went wrong with a call to the server, and what to do. */
export function sayProblem(code: string | null, args: Args = {}): string {
  switch (code) {
    case null:
      return 'The server does not answer. Your work is kept in this browser; start New Crumb again and it is saved.';
    case 'draft.conflict':
      return 'Another tab has changed this formula in the meantime.';
    case 'formula.notFound':
      return 'This formula is not here. It may have been deleted.';
    case 'version.notFound':
      return 'This version is not known. Choose one from the formula’s own line.';
    case 'body.invalid':
      return `Something in it cannot be kept: ${s(args, 'message')}.`;
    case 'backup.notOurs':
      return 'It was not made here. Choose a file made by “Back up to a file”.';
    case 'backup.edition':
      return 'It was made by a different version of New Crumb, whose files are laid out otherwise.';
    case 'backup.cut':
      return 'This backup is incomplete or damaged. Try another copy.';
    case 'backup.twice':
      return `${s(args, 'what')} is in it twice. Try another copy.`;
    case 'backup.tooLarge':
      return 'It is larger than can be taken in. Bring it in by parts.';
    case 'backup.busy':
      return 'Another file is being taken in just now. Wait until it is done.';
    case 'version.otherFormula':
      return 'A version in it belongs to another formula here.';
    case 'aside.notFound':
      return 'This copy is not there any more: it may have been taken up in another tab.';
    case 'kitchen.changed':
      return 'The kitchen is being changed in other tabs. Make your change once more.';
    case 'eater.changed':
    case 'way.changed':
    case 'day.changed':
      return 'It was changed in another tab in the meantime.';
    case 'work.busy':
    case 'store.busy':
      return 'The server has much to do just now. Try again in a moment.';
    case 'store.full':
      return 'The disk is full: nothing more can be kept until there is room.';
    case 'store.restarted':
      return 'The store was started again. Try once more.';
    case 'request.foreign':
      return 'The page comes from another address than the server. Open New Crumb at the address it prints.';
    case 'body.notJson':
    case 'body.wrongType':
      return 'What was sent did not arrive whole. Try again.';
    case 'backup.torn':
      return `The file does not hang together: ${s(args, 'what')} names a version that is not in it. Take another copy of it.`;
    case 'pantry.notFound':
      return 'It is not in the pantry: it may have been taken out.';
    case 'pantry.changed':
      return 'It was changed elsewhere in the meantime. Open it again and make your change there.';
    case 'pantry.unknownId':
      return `It speaks of "${s(args, 'id')}", which is not there. Choose another.`;
    case 'pantry.cycle':
      return 'A blend cannot hold another blend. Put in its parts.';
    case 'day.notFound':
      return 'This bake day is not on the list any more.';
    case 'run.notFound':
      return 'This run is not on the list any more.';
    case 'trial.notFound':
      return 'This trial is not in the notebook any more.';
    case 'trial.changed':
      return 'It was changed elsewhere in the meantime. Open it again and make your change there.';
    case 'experiment.notFound':
      return 'This experiment is not in the notebook any more.';
    case 'experiment.changed':
      return 'It was changed elsewhere in the meantime. Open it again and make your change there.';
    case 'tasting.notFound':
      return 'This tasting is not in the notebook any more.';
    case 'tasting.changed':
      return 'It was changed elsewhere in the meantime. Open it again and make your change there.';
    case 'photo.notFound':
      return 'This photo is not here.';
    case 'photo.notJpeg':
      return 'This is no photo that can be read. Take another, or save it as JPEG first.';
    case 'way.notFound':
      return 'This way is not on the list any more.';
    case 'eater.notFound':
      return 'This eater is not on the list any more.';
    case 'body.tooLarge':
      return 'That is too much text at once. Split it.';
    case 'work.tooLong':
      return 'This took too long and was stopped. Try with fewer lines.';
    default:
      return 'Something failed on our side. Nothing you entered is lost; try again.';
  }
}
