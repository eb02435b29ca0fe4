import { NUMBER, numberOf, readAmount } from './amount';
import { readTrailingAmount } from './trailing';
import { isSilent, referenceMatcher } from './match';
import { nameIn } from './names';
import { BULLET } from './bullet';
import { asLarge, madeUp } from './by-size';
import { citrusIn, JUICED, juicedInGerman, NOT_TWO_FRUITS } from './citrus';
import { BESIDES, SHARED_OUT } from './use-for';

/** A thing by its number in the list: "1. 250 g starter". */
const NUMBER_BEFORE = /^\s*\d{1,2}[.)]\s+(?=[\d½¼¾⅓⅔⅛])/;
/** A row without its bullet, box or number. */
export const unmarked = (row: string): string => row.replace(BULLET, '').replace(NUMBER_BEFORE, '');

/** Words that join two things in one row, where the second has an amount of its own. */
const JOIN = new RegExp(
  NOT_TWO_FRUITS +
    String.raw`\s*(?:\+|\bplus\b|\band\b|&|,|;|•|·)\s+(?=[\d½¼¾⅓⅔⅛]|(?:a|an|one|two|three|half)\s|(?:pinch|dash|splash|handful|knob|drop)\b|(?:several|a few|some)\s+(?:grinds?|twists?|turns?)\b|(?:finely\s+)?(?:grated\s+)?(?:juice|zest|rind|peel)\s+(?:(?:of|from)\s+)?(?:the\s+)?(?:\d|an?\b|half\b))`,
  'i',
);
/** As much as comes off a mill. */
const GROUND = /^(?:several|a few|some)\s+(?:grinds?|twists?|turns?)\s+(?:of\s+)?/i;
/** More of the same in another state: "60 g butter, soft, plus 20 g melted for the tops". */
const STATE = /^(?:melted|soft(?:ened)?|cold|chilled|warm)\b\s*(?:(?:for|to)\b.*)?$/i;
function ofSame(piece: string, first: string): string {
  const [more, thing] = [readAmount(piece), readAmount(first)];
  if (!more || !thing || !STATE.test(more.rest.trim())) return piece;
  const { name } = nameIn(thing.rest);
  return `${piece.slice(0, piece.length - more.rest.length)} ${name}, ${more.rest.trim()}`;
}
/** What a thing was put into, with its own amount: "raisins, soaked in 3 tbsp rum". */
const BATH =
  /^(.*?\S),?\s+(?:(soaked|steeped|mixed|slaked|slurried|blended|beaten|whisked|softened|dissolved|stirred|cooked|bloomed|hydrated)\s+(?:in|with|w\/|into)|in)\s+(?=[\d½¼¾⅓⅔⅛]|(?:a|an|one|two|three|half)\s)(.+)$/i;
const EACH = new RegExp(
  `^((?:${NUMBER}|a|an|one|two|half a)\\s*(?:\\p{L}+\\.?)?)\\s+each\\s*(?:of\\s+)?:?\\s*(.+)$`,
  'iu',
);
/** The same in German: "je 75 g Orangeat und Zitronat". */
const JE_EACH = /^je\s+(\d[\d.,]*\s*\p{L}+\.?)\s+(?=.*\sund\s)/iu;
/** An egg goes on in the words of what was before it: "2 eggs + 1 yolk". */
const eggPart = (piece: string): string =>
  piece.replace(/^(\S+\s+(?:\S+\s+)?)(yolks?|whites?)\b/i, '$1egg $2');

