import type { ActionKind } from '../method';
import { ONLY_HEAT } from './heats';

/** Verbs whose kind their clause decides. */
export type Head =
  | ActionKind
  | 'add'
  | 'beat'
  | 'bloom'
  | 'bring'
  | 'cover'
  | 'cut'
  | 'heat'
  | 'let'
  | 'line'
  | 'pour'
  | 'put'
  | 'roll'
  | 'set'
  | 'spread'
  | 'strew'
  | 'take'
  | 'turned'
  | 'keep'
  | 'dip';

/** Verbs by what they do. Those of the second list are nouns or adjectives as well: they count only where a clause begins. */
const PLAIN: [Head, string][] = [
  ['whisk', 'whisk|whip'],
  [
    'bake',
    '(?:drop|lower|reduce|raise|crank)(?= (?:the |your )?(?:oven |heat |it )?(?:down |up )?(?:to )?\\d{3})|turn (?:it |the oven |oven |heat |the heat )?(?:down|up)',
  ],
  ['beat', 'beat'],
  ['add', '(?:stir|mix|work|sift|sieve) in(?!to)'],
  [
    'mix',
    'stir|combine|sift|sieve together|whizz?|zap|jumble|crush|crumble|blitz|pulse|process|toss|tumble|dissolve|incorporate|bind|mash|work',
  ],
  ['add', 'add|dump|thin(?= with| to| it)|loosen'],
  ['knead', 'knead'],
  ['melt', 'melt'],
  [
    'cook',
    'soften|crisp|simmer|dry[- ](?:fry|toast)|fry|saut[eé]|sweat|caramelise|caramelize|cook|griddle|toast|reduce',
  ],
  ['boil', 'boil|poach'],
  ['soak', 'soak|steep|infuse|sour'],
  ['bloom', 'bloom|hydrate'],
  ['rest', 'thaw|defrost|sit(?= (?:for |about |at |until |till |overnight|\\d))'],
  ['drain', 'drain|discard|(?:pour|tip) (?:off|away)|squeeze|strain|rinse|wring'],
  ['chill', 'refrigerate|chill|freeze'],
  ['proof', 'prove|ferment'],
  ['shape', 'flatten|twist|plait|braid|pat|press|pipe|stretch|crimp|tuck|curl|join|coil'],
  ['divide', 'divide|split|portion|halve|scoop|stamp|dollop|pinch off'],
  ['score', 'slash|prick|snip'],
  ['fill', 'scrape|spoon|transfer|ladle|layer|arrange|swirl|pack|pile|mound|level'],
  ['pour', 'pour|tip'],
  ['put', 'put|place|lay|lower|slide|load(?! at)|sit'],
  ['spread', 'spread|smear|smooth'],
  ['strew', 'scatter|strew|sprinkle'],
  ['wash', 'brush|paint'],
  ['glaze', 'drizzle'],
  ['blind_bake', 'blind[- ]bake|par-?bake|bake blind'],
  ['bake', 'bake|roast|broil'],
  ['preheat', 'pre-?heat'],
  ['heat', 'heat|warm|get'],
  ['prepare', 'grease|spray'],
  ['uncover', 'uncover|take off|take (?:the )?\\w+ (?:off|out)|remove|lift off'],
  ['turn', 'rotate|swap|flip|turn (?:it |them |each )?over|swapping|turning'],
  ['bake', 'tenting|covering(?=[^,;.]*\\bfoil\\b)'],
  ['cool', 'unmould|unmold|demould|hang|invert'],
  ['let', 'let|leave|wait|allow'],
  ['bring', 'bring'],
  ['take', 'take'],
  ['keep', 'keep|wrap|store|serve|eat'],
];
const CLAUSE_ONLY: [Head, string][] = [
  ['mix', 'mix|blend'],
  ['cream', 'cream'],
  ['rub', 'rub'],
  ['fold', 'fold'],
  ['melt', 'brown'],
  ['rest', 'rest|stand'],
  ['proof', 'proof|rise|bulk|(?:final|second|first) (?:proof|rise)'],
  ['shape', 'shape|form'],
  ['roll', 'roll'],
  ['divide', 'scale|quarter|slice'],
  ['cut', 'cut'],
  ['score', 'score|mark|(?:one|two|three|four|five) slashes'],
  [
    'fill',
    'fill|line (?=.*\\b(?:tart|pie|flan|quiche|case|dish|plate|tin)\\b.*\\bwith (?:the )?(?:pastry|dough))',
  ],
  ['line', 'line'],
  [
    'prepare',
    '(?:butter|oil)(?= (?:&|and) (?:line|flour|dust)\\b)|butter (?=(?:a|an|the|your|two|\\d)\\b)|oil (?=(?:a|an|the|your|two|\\d)\\b)|flour (?=(?:a|an|the|your|two|\\d)\\b)',
  ],
  ['strew', 'top|finish(?= with\\b)'],
  ['glaze', 'glaze|ice|dust|frost'],
  ['dip', 'dip'],
  ['spread', 'cover (?=.*\\bwith (?:the )?(?:icing|frosting|glaze|filling|cream)\\b)'],
  ['cover', 'cover'],
  ['set', 'set'],
  ['turned', 'turn'],
  ['cool', 'cool'],
  ['chill', 'fridge'],
  ['heat', 'oven(?=:| to| at| on)'],
  ['bake', 'tent|load(?= at)|grill'],
  ['other', 'dry|check|tap|test'],
];

