import { namedIn, type Named } from '../exclusions';

/** Words that a sentence can hardly do without: of German, French, Spanish and Italian, none of them one of English. */
const FOREIGN = new Set(
  'und mit der das den dem des ein eine einen auf zu zum zur bis nicht dann oder et avec le la les du une dans jusque puis ou y con el los las una en hasta luego il gli nel nella fino poi e'.split(
    ' ',
  ),
);
const ENGLISH = new Set('the and with of into in for until then to on at it is or over from'.split(' '));

/** Whether a method is written in a language in which our names of things are not looked for. */
export function isForeign(method: string): boolean {
  let [foreign, english] = [0, 0];
  for (const word of method.toLowerCase().match(/\p{L}+/gu) ?? []) {
    if (FOREIGN.has(word) || /[äöüß]/.test(word)) foreign += 1;
    if (ENGLISH.has(word)) english += 1;
  }
  return foreign > english;
}

/** It is likened to a thing, or told to be none of it: "ohne Ei", "statt Butter", "sans lait". */
const NOT_MEANT =
  /(?:^|[^\p{L}])(?:ohne|kein(?:e[nrm]?)?|statt|anstelle (?:von|der|des)|wie|sans|pas de|au lieu d[eu]|comme|sin|en vez de|en lugar de|como|senza|al posto d(?:i|el|ella)|come)\s+(?:(?:ein|eine[rnm]?|de|de la|la|le|el|il|un|una|une)\s+)?(?:[dl]['’])?$/iu;
/** It is of another thing: "walnussgroß", "milchfrei", "Butterbrotpapier". */
const OF_ANOTHER = /(?:gro(?:ß|ss)|frei|papier|farben|farbig)(?:e[nrms]?)?$/i;

/** Whether what stands at a place of a text in another language is told to be none of it, likened to it, or another thing. */
export const isNotMeantAbroad = (text: string, from: number, to: number): boolean =>
  NOT_MEANT.test(text.slice(0, from)) || OF_ANOTHER.test(text.slice(from, to));

/**
 * What a method in another language calls by name, by the words that are known of packets. They know no lines of a list: whoever
 * asks leaves out what a line tells already.
 */
export const namedAbroad = (text: string): Named[] =>
  namedIn(text).filter(({ from, to }) => !isNotMeantAbroad(text, from, to));