/** A yolk or a white by its number alone is of an egg: "3 large yolks", "2 whites, whisked". */
const ofEgg = (row: string): string =>
  row.replace(
    /^(\d+\s+(?:(?:large|medium|small|lg|med)\s+)?)(yolks?|whites?)(?=\s*(?:$|[,(;])|\s+(?:to|for|lightly|beaten|whisked)\b)/i,
    '$1egg $2',
  );

/** How long something is soaked, and whether it is drained, is no part of what it is soaked in. */
const FOR_SO_LONG = /,?\s+(?:for\s+)?(?:about\s+)?(?:\d[\d\s.–-]*(?:min\w*|h\b|hrs?|hours?)|overnight)\b.*$/i;
/** A piece that stands for a thing of its own: an amount, and a name that is not merely what it is for. */
function isThing(piece: string): boolean {
  if (JUICED.test(piece)) return true;
  const read = readAmount(piece) ?? readTrailingAmount(piece);
  if (!read) return false;
  const { name } = nameIn(read.rest);
  return /\p{L}{2}/u.test(name) && !/^(?:more|extra|for|to|if|of|little|bit|touch|few|drop)\b/i.test(name);
}

/** Another choice, with an amount of its own. */
const OTHERWISE = /\bor\s+(?=[\d½¼¾⅓⅔⅛]|an?\s)/i;

/** What several things of one row may have in common, said once at its end. */
const SHARED_HEAD = /\b(seeds?|nuts?|flours?|starch(?:es)?)$/i;
/** "90 g sunflower, 60 g pumpkin, 30 g flax seeds": the last word is of all that have no such word themselves. */
function shareHead(pieces: string[]): string[] {
  const head = SHARED_HEAD.exec(pieces.at(-1)!.trim())?.[1];
  if (!head) return pieces;
  return pieces.map((p, i) => {
    const { name } = nameIn((readAmount(p) ?? { rest: p }).rest);
    const alone = i < pieces.length - 1 && /^\p{L}+$/u.test(name.trim()) && !SHARED_HEAD.test(name);
    return alone && MAY_SHARE.test(name.trim()) ? `${p.trim()} ${head}` : p;
  });
}
/** Things that are a seed, a nut or a flour in such a row, and another thing by themselves. */
const MAY_SHARE =
  /^(?:sunflower|pumpkin|sesame|hemp|flax|linseed|chia|poppy|rice|sorghum|millet|teff|buckwheat|oat|corn|maize|tapioca|cassava|chickpea|quinoa|amaranth|almond|pecan|walnut|hazel|cashew|brazil|macadamia|pine)$/i;

/** A longer row is no list of things. */
const MOST_JOINED = 240;
const MOST_THINGS = 12;

/** Things that one row joins, each with its amount; null where it is of one thing. */
function joined(row: string): string[] | null {
  if (row.length > MOST_JOINED) return null;
  const each = EACH.exec(row.replace(JE_EACH, '$1 each '));
  if (each) {
    const things = each[2]!
      .replace(/\([^()]*\)/g, ' ')
      .split(/\s*(?:,|&|\+|\b(?:and|und)\b)\s*/i)
      .filter(Boolean);
    const last = things.at(-1)!.split(' ').at(-1)!;
    // "sunflower, pumpkin, sesame seeds": the last word is of them all.
    const shared = /^(?:seeds?|nuts?|flour|powder|zest)$/i.test(last) ? last : '';
    if (things.length > 1)
      return things.map((t) => `${each[1]!} ${t}${shared && !t.endsWith(shared) ? ` ${shared}` : ''}`);
  }
  const bath = BATH.exec(row);
  const into = bath?.[3]!.replace(FOR_SO_LONG, '') ?? '';
  // "In 1 cm pieces" is no bath: with no verb it has to be of something that is known.
  const isBath =
    bath?.[2] !== undefined || isSilent(referenceMatcher.match(nameIn(readAmount(into)?.rest ?? '').name));
  if (bath && isBath && isThing(bath[1]!) && isThing(into)) return [bath[1]!, into];
  const open = row.replace(/\([^()]*\)/g, (m) => m.replace(/[+,;&]|\band\b|\bplus\b/g, ' '));
  const pieces = open.split(JOIN).filter(Boolean);
  if (pieces.length < 2 || pieces.length > MOST_THINGS) return null;
  // "1 c buttermilk or 1 c oat milk + 1 T vinegar": what is joined to the other choice goes with it.
  if (pieces.length === 2 && OTHERWISE.test(pieces[0]!) && !/[,;]/.test(JOIN.exec(open)![0]))
    return [pieces[0]!];
  const own = pieces.map((x, i) =>
    i === 0 ? x : ofSame(eggPart(x.replace(GROUND, '1 pinch ')), pieces[0]!),
  );
  return own.every(isThing) ? shareHead(own) : null;
}

const HALF_OF_EACH =
  /\(\s*half\s+(\p{L}[\p{L} ]{1,24}?),?\s+(?:and\s+|&\s+)?half\s+(\p{L}[\p{L} ]{1,24}?)\s*\)/iu;
/** "Flour 300 g (half rice, half sorghum)": two of half as much; as it is where it says no such thing. */
function inHalves(row: string): string[] {
  const of = row.length > MOST_JOINED ? null : HALF_OF_EACH.exec(row);
  const massG = of ? Number(/(\d+(?:\.\d+)?)\s*g\b/i.exec(row)?.[1] ?? NaN) : NaN;
  if (!of || Number.isNaN(massG)) return [row];
  const shared =
    /\b(?:flours?|starch(?:es)?|seeds?|nuts?|milks?|sugars?)\b/i.exec(row.replace(of[0], ''))?.[0] ?? '';
  return [of[1]!, of[2]!].map((name) => `${massG / 2} g ${name}${name.endsWith(shared) ? '' : ` ${shared}`}`);
}

/** An egg of ground flax or chia, tbsp of each: one to three. Common practice, no source. */
const EGG_TBSP = { seed: 1, water: 3 } as const;
const COMPOUND_EGG = new RegExp(
  `^(${NUMBER}|a|an|one|two|three|four)\\s+(flax|chia)(?:seed)?\\s+eggs?\\b`,
  'i',
);

/** "Flaked almonds, a handful": the amount comes last. */
const LAST_BY_HAND =
  /^(?:([^,\d]+),\s*(?:an?\s+|one\s+)?|(\p{L}+(?:\s\p{L}+)?)\s+(?:an?\s+|one\s+)?)(?:small\s+|large\s+|good\s+|big\s+)?(handful|pinch|dash|splash|drizzle|knob|bunch)$/iu;

/** Said last, it is how two things share one amount, and no cream. */
const HALVES =
  /[,(]\s*(?:half[- ](?:and|&)[- ]half|half[-/ ]half|50\s?[:/-]\s?50|(?:in )?equal (?:parts|amounts))\s*\)?$/i;

/** "280 g pumpkin + sunflower seeds, half and half": two things of half as much; null where no grams are shared. */
function halved(row: string): string[] | null {
  const of = HALVES.exec(row);
  if (!of) return null;
  const rest = row.slice(0, of.index).replace(/\([^()]*\d\s*g\b[^()]*\)/i, ' ');
  const massG = Number(/(\d+(?:\.\d+)?)\s*g\b/i.exec(row)?.[1] ?? NaN);
  const names = (readAmount(rest)?.rest ?? rest).split(/\s*(?:\+|&|\band\b)\s*/i).filter(Boolean);
  if (names.length !== 2 || Number.isNaN(massG)) return [row.slice(0, of.index)];
  const last = names[1]!.trim().split(' ').at(-1)!;
  const shared = /^(?:seeds?|nuts?|flour)$/i.test(last) && !names[0]!.includes(last) ? ` ${last}` : '';
  return [`${massG / 2} g ${names[0]!.trim()}${shared}`, `${massG / 2} g ${names[1]!.trim()}`];
}

/** Two things with no amount, for one use: "clotted cream & jam, to serve", "soya milk + maple syrup, for brushing". */
const PAIR =
  /^(\p{L}[\p{L} '’-]{1,30}?)\s*(?:&|\+|\band\b|,(?=[^,]+\b(?:for|to)\b))\s*(\p{L}[\p{L} '’-]{1,30}?)(,?\s+(?:(?:for|to)\s+[\p{L} ]{3,30}|on (?:the )?tops?))?$/iu;
function pairOf(row: string): string[] | null {
  const [, one = '', other = '', use = ''] = PAIR.exec(row) ?? [];
  const isKnown = (name: string): boolean => isSilent(referenceMatcher.match(name));
  return other !== '' && isKnown(one) && isKnown(other) && !isKnown(`${one} and ${other}`)
    ? [`${one}${use}`, `${other}${use}`]
    : null;
}

/** A thing with its amount, and another for a use of its own; null where what stands behind is more of the same, or nothing known. */
function besides(row: string): string[] | null {
  const [, first = '', other = '', use = ''] = BESIDES.exec(row) ?? [];
  if (other === '' || !isThing(first)) return null;
  const match = referenceMatcher.match(other);
  const same = referenceMatcher.match(nameIn((readAmount(first) ?? readTrailingAmount(first))!.rest).name);
  return isSilent(match) && match.best!.id !== same.best?.id ? [first, `${other} ${use}`] : null;
}

function partedBy(row: string): string[] | null {
  const [, all, thing = '', some = '', others = '', use = ''] = SHARED_OUT.exec(row) ?? [];
  return all !== undefined && Number(all) === Number(some) + Number(others)
    ? [`${some} ${thing}`, `${others} ${thing}, ${use}`]
    : null;
}

/** A flour with what it is made of: "200 g flour mix (100 rice, 60 potato starch, 40 corn starch)". */
const MADE_OF = /^(\d+(?:\.\d+)?)\s*g\s+([^()]*\b(?:flour|mix|blend)\b[^()]*)\(([^()]+)\)\s*$/i;
function madeOf(row: string): string[] | null {
  const [, massG, , inside = ''] = MADE_OF.exec(row) ?? [];
  const parts = inside.split(/\s*[,;+&]\s*/).map((p) => /^(\d+(?:\.\d+)?)\s*g?\s+(\p{L}.*)$/u.exec(p.trim()));
  if (massG === undefined || parts.length < 2 || !parts.every((p) => p !== null)) return null;
  const sum = parts.reduce((s, p) => s + Number(p[1]), 0);
  if (Math.abs(sum / Number(massG) - 1) > SAME_SUM) return null;
  return parts.map(([, g, name]) => {
    const flour = `${name!} flour`;
    return `${g!} g ${isSilent(referenceMatcher.match(flour)) ? flour : name!}`;
  });
}
/** Its parts add up to it, but for what was rounded. */
const SAME_SUM = 0.02;

/** What is counted where a number stands alone beside it; all else in such a row is weighed. */
const COUNTED =
  /\b(?:eggs?|yolks?|whites?|bananas?|apples?|pears?|lemons?|limes?|oranges?|cloves?|sachets?)\b/i;
/** A thing with its amount behind it, one of several in a row: "salt 4, rosemary 2, baking powder 3". */
const AMOUNT_BEHIND =
  /^\p{L}[\p{L} '’-]{1,30}\s\d{1,4}(?:[.,]\d+)?\s?(?:g|ml|tsp|tbsp)?(?:\s*\([^()\d]*\))?$/u;

/** "Juice of 1 more lemon": of another than the one before. */
const OF_THAT =
  /\b((?:zest|rind|peel) (?:of|from) (?:the )?(?:\d+|an?|one|two|half an?) (lemon|orange|lime)s?\s*(?:\+|&|,|and)\s*\d[\d.,]*\s?(?:ml|g|tbsps?|tsps?|T|t|cups?)\s+)(?=juice\b)/i;
const ANOTHER = /\b((?:\d+|an?|one|two)\s+)(?:more|further)\s+(?=\p{L})/iu;
/** "Juice and zest of 2 lemons", "2 eggs + 1 yolk", "1/4 tsp each salt and soda" are several things to weigh; a line of one comes back as it is. */
export function expandRow(given: string): string[] {
  const row = unmarked(given)
    .replace(ANOTHER, '$1')
    .replace(OF_THAT, '$1$2 ')
    .replace(/\bs\s?&\s?p\b/i, 'salt and pepper');
  const compound = COMPOUND_EGG.exec(row);
  const inside = /\((?:(?:gf|gluten[- ]free)\s*:\s*)?([^()]{6,120})\)/i.exec(row)?.[1];
  // "2 flax eggs (2 T ground flax + 6 T water)": the bracket says what is weighed.
  const told =
    inside && /\begg|\bslurry|\bgel\b|\bblend\b/i.test(row)
      ? joined(inside.replace(/\bflax\b(?!\s*(?:seeds?|meal))/i, 'ground flaxseed'))
      : null;
  if (told) return told;
  if (compound) {
    const n = numberOf(compound[1]!);
    if (n > 0)
      return [`${n * EGG_TBSP.seed} tbsp ground ${compound[2]!}`, `${n * EGG_TBSP.water} tbsp water`];
  }
  const citrus = citrusIn(row);
  if (citrus) return [...citrus.things, ...(isThing(citrus.more) ? expandRow(citrus.more) : [])];
  const behind = row.split(/\s*[,;]\s+|\s+\/\s+/);
  if (behind.length > 1 && behind.every((p) => AMOUNT_BEHIND.test(p)))
    return behind.map((p) => (/\d$/.test(p) && !COUNTED.test(p) ? `${p} g` : p));
  const several =
    partedBy(row) ??
    madeOf(row) ??
    asLarge(row) ??
    madeUp(row) ??
    juicedInGerman(row) ??
    pairOf(row) ??
    besides(row);
  if (several) return several;
  const last = LAST_BY_HAND.exec(row);
  if (last) return [`1 ${last[3]!} ${last[1] ?? last[2]!}`];
  const things = joined(row);
  return (
    halved(row) ??
    (things ?? [row]).flatMap((t) => (things && JUICED.test(t) ? expandRow(t) : [ofEgg(t)])).flatMap(inHalves)
  );
}