const ALL = [...PLAIN, ...CLAUSE_ONLY];
const words = (of: [Head, string][]): string => of.map(([, w]) => w).join('|');
const ADVERB =
  '(?:(?:gently|gradually|completely|roughly|briskly|vigorously|quickly|immediately|meanwhile|carefully|loosely|lightly|thoroughly|now|again|slowly|briefly|finally|next|lastly|first|evenly|well|deeply|thinly|just|simply|then|also|finely) )*';
/** What parts a clause from the one before. */
const BREAK = '(?:^|[,;:.(–—]\\s*|\\s-\\s+|\\b(?:and|then|or|before|to)\\s+|&\\s*|\\+\\s*)';
const AT_BREAK = new RegExp(`(${BREAK})(${ADVERB})(${words(ALL)})\\b`, 'gi');
/** Within the words that lead in to a sentence: "The night before mix the starter", "While it bakes bring butter". */
const LED = new RegExp(
  `(?<=\\p{L}[ ,])(${words(PLAIN)}|mix|rest|shape|cut|line|fold|cool|dust|rub)\\b`,
  'giu',
);
/** A word before a verb that makes it a noun or another form. */
const NOT_BEFORE =
  /\b(?:the|a|an|of|with|for|in|into|on|onto|at|no|your|each|more|first|second|it|they|them|is|are|this|that|from|be|been|one|oven|dry|wet|egg|not|so|as|till|until|you|can|will|has|have|but|through|over|off|still|while|when)\s+$/i;
/** A lead-in says when or where, and then what is done. */
const LEAD_IN =
  /^(?:day \d|(?:the )?(?:night|day|evening) before|next (?:day|morning)|in the morning|on the day|meanwhile|when|while|once|as soon as|after|off|in (?:a|an|the)|with (?:a|an|the)|using|using (?:a|the)|on (?:a|the)|over (?:a|low|medium|high)|to (?:make|finish|serve|assemble)|for the|if)\b/i;

