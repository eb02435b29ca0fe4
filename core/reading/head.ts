import { readAmount } from './amount';
import { isSilent, referenceMatcher } from './match';
import { nameIn } from './names';
import { readTrailingAmount } from './trailing';

/** What is said once before several things of its kind: "Flours: 200 g brown rice, 150 g buckwheat". */
export const HEAD = /^(flour|starch|seed|nut)(?:s|es|\s+(?:mix|blend))?$/i;
/** Each thing with the word of its kind behind it, where that makes it a thing that is known. */
export function withHead(name: string, things: readonly string[]): string[] {
  const head = HEAD.exec(name)?.[1]?.toLowerCase();
  if (head === undefined) return [...things];
  return things.map((t) => {
    const read = readAmount(t) ?? readTrailingAmount(t);
    const called = `${nameIn(read?.rest ?? '').name} ${head}`;
    return read && isSilent(referenceMatcher.match(called)) ? `${read.reading.written} ${called}` : t;
  });
}
