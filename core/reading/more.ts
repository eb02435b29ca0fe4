import { readAmount } from './amount';
import { isSilent, type Matcher } from './match';
import { nameIn } from './names';

/** As much as is sold or taken at once, with no number: "2 passion fruit, punnet of strawberries". */
const HELD =
  /^(?:an?\s+)?(?:strips?|punnet|handful|bunch|tub|bag|box|jar|basket|few|some)\s+(?:of\s+)?(\p{L}.*)$/iu;

/** Another known thing that stands in a row with an amount of its own, which one line cannot hold; null where there is none. */
export function moreIn(
  tail: string,
  taken: string | null,
  matcher: Pick<Matcher, 'matchWritten'>,
): string | null {
  for (const piece of tail.split(/\s*[,;+&]\s*|\s+and\s+/)) {
    const held = HELD.exec(piece)?.[1];
    const read = readAmount(piece);
    if (held === undefined && (!read || read.reading.unit === 'piece')) continue;
    const { name } = nameIn(held ?? read!.rest);
    const match = matcher.matchWritten(name, '');
    if (name !== '' && isSilent(match) && match.best!.id !== taken) return name;
  }
  return null;
}
