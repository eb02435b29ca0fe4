import { readAmount } from './amount';
import { isSilent, type Matcher } from './match';
import { nameIn } from './names';

/** Another known thing that stands in a row with an amount of its own, which one line cannot hold; null where there is none. */
export function moreIn(
  tail: string,
  taken: string | null,
  matcher: Pick<Matcher, 'matchWritten'>,
): string | null {
  for (const piece of tail.split(/\s*[,;+&]\s*|\s+and\s+/)) {
    const read = readAmount(piece);
    if (!read || read.reading.unit === 'piece') continue;
    const { name } = nameIn(read.rest);
    const match = matcher.matchWritten(name, '');
    if (name !== '' && isSilent(match) && match.best!.id !== taken) return name;
  }
  return null;
}
