import { BASIS_WORDS, type SectionId } from '../../words/data/handbook';
import type { Basis } from '../../../core/explain';
import { withinSentence } from '../../words/case';
import type { ReactNode } from 'react';
import {
  bestFamily,
  CLASS_IDS,
  CLASSES,
  KITS,
  jobCoverage,
  standsFor,
  type Kit,
} from '../../../core/classes';
import { INGREDIENTS, type GroupId, type Ingredient } from '../../../core/ingredients';
import { plain } from '../../words/format';
import { listed } from '../../words/plural';
import { DOSE_WORDS, FAMILY_WORDS, STATE_WORDS } from '../../words/data/ways';
import {
  AVOID_WORDS,
  CAUTION_WORDS,
  GROUP_NAMES,
  ingredientName,
  JOB_NOUNS,
  KIT_WORDS,
} from '../../words/things';
import classes from './handbook.module.css';
import { toKitchenScale } from '../../words/heat';
import { handbookWords } from '../../words/data/en/handbook';

const W = handbookWords.entries;

/** One thing in the handbook. `words` is what a search looks through. */
export type Entry = { id: string; section: SectionId; title: string; words: string; body: ReactNode };
/** A replacement, with what it is sifted by. */
export type KitEntry = Entry & { kit: Kit; things: Ingredient[] };

type Dose = Kit['items'][number]['dose'];
/** What a dose is counted on. */
const doseBase = (per: Dose['per']): string =>
  per === 'g' ? W.ofWhatLeaves : W.forWord({ dose: DOSE_WORDS[per] });
/** "6 to 9 g, usually 7 g"; doses on what leaves are percent of it. */
function doseText({ lo, usual, hi, per }: Dose): string {
  const unit = per === 'g' ? '%' : 'g';
  const [a, m, b] = [lo, usual, hi].map((x) => plain(per === 'g' ? 100 * x : x));
  return a === b ? `${m} ${unit}` : W.toUsually({ a: a!, b: b!, unit, m: m!, unit2: unit });
}

function forWhat({ for: { groups, ids, role } }: Kit): string {
  const what = ids
    ? listed(ids.slice(0, 4).map((i) => ingredientName(i, true)))
    : groups === 'any'
      ? W.whateverHasToGo
      : listed(groups.map((g) => GROUP_NAMES[g]));
  return role === 'wash' ? W.brushedOn({ what }) : role === 'release' ? W.thatGreasesTheTin({ what }) : what;
}

/** Shares from which a job counts as done, or as done in part. */
const WELL = 0.75;
const PARTLY = 0.3;

/** What an entry rests on that says nothing of it; the page says it once. */
export const USUAL_BASIS = 'practice' satisfies Basis;

function KitBody({ kit, things }: { kit: Kit; things: readonly Ingredient[] }) {
  const of = standsFor(kit);
  const family = bestFamily(kit);
  const classId = CLASS_IDS.find((c) => CLASSES[c].family === family);
  const done = of && classId ? jobCoverage(kit, of, classId) : [];
  const does = (from: number, to: number) =>
    listed(done.filter((d) => d.share >= from && d.share < to).map((d) => JOB_NOUNS[d.job]));
  const [well, partly, hardly] = [does(WELL, Infinity), does(PARTLY, WELL), does(-Infinity, PARTLY)];
  const fits = Object.entries(kit.caps.fit).filter(([, fit]) => fit > 0);
  const brings = (
    ['egg', 'milk', 'tree_nut', 'peanut', 'soy', 'sesame', 'lupin', 'coconut', 'legume', 'oil'] as const
  ).filter((a) => things.some((t) => t.facts[a] === 'yes'));
  const oneBase = new Set(kit.items.map((i) => i.dose.per)).size === 1;
  const said = (name: string, text: string) =>
    text !== '' && (
      <p>
        <b>{name}</b> {text}
      </p>
    );
  return (
    <>
      <p>{toKitchenScale(KIT_WORDS[kit.id]?.about ?? '')}</p>
      {kit.items.length > 0 && (
        <ul className={classes.doses} aria-label={oneBase ? doseBase(kit.items[0]!.dose.per) : W.doses}>
          {oneBase && (
            <li className={classes.base} aria-hidden="true">
              {doseBase(kit.items[0]!.dose.per)}
            </li>
          )}
          {kit.items.map((i, k) => (
            <li key={k}>
              {'id' in i.item && ingredientName(i.item.id)}
              {i.state && ` ${STATE_WORDS[i.state]}`}: <span className="num">{doseText(i.dose)}</span>
              {!oneBase && ` ${withinSentence(doseBase(i.dose.per))}`}
              {i.families && W.inWord({ list: listed(i.families.map((f) => FAMILY_WORDS[f])) })}
            </li>
          ))}
        </ul>
      )}
      {of && said(W.doesWell, well)}
      {of && said(W.inPart, partly)}
      {of && said(W.hardlyOrNot, hardly)}
      {said(
        W.suits,
        listed(
          fits.map(([f, fit]) =>
            fit < 0.5
              ? W.weakly({ family: FAMILY_WORDS[f as keyof typeof FAMILY_WORDS] })
              : FAMILY_WORDS[f as keyof typeof FAMILY_WORDS],
          ),
        ) + (kit.caps.maxEggs ? W.forUpToEggs({ maxEggs: kit.caps.maxEggs }) : ''),
      )}
      {said(W.bringsIn, listed(brings.map((b) => AVOID_WORDS[b])))}
      {kit.cautions.length > 0 &&
        said(W.watch, kit.cautions.map((c) => toKitchenScale(CAUTION_WORDS[c])).join(' '))}
      {kit.basis !== USUAL_BASIS && <p className="small quiet">{BASIS_WORDS[kit.basis]}</p>}
    </>
  );
}

/** All ways of ours; the plain leaving-off of a thing too. */
export const kitEntries = (): KitEntry[] =>
  KITS.map((kit) => {
    const things = kit.items.flatMap(
      (i) => INGREDIENTS.find((x) => 'id' in i.item && x.id === i.item.id) ?? [],
    );
    const { name, about } = KIT_WORDS[kit.id] ?? { name: kit.id, about: '' };
    return {
      id: kit.id,
      section: 'replacements',
      title: W.forWord2({ name, forWhat: forWhat(kit) }),
      words: [about, ...kit.covers.map((j) => JOB_NOUNS[j]), ...things.map((t) => t.names.join(' '))].join(
        ' ',
      ),
      kit,
      things,
      body: <KitBody kit={kit} things={things} />,
    };
  });

/** Groups that some replacement of ours stands in for, in the order of the table. */
export const replaceable = (): GroupId[] => {
  const all = new Set(KITS.flatMap((k) => (k.for.groups === 'any' ? [] : k.for.groups)));
  return (Object.keys(GROUP_NAMES) as GroupId[]).filter((g) => all.has(g));
};