/** A clause that begins with something else than a verb; `things` where that is what is taken: "leeks in the case". */
const OTHER_HEADS: [Head, RegExp, 'things'?][] = [
  [
    'bake',
    /(?<=\bthen\s+)\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})? min\w* (?=(?:open|uncovered|covered|more|at)\b)/gi,
  ],
  ['preheat', /^(?:fan )?oven:?\s+(?:to |at |on )?(?:(?:fan )?\d{2,3}|gas\b)/gi],
  ['preheat', new RegExp(ONLY_HEAT.source, 'gi')],
  [
    'let',
    /(?<=^|[,;]\s*|\bthen\s+)(?:\d{1,2}(?:\s*(?:-|–|to)\s*\d{1,2})?|half an|an) ?(?:min\w*|h\w*)(?=[^,;]{0,12}\b(?:at room|in a warm|on the counter|on the worktop))/gi,
  ],
  // "60-75 min rise."
  [
    'proof',
    /^\s*(?:about )?\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?\s?(?:mins?|minutes|h|hrs?|hours?) (?:(?:first|second|final|warm) )?(?:rise|proof|prove|bulk)\b/gi,
  ],
  ['chill', /(?<=[,;]\s*|\bthen\s+|\band\s+)(?:straight )?into the (?:freezer|fridge)\b/gi],
  ['bake', /(?<=,\s*|\bthen\s+)(?:down|up) to \d{3}/gi],
  [
    'bake',
    /^\s*\d{1,3}\s?(?:mins?|minutes|m)(?=,?\s*then (?:it |the oven )?(?:down|up|turn|drop|lower|reduce)\b)/gi,
  ],
  ['bake', /\b(?:turn|drop|lower|reduce) (?:it |the oven |oven |the heat |heat )?(?:down )?to \d{3}/gi],
  [
    'bake',
    /(?<=^|[,;]\s*|\bthen\s+)(?:at\s+)?(?:gas\s*(?:mark\s*)?\d{1,2}|\d{3}\s*(?:°\s*)?[CF]?(?:\s*\(?\s*(?:fan|convection)\s*\d{0,3}\s*\)?)?)\s*(?:,\s*)?(?=(?:for\b|\d{1,3}\s*(?:-|–|to)|\d{1,3}\s*m(?:in|\b)))/gi,
  ],
  [
    'bake',
    /(?<=^|[,;]\s*|\bthen\s+)\d{3}\s*(?:°\s*)?[CF]?\s*(?:fan|conv(?:ection)?)?\s*(?:w\/\s?|with\s+)?(?:steam|dry|lid (?:on|off)|(?:un)?covered)\s+(?=\d{1,2}\b)/gi,
  ],
  ['bake', /(?<=^|[,;]\s*|\bthen\s+|\band\s+)(?:at|back at|finish at)\s+\d{3}(?!\d)/gi],
  ['bake', /(?<=[,;]\s*|\bthen\s+|\band\s+)(?:un)?covered\s+(?=(?:at\s+\d|for\b|\d))/gi],
  ['bake', /(?<=[,;]\s*|\bthen\s+|\band\s+)(?:finish|give it)\s+(?=(?:for\b|another\b|\d))/gi],
  ['bake', /(?<=[,;]\s*|\bthen\s+)lid on\b/gi],
  // A heat and how long, first in a sentence: "150C no fan, 14 mins, rotate halfway".
  [
    'bake',
    /^\s*(?:at )?\d{3}\s*°?\s*[CF]\b(?:\s*\/\s*\d{3}\s*°?\s*[CF]?)?(?:\s*\(?(?:no )?(?:fan|convection|conv\.?)\)?)?,?\s+(?:for |x )?(?:about )?\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?\s?(?:mins?|minutes|m|h|hours?)\b/gi,
  ],
  [
    'chill',
    /(?<=^|[,;]\s*|\bthen\s+)(?:\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?|half an|an) ?(?:min\w*|h\w*) in the (?:freezer|fridge)\b/gi,
  ],
  [
    'bake',
    /(?<=^|[,;]\s*|\bthen\s+)(?:about\s+)?\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?\s?(?:mins?|minutes|m)\b(?=[^.;:]{0,20}(?:\b(?:un)?til\w*\b|:)[^.;]{0,40}\b(?:skewer|toothpick|tester|golden|springs?|risen)\b)/gi,
  ],
  ['bake', /(?<=[,;]\s*|\band\s+)after (?:the first )?\d{1,3} min\w* (?=[^,;.]*\bfoil\b)/gi],
  ['mix', /(?<=[,;]\s*)(?:eggs?|yolks?|whites?) in\b/gi, 'things'],
  ['mix', /^(?:the )?wets? (?:into|to|in) (?:the )?dr(?:y|ies)\b/gi],
  // "+ choc.": what is put to it.
  ['mix', /^\s*\+\s*(?=\p{L})/giu, 'things'],
  // "Dry + seeds", with no verb.
  ['mix', /^(?:the |all )?dr(?:y|ies)\s*(?:\+|&|and)\s*(?=\p{L})/giu, 'things'],
  // "Nuts in.", "Dries in."
  ['mix', /^(?:[\p{L}&+]+ ){1,4}in(?=\s*(?:[.,;!]|$|(?:bit by bit|gradually|slowly|in \d)\b))/giu, 'things'],
  [
    'mix',
    /^(?:everything|it all|all(?: of it)?) in(?:to)? (?:the|a) (?:\w+ )?(?:mixer|bowl|blender|processor)\b/gi,
    'things',
  ],
  ['divide', /(?<=^|[,;]\s*)\d{1,2} (?:equal )?(?:balls|pieces|rounds|rings|buns|rolls)\b/gi],
  ['fill', /(?<=[,;]\s*)[^,;.]{3,40} (?=in the (?:case|shell|tin)\b)/gi, 'things'],
];

const ANCHORED = ALL.map(([head, w]): [Head, RegExp] => [head, new RegExp(`(?:${w})\\b`, 'iy')]);
/** The head of the verb at a place: of several that begin there the longest. */
function headAt(sentence: string, at: number): Head {
  let best: { head: Head; length: number } = { head: 'other', length: 0 };
  for (const [head, pattern] of ANCHORED) {
    pattern.lastIndex = at;
    const length = pattern.exec(sentence)?.[0].length ?? 0;
    if (length > best.length) best = { head, length };
  }
  return best.head;
}

export type Found = { at: number; head: Head; verb: string };

/** Two acts do not begin within so many letters. */
const NEAR = 6;
/** A piece of a longer sentence tells no more acts. */
const MOST_HEADS = 24;

