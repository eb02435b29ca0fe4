import { msg, type Msg } from '../explain';
import { AVOID_IDS, type AvoidId, type Ingredient } from '../ingredients';
import { CLAIMABLE, EXEMPT, PLAIN_WORDS } from './data/label-terms';
import { BOILERPLATE, fold, splitTraces } from './label-text';
import { isDeclared, type RulesetId } from './rulesets';
import { isWord, keyOf, KNOWN_PHRASES, longestPhrase, namesOf, single, tokensOf } from './vocabulary';

/** A finding and the words it rests on. `declared`: the law of the rule set makes packets name it. */
export type LabelFinding = { avoid: AvoidId; words: string[]; declared: boolean };
export type LabelReading = {
  contains: LabelFinding[];
  mayContain: LabelFinding[];
  exempt: LabelFinding[];
  /** Words this reader has no knowledge of: somebody has to look at them. */
  unknownWords: string[];
  notes: Msg[];
};

const PLAIN = new Set(PLAIN_WORDS.split(' ').map(single));
const CLAIMS = new Set(CLAIMABLE.split('|').map(keyOf));

type Found = Map<AvoidId, Set<string>>;
const add = (found: Found, avoids: readonly AvoidId[], words: string) => {
  for (const a of avoids) found.set(a, (found.get(a) ?? new Set()).add(words));
};

/** Takes what the words of a text name; a word nobody knows goes to `unknown`. */
function collect(text: string, found: Found, unknown: Set<string>): void {
  const tokens = tokensOf(text);
  for (const { at, words, avoids } of namesOf(tokens)) {
    const word = tokens[at]!;
    if (avoids) add(found, avoids, tokens.slice(at, at + words).join(' '));
    else if (word.length > 2 && !/^\d/.test(word) && !PLAIN.has(single(word))) unknown.add(word);
  }
}

const CLAIM_START = new Set([
  'without',
  'no',
  'sans',
  'ohne',
  'sin',
  'senza',
  'free from',
  'free of',
  'frei von',
  'libre de',
  'contains no',
  'contain no',
]);
const AND = new Set([',', 'and', '&', 'or', 'und', 'oder', 'et', 'ou', 'y', 'o', 'e', 'ni', 'nor']);

/** Words that end a claim without being part of an ingredient's name. */
const ENDS = new Set(['but', 'however', 'contains', 'may', 'made', 'ingredients', 'suitable']);

/** Longest claimable name at a place, in tokens; 0 for none. */
function claimAt(tokens: readonly string[], at: number): number {
  for (let n = 3; n > 0; n--) {
    const words = tokens.slice(at, at + n);
    if (words.length === n && words.every(isWord) && CLAIMS.has(words.map(single).join(' '))) return n;
  }
  return 0;
}

/**
 * Cuts claims of absence out of a text: "X-free", and "free from X, Y and Z" as long as each is a bare name that
 * ends there. "Free from gluten, milk powder" claims gluten only: an ingredient is never taken for a claim.
 */
function splitClaims(text: string): { body: string; claims: string[] } {
  const tokens = tokensOf(text);
  const claims: string[] = [];
  const out: string[] = [];
  for (let at = 0; at < tokens.length;) {
    const word = tokens[at]!;
    if (word.length > 6 && /(?:glutenfrei|laktosefrei|milchfrei|eifrei|nussfrei|sojafrei)$/.test(word)) {
      claims.push(word);
      at += 1;
      continue;
    }
    const free = claimAt(tokens, at);
    const after = tokens[at + free];
    if (free > 0 && after === 'free' && !['from', 'of', 'range'].includes(tokens[at + free + 1] ?? '')) {
      const whole = longestPhrase(tokens, at);
      if (whole && whole.words > free + 1) {
        // "Gluten-free wheat starch" is a name of its own.
        out.push(...tokens.slice(at, at + whole.words));
        at += whole.words;
        continue;
      }
      claims.push(tokens.slice(at, at + free + 1).join(' '));
      // "Egg-free mayonnaise" is not the thing that holds egg.
      const absent =
        KNOWN_PHRASES.get(
          tokens
            .slice(at, at + free)
            .map(single)
            .join(' '),
        ) ?? [];
      at += free + 1;
      const named = longestPhrase(tokens, at);
      if (named && named.avoids.length > 0 && named.avoids.every((a) => absent.includes(a)))
        at += named.words;
      continue;
    }
    const starts = [2, 1].find((n) => CLAIM_START.has(tokens.slice(at, at + n).join(' ')));
    if (starts === undefined) {
      out.push(word);
      at += 1;
      continue;
    }
    let next = at + starts;
    let end = next;
    for (;;) {
      const n = claimAt(tokens, next);
      const follows = tokens[next + n];
      if (n === 0 || (isWord(follows) && !AND.has(follows!) && !ENDS.has(follows!))) break;
      end = next + n;
      next = end;
      while (AND.has(tokens[next] ?? '')) next += 1;
      if (next === end) break;
    }
    if (end > at + starts) claims.push(tokens.slice(at, end).join(' '));
    else out.push(...tokens.slice(at, at + starts));
    at = Math.max(end, at + starts);
    out.push('.');
  }
  return { body: out.join(' '), claims };
}

