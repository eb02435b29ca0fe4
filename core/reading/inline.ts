import { readAmount, NUMBER } from './amount';
import { isByTheLetter, type Matcher } from './match';
import { nameIn } from './names';

/** So many things a method has to weigh out itself before it is taken to hold the list. */
const LEAST_THINGS = 3;
/** Where an amount may begin within a sentence. */
const BEGINS = new RegExp(`(?<![\\p{L}\\d.,/])(?=${NUMBER}|(?:a|an|one|two|three|half)\\s)`, 'giu');
/** Where the name of a thing ends within a sentence. */
const ENDS =
  /[,.;:&+!?]\s|[,.;:!?]$|\s(?:and|with|into|in|to|until|til|till|then|over|for|from|add|at|on|onto|plus|together|through|while|by|per)\s|\s(?=\d)/i;
/** Figures of something else: how hot, how long, how large. */
const OTHER =
  /^(?:°|º|deg|[CF]\b|mins?\b|minutes?\b|h\b|hrs?\b|hours?\b|sec|cm\b|mm\b|in(?:ch(?:es)?)?\b|["”″x×])/i;

/** What follows an amount of something that is named elsewhere. */
const NOT_NAMED =
  /^(?:each|apiece|of (?:it|them|this)|(?:it|them|this|that)\b|in (?:all|total)|more|extra|at a time|tins?\b|pans?\b)/i;

/** What of a fruit is meant, said before its number: "the zest of 2 lemons". */
const OF_FRUIT =
  /\b(?:juice|zest|rind|peel)(?:\s*(?:and|&|\+)\s*(?:juice|zest))?\s+(?:of|from)\s+(?:the\s+)?$/i;
/** Where another part of the bake begins: "for the drizzle mix 175 g sugar with …". */
const FOR_PART =
  /\bfor (?:the|a) (drizzle|icing|frosting|glaze|topping|filling|crumble|streusel|custard|pastry|base|crust|ganache|buttercream)\b[^.]*$/i;
/** The things that a sentence weighs out, as a list would say them, each behind the heading of its part where one begins. */
function thingsIn(sentence: string, matcher: Matcher): string[] {
  const things: string[] = [];
  let from = 0;
  for (const { index } of sentence.matchAll(BEGINS)) {
    if (index < from) continue;
    const rest = sentence.slice(index);
    const read = readAmount(rest);
    if (!read || OTHER.test(read.rest)) continue;
    const much = rest.slice(0, rest.length - read.rest.length);
    const end = ENDS.exec(read.rest);
    const said = read.rest.slice(0, end ? end.index : undefined).trim();
    const { name } = nameIn(said);
    // What is measured is a thing, known or not: only what is merely counted may be anything.
    const counted = read.reading.unit === 'piece';
    if (!/\p{L}{2}/u.test(name) || NOT_NAMED.test(name)) continue;
    // A word that is like a thing ("a lined tray") is none.
    if (counted && !isByTheLetter(matcher.matchWritten(name, ''))) continue;
    const before = sentence.slice(from, index);
    const part = FOR_PART.exec(before)?.[1];
    if (part !== undefined) things.push(`For the ${part}:`);
    things.push(`${OF_FRUIT.exec(before)?.[0] ?? ''}${much.trim()} ${said}`);
    from = index + much.length + said.length;
  }
  return things;
}

/**
 * The list of a recipe that is told in sentences alone: "Cream 1 stick butter with 3/4 c. brown sugar. Add 1 egg." What is only counted
 * has to be known for certain; nothing where there are too few to be a list.
 */
export function toldInSteps(steps: readonly string[], matcher: Matcher): string[] {
  const things = steps.flatMap((s) => thingsIn(s.slice(0, MOST_STEP), matcher));
  return things.filter((t) => !t.endsWith(':')).length >= LEAST_THINGS ? things : [];
}
/** A longer step is looked at by its beginning. */
const MOST_STEP = 2000;
