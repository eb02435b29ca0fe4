/** Text that is read at most. */
export const MAX_LABEL_CHARS = 20_000;

/** Plain lower case letters: no accents, no marks of bold, hyphens as spaces, brackets and stops kept. */
export function fold(text: string): string {
  return text
    .slice(0, MAX_LABEL_CHARS)
    .replace(/<\/?[a-z][^<>]{0,40}>/gi, '')
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/ß/g, 'ss')
    .replace(/œ/g, 'oe')
    .replace(/æ/g, 'ae')
    .replace(/[’'`´]s\b/g, '')
    .replace(/[’'`´]/g, ' ')
    .replace(/[*_]+/g, '')
    .replace(/[\u00ad\u200b]/g, '')
    .replace(/(\d)[.,](\d)/g, '$1_$2')
    .replace(/\s[-–—]\s/g, ' . ')
    .replace(/[-–—‑/]/g, ' ')
    .replace(/\be ?(\d{3,4}[a-z]?)\b/g, 'e$1')
    .replace(/[\t ]+/g, ' ');
}

/** "For allergens, including cereals containing gluten, see ingredients in bold" names nothing. */
export const BOILERPLATE =
  /for allergens,?(?: including cereals containing gluten,?)? see (?:the )?ingredients? (?:in|marked|printed|shown) [a-z ]*/g;

/** Where a warning of traces starts. */
const TRACES_START = new RegExp(
  [
    'may (?:also )?contain',
    'may be present',
    'can contain traces',
    'not suitable for',
    'unsuitable for',
    '(?:due to|because of) (?:shared|manufacturing|production)',
    '(?:produced|made|packed|packaged|manufactured|processed|prepared|baked|milled) (?:on|in|at) (?:a |an |the |our |shared )?(?:same )?(?:factory|bakery|facility|site|line|lines|equipment|environment|plant|kitchen|mill|area|machinery)',
    'traces? of',
    'kann (?:auch )?(?:spuren|[a-z ]{0,40} enthalten)',
    'kann spuren',
    'spuren von',
    'peut (?:aussi )?contenir',
    'presence (?:possible|eventuelle) de',
    'traces? (?:eventuelles? )?(?:de|d )',
    'puede contener',
    'puo contenere',
    'possibili tracce',
    'tracce di',
    'trazas de',
  ].join('|'),
  'g',
);
/** Words that are part of such a warning and name nothing. */
const TRACES_WORDS =
  /\b(?:may|also|contain|contains|be|present|can|not|unsuitable|suitable|due|because|shared|manufacturing|methods?|production|produced|made|packed|packaged|manufactured|processed|processes|process|prepared|baked|milled|factory|bakery|facility|site|lines?|equipment|environment|plant|kitchen|mill|area|machinery|traces?|handled|handles|handling|handle|uses?|used|where|that|which|are|is|people|those|allergy|allergies|sufferers?|cereals?|containing|other|same|our|warning|kann|spuren|enthalten|peut|contenir|aussi|presence|eventuelles?|possible|puede|contener|trazas|puo|contenere|tracce|possibili)\b/g;
/** A statement of contents after the warning, without a stop between. */
const CONTENTS_START =
  /(?<!may )(?<!also )\b(?:contains|ingredients|zutaten|enthalt|contient|contiene|ingredientes|ingredienti)\b/g;

/** End of the warning that starts at `from`: its sentence, its own bracket, or where contents are stated. */
function traceEnd(text: string, from: number, past: number): number {
  let depth = 0;
  for (let i = from; i < text.length; i++) {
    const c = text[i]!;
    if (c === '(' || c === '[' || c === '{') depth += 1;
    else if (c === ')' || c === ']' || c === '}') {
      depth -= 1;
      if (depth < 0) return i;
    } else if (i >= past && /[.;!?\n]/.test(c)) return i;
  }
  return text.length;
}

/** Cuts the warnings of traces out of a text. */
export function splitTraces(text: string): { body: string; traces: string } {
  let body = '';
  let traces = '';
  let at = 0;
  TRACES_START.lastIndex = 0;
  for (let m = TRACES_START.exec(text); m; m = TRACES_START.exec(text)) {
    if (m.index < at) continue;
    let end = traceEnd(text, m.index, m.index + m[0].length);
    CONTENTS_START.lastIndex = m.index + m[0].length;
    const contents = CONTENTS_START.exec(text);
    if (contents && contents.index < end && !/that (?:also )?$/.test(text.slice(0, contents.index)))
      end = contents.index;
    body += `${text.slice(at, m.index)} . `;
    traces += ` . ${text.slice(m.index, end)}`;
    at = end;
    TRACES_START.lastIndex = end;
  }
  return { body: body + text.slice(at), traces: traces.replace(TRACES_WORDS, ' ') };
}