const listed = (found: Found, ruleset: RulesetId): LabelFinding[] =>
  AVOID_IDS.flatMap((avoid) => {
    const words = found.get(avoid);
    return words ? [{ avoid, words: [...words].sort(), declared: isDeclared(avoid, ruleset) }] : [];
  });

const NAMED_FOR = new WeakMap<Ingredient, readonly AvoidId[]>();
/**
 * What a flavouring is named for, and nobody but its packet says whether it holds: almond extract is made of almonds, or of
 * apricot stones. It is asked about; that it may hold none is no reason to pass it.
 */
export function namedFor(i: Ingredient): readonly AvoidId[] {
  if (i.group !== 'flavour') return [];
  let named = NAMED_FOR.get(i);
  if (!named) {
    const found = i.names.flatMap((n) => readLabel(n).contains.map((c) => c.avoid));
    named = [...new Set(found)].filter((a) => i.facts[a] === 'unknown');
    NAMED_FOR.set(i, named);
  }
  return named;
}

const NOTHING_CLAIMED = /^(?:no|sin|sans|ohne|senza|without)$/;

/**
 * Reads the text of a packet. It finds what the words name; it proves nothing absent: a word it does not know
 * is listed for a look, and a missing "may contain" line says nothing.
 */
export function readLabel(text: string, ruleset: RulesetId = 'eu'): LabelReading {
  const exempt: Found = new Map();
  let body = fold(text).replace(BOILERPLATE, ' ');
  for (const [pattern, avoid] of EXEMPT) {
    body = body.replace(new RegExp(`\\b${pattern}(?![a-z])`, 'g'), (hit) => {
      add(exempt, [avoid], hit.trim());
      return ' ';
    });
  }
  const { body: stated, traces } = splitTraces(body);
  const { body: rest, claims } = splitClaims(stated);
  const contains: Found = new Map();
  const may: Found = new Map();
  const unknown = new Set<string>();
  collect(rest, contains, unknown);
  collect(splitClaims(traces).body, may, unknown);
  const notes: Msg[] = [];
  if (contains.has('gum')) notes.push(msg('label.holdsGum'));
  if ([...(contains.get('wheat') ?? [])].some((w) => w.includes('starch')))
    notes.push(msg('label.wheatStarch'));
  const claimsGluten = claims.some((c) => c.includes('glut'));
  if (contains.has('oats'))
    notes.push(msg(claimsGluten || /certified/.test(body) ? 'label.oatsClaimed' : 'label.oatsNotCertified'));
  if (/\b(?:lactic|citric|tartaric|malic) acid|cultures?\b|vinegar|\be(?:270|330|334)\b/.test(body))
    notes.push(msg('label.looksSour'));
  if (/bicarbonate|raising agent|baking powder|\be(?:500|450|341)\b/.test(body))
    notes.push(msg('label.raises'));
  const told = claims.filter((c) => !NOTHING_CLAIMED.test(c));
  if (told.length > 0) notes.push(msg('label.claims', { words: told.slice(0, 4).join('; ') }));
  return {
    contains: listed(contains, ruleset),
    mayContain: listed(may, ruleset),
    exempt: listed(exempt, ruleset),
    unknownWords: [...unknown].sort(),
    notes,
  };
}
