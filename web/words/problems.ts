import type { Msg } from '../../core/explain';

type Args = Msg['args'];
const s = (a: Args, key: string): string => String(a[key] ?? '');

/** What went wrong with a call to the server, and what to do. */
export function sayProblem(code: string | null, args: Args = {}): string {
  switch (code) {
    case null:
      return 'The server does not answer. Your work is kept in this browser; start New Crumb again and it is saved.';
    case 'draft.conflict':
      return 'Another tab has changed this formula meanwhile.';
    case 'formula.notFound':
      return 'This formula is not on the shelf: it may have been deleted.';
    case 'version.notFound':
      return 'This version is not known. Choose one from the formula’s own line.';
    case 'body.invalid':
      return `Something in it cannot be kept: ${s(args, 'message')}.`;
    case 'backup.torn':
      return `The file does not hang together: ${s(args, 'what')} names a version that is not in it. Take another copy of it.`;
    case 'pantry.notFound':
      return 'It is not in the pantry: it may have been taken out.';
    case 'pantry.changed':
      return 'It was changed elsewhere meanwhile. Open it again and make your change there.';
    case 'pantry.unknownId':
      return `It speaks of "${s(args, 'id')}", which is not there. Choose another.`;
    case 'pantry.cycle':
      return 'A blend cannot hold another blend. Put in its parts.';
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