/** Where acts begin in a sentence, in order: each with its verb. */
export function headsIn(sentence: string): Found[] {
  const found: Found[] = [];
  for (const m of sentence.matchAll(AT_BREAK)) {
    const verb = m[3]!;
    const at = m.index + m[1]!.length;
    // "to" begins an act only where a purpose does: "to serve, dust with sugar".
    if (/^to\s/i.test(m[1]!) && !/^(?:serve|finish)$/i.test(verb)) continue;
    // "brush or paint": one act said twice.
    if (/^or\s/i.test(m[1]!) && found.length > 0) continue;
    const after = sentence.slice(at + m[2]!.length + verb.length);
    if (isNoun(verb, after, m[1]!) || isSign(verb, after, sentence.slice(0, m.index), m[1]!)) continue;
    found.push({ at, head: headAt(sentence, at + m[2]!.length), verb: verb.trim().toLowerCase() });
  }
  for (const [head, pattern, things] of OTHER_HEADS)
    for (const m of sentence.matchAll(pattern)) {
      // The same beginning, told by its verb already, with or without an adverb before it.
      if (found.some((f) => f.at - 3 < m.index && m.index < f.at + NEAR)) continue;
      found.push({ at: m.index, head, verb: things ? '' : m[0].trim().toLowerCase() });
    }
  if (LEAD_IN.test(sentence) || found.length === 0) {
    const first = Math.min(...found.map((f) => f.at), sentence.length);
    const lead = sentence.slice(0, first);
    for (const m of lead.matchAll(LED)) {
      const at = m.index;
      const after = sentence.slice(at + m[0].length);
      if (NOT_BEFORE.test(lead.slice(0, at)) || isNoun(m[1]!, after, ' ')) continue;
      found.push({ at: 0, head: headAt(sentence, at), verb: m[1]!.toLowerCase() });
      break;
    }
  }
  return found.sort((a, b) => a.at - b.at).slice(0, MOST_HEADS);
}

/** "Until golden and set in the centre": what it looks like, not what is done. */
const isSign = (verb: string, after: string, lead: string, joint: string): boolean =>
  /^(?:and\s|[&+])/i.test(joint) &&
  /\b(?:un)?till?\b[^,;.:]*$/i.test(lead) &&
  (/^set$/i.test(verb)
    ? !/^\s+(?:aside|it|them|over|on)\b/i.test(after)
    : /^(?:brown|dry|sour|crisp)$/i.test(verb) && /^\s*(?:[,.;)]|$|at\b|on\b|around\b|all\b)/i.test(after));

/** "Rest of the sugar", "cream, vanilla", "top rack": a thing, not a deed. */
function isNoun(verb: string, after: string, before: string): boolean {
  const v = verb.toLowerCase();
  if (/^['’]/.test(after)) return true;
  if (v === 'rest') return /^\s+(?:of|in one)\b/i.test(after) && /^\s+of/i.test(after);
  if (v === 'cream')
    return !/^\s+(?:the|butter|together|with|fat|marg|vegan|soft|plant|shortening|block|until)/i.test(after);
  if (v === 'top') return !/^\s+(?:with|each|up|them|the|generously)\b/i.test(after);
  if (v === 'cool') return /^\s+(?:room|water|dough|oven|milk|place|mixture|tin)\b/i.test(after);
  if (v === 'dry' && /^\s+in\s*(?:[.,;!]|$)/i.test(after)) return true;
  if (v === 'dry') return !/^\s+(?:for|inside|in|out|\d|overnight|them|it|on)\b/i.test(after);
  if (v === 'set') return /^\s+of\b/i.test(after);
  if (v === 'form' || v === 'scale' || v === 'mark' || v === 'score')
    return /^\s*[,.;)]/.test(after) && /,/.test(before);
  if (v === 'roll') return /^s\b/.test(after);
  if (v === 'slice') return /^\s*[,.;)]/.test(after) && /,/.test(before);
  if (v === 'fold') return false;
  if (v === 'ice') return /^\s+(?:water|cold)\b/i.test(after);
  if (v === 'dust') return false;
  if (v === 'proof') return /^\s+of\b/i.test(after);
  if (v === 'get') return !/\bhot\b/i.test(after);
  if (v === 'bake') return /^\s+(?:powder|sheet|tray|tin|beans)\b/i.test(after);
  if (v === 'toast' || v === 'brown')
    return /^\s+(?:sugar|paper|rice|spots?|bits?|edges|all over)\b/i.test(after);
  if (v === 'work') return !/^\s+(?:in|into|the|it|to|\p{L}+,|until)/iu.test(after);
  if (v === 'sit') return false;
  return false;
}
