import { atHead, withinSentence } from './case';
import type { Line } from '../../core/formula';
import { idOf, ingredientById } from '../../core/ingredients';
import { catalogue } from './catalogue';
import { language } from './language';
import { KIT_WORDS } from './data/kits';
import { thingsSentences } from './data/en/sentences/things';

const W = thingsSentences;

export { KIT_WORDS } from './data/kits';
export * from './data/names';
export * from './data/terms';

/** Names of the baker's own things by revision; told when the pantry is fetched. */
const own = new Map<string, string>();
export function registerOwnNames(things: Iterable<{ id: string; name: string }>): void {
  for (const { id, name } of things) own.set(id, name);
}

/** What ingredients are called in another language than English, whose names are the reading's own. */
const NAMES: Partial<Record<string, string>> = catalogue('ingredients', {});

/** An ingredient's usual name; in a sentence without the capital. The baker's own keep the name they were given. */
export const ingredientName = (id: string, inSentence = false): string => {
  const given = own.get(id);
  if (given !== undefined) return given;
  const name = NAMES[id] ?? language.marked(ingredientById(id)?.names[0] ?? id);
  return inSentence ? name : atHead(name);
};
/** What a line is called: by what it points at, else as it was written; in a sentence without the capital. */
export const lineName = ({ item }: Pick<Line, 'item'>, inSentence = false): string =>
  item.kind === 'unknown' ? item.text : ingredientName(idOf(item) ?? '', inSentence);

/** What a replacement is called: by us, in a sentence without the capital, or as the baker called it. */
export const kitName = (id: string, inSentence = false): string => {
  const ours = KIT_WORDS[id]?.name;
  if (ours !== undefined) return inSentence ? withinSentence(ours) : ours;
  return own.get(id) ?? W.aWayOfYourOwn;
};
