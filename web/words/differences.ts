import type { Beside, LineBeside, PropBeside } from '../../core/rebalance';
import type { Formula } from '../../core/formula';
import { stepsIn } from './cardText';
import { amountOf, grams } from './format';
import { listed } from './plural';
import { ovenText } from './say';
import { ingredientName, PROP_WORDS } from './things';
import { differencesSentences } from './data/en/sentences/differences';

const W = differencesSentences;

/** Lines of one column against the first, by what became of them. */
function linesSaid(lines: readonly LineBeside[], k: number): string[] {
  const moved = { out: [] as string[], in: [] as string[], more: [] as string[], less: [] as string[] };
  for (const { id, grams: all } of lines) {
    const [was, now] = [all[0], all[k]];
    const name = ingredientName(id, true);
    if (was === undefined && now !== undefined) moved.in.push(now === null ? name : `${grams(now)} ${name}`);
    else if (now === undefined && was !== undefined)
      moved.out.push(was === null ? name : `${grams(was)} ${name}`);
    else if (was && now && grams(was) !== grams(now))
      (now > was ? moved.more : moved.less).push(`${name} ${grams(was)} → ${grams(now)}`);
  }
  const said = (head: string, words: string[]) => (words.length > 0 ? [`${head}: ${listed(words)}.`] : []);
  return [
    ...said(W.out, moved.out),
    ...said(W.inWord, moved.in),
    ...said(W.more, moved.more),
    ...said(W.less, moved.less),
  ];
}

/** Properties that left their band. */
function propsSaid(props: readonly PropBeside[], k: number): string[] {
  const out = props.flatMap(({ key, unit, fits }) => {
    const [was, now] = [fits[0], fits[k]];
    if (!was || !now || now.state === 'inside' || now.state === 'open') return [];
    return [`${PROP_WORDS[key]} ${amountOf(was.adapted, unit)} → ${amountOf(now.adapted, unit)}`];
  });
  return out.length > 0
    ? [W.outOfItsBand({ list: listed(out) })]
    : props.length > 0
      ? [W.everyBalanceIsWithinIts]
      : [];
}

/** What moves from the first formula to the k-th, in sentences; that it is the same where nothing does. */
export function differenceWords(beside: Beside, docs: readonly Formula[], k: number): string[] {
  const many = beside.parts.length > 1;
  const parts = beside.parts.flatMap((p) => {
    const moved = linesSaid(p.lines, k);
    // Where no line moves its balance is what it was.
    const said = moved.length > 0 ? [...moved, ...propsSaid(p.props, k)] : [];
    return many && said.length > 0 ? [`${p.name || W.mainPart}. ${said.join(' ')}`] : said;
  });
  const [was, now] = [beside.bakes[0], beside.bakes[k]];
  const [wasText, nowText] = [was ? ovenText(was) : '', now ? ovenText(now) : ''];
  const [first, own] = [stepsIn(docs[0]!), stepsIn(docs[k]!)];
  const more = own.filter((s) => !first.includes(s)).length;
  const gone = first.filter((s) => !own.includes(s)).length;
  const all = [
    ...parts,
    ...(wasText === nowText
      ? []
      : [W.bake({ wasText: wasText || W.notStated, nowText: nowText || W.notStated })]),
    ...(beside.tins[0] === beside.tins[k]
      ? []
      : [W.tin({ tins: beside.tins[0] || W.none, tins2: beside.tins[k] || W.none })]),
    ...(more + gone > 0 ? [W.methodNewOrRewordedGone({ more, gone })] : []),
  ];
  return all.length > 0 ? all : [W.sameFormula];
}
