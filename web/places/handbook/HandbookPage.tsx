import { atHead, withinSentence } from '../../words/case';
import { Button, MultiSelect, Select, TextInput } from '@mantine/core';
import { IconSearch } from '@tabler/icons-react';
import { useDeferredValue, useEffect, useMemo } from 'react';
import { Link, Navigate, useLocation, useParams, useSearchParams } from 'react-router';
import { JOB_IDS } from '../../../core/classes';
import { avoidsOf, EXCLUSION_IDS } from '../../../core/exclusions';
import { fold, foldedWords } from '../../../core/explain';
import type { AvoidId } from '../../../core/ingredients';
import { usePageTitle } from '../../parts/usePageTitle';
import { BASIS_WORDS, SECTION_IDS, SECTION_WORDS, type SectionId } from '../../words/data/handbook';
import { EXCLUSION_WORDS, GROUP_NAMES, JOB_NOUNS } from '../../words/things';
import { Conversions } from './Conversions';
import { allEntries } from './entries';
import { kitEntries, replaceable, USUAL_BASIS, type Entry, type KitEntry } from './kitEntries';
import classes from './handbook.module.css';
import { handbookWords } from '../../words/data/en/handbook';

const W = handbookWords.handbookPage;

/** Jobs that are asked for by name. */
const ASKED_JOBS = JOB_IDS.filter((j) => j !== 'release' && j !== 'bite');

function Entries({ entries, headed = false }: { entries: readonly Entry[]; headed?: boolean }) {
  const { hash } = useLocation();
  return (
    <ul className={classes.entries}>
      {entries.map((e) => (
        <li
          key={`${e.section}-${e.id}`}
          id={e.id}
          className={`sheet ${classes.entry}`}
          data-here={hash === `#${e.id}` || undefined}
        >
          <h2>
            <Link to={`/handbook/${e.section}#${e.id}`}>{e.title}</Link>
          </h2>
          {headed && <p className="small quiet">{SECTION_WORDS[e.section].name}</p>}
          {e.body}
        </li>
      ))}
    </ul>
  );
}

/** What a replacement is looked for by; kept in the address. */
type Sifting = { group: string | null; job: string | null; without: string[] };

const siftedBy = (
  entries: readonly KitEntry[],
  { group, job }: Sifting,
  avoids: readonly AvoidId[],
): KitEntry[] =>
  entries.filter(
    ({ kit, things }) =>
      (group === null || (kit.for.groups !== 'any' && kit.for.groups.some((g) => g === group))) &&
      (job === null || kit.covers.some((j) => j === job)) &&
      // What is not known of a kind is not ruled out here: its packet decides, at Swap.
      things.every((t) => avoids.every((a) => t.facts[a] !== 'yes')),
  );

function Replacements({ entries }: { entries: readonly KitEntry[] }) {
  const [params, setParams] = useSearchParams();
  const { hash } = useLocation();
  const sifting: Sifting = {
    // A link to one of them must find it, whatever it is for.
    group: params.get('for') ?? (hash ? null : 'egg'),
    job: params.get('job'),
    without: params.get('without')?.split(',').filter(Boolean) ?? [],
  };
  const set = (key: string, value: string | null) => {
    const next = new URLSearchParams(params);
    if (value) next.set(key, value);
    else next.delete(key);
    if (key === 'for' && !value) next.set('for', 'all');
    setParams(next, { replace: true });
  };
  const group = sifting.group === 'all' ? null : sifting.group;
  const avoids = avoidsOf(EXCLUSION_IDS.filter((e) => sifting.without.includes(e)));
  const found = siftedBy(entries, { ...sifting, group }, avoids);
  const unknown =
    sifting.without.length > 0 &&
    found.some((e) => e.things.some((t) => avoids.some((a) => t.facts[a] === 'unknown')));
  return (
    <>
      <div className={classes.find}>
        <Select
          label={W.whatLeaves}
          placeholder={W.anything}
          clearable
          clearButtonProps={{ 'aria-label': W.anythingThatLeaves }}
          value={group}
          data={replaceable().map((g) => ({ value: g, label: atHead(GROUP_NAMES[g]) }))}
          onChange={(v) => set('for', v)}
        />
        <Select
          label={W.whichJob}
          placeholder={W.any}
          clearable
          clearButtonProps={{ 'aria-label': W.anyJob }}
          value={sifting.job}
          data={ASKED_JOBS.map((j) => ({ value: j, label: atHead(JOB_NOUNS[j]) }))}
          onChange={(v) => set('job', v)}
        />
        <MultiSelect
          label={W.leaveOutToo}
          placeholder={sifting.without.length > 0 ? '' : W.nothingMore}
          value={sifting.without}
          data={EXCLUSION_IDS.map((e) => ({ value: e, label: EXCLUSION_WORDS[e].name }))}
          onChange={(v) => set('without', v.join(','))}
        />
      </div>
      <p className={`small quiet ${classes.count}`} role="status">
        {W.replacementCount({ n: found.length })}
        {unknown && W.forSomeOfThemA}
      </p>
      <Entries entries={found} />
    </>
  );
}

/** Entries with all the words that are looked for, those with them in their title first; null where nothing is looked for. */
function useFound(entries: readonly Entry[], text: string): Entry[] | null {
  const wanted = useDeferredValue(text);
  return useMemo(() => {
    const words = foldedWords(wanted);
    if (words.length === 0) return null;
    return entries
      .map((e) => ({ e, title: fold(e.title), all: fold(`${e.title} ${e.words}`) }))
      .filter(({ all }) => words.every((w) => all.includes(w)))
      .sort(
        (a, b) =>
          Number(words.every((w) => b.title.includes(w))) - Number(words.every((w) => a.title.includes(w))),
      )
      .map(({ e }) => e);
  }, [entries, wanted]);
}

/** A part of the handbook. */
function Part({
  of,
  kits,
  entries,
}: {
  of: SectionId;
  kits: readonly KitEntry[];
  entries: readonly Entry[];
}) {
  if (of === 'conversions') return <Conversions />;
  return (
    <>
      {(of === 'replacements' || of === 'faults') && (
        <p className="small quiet">{W.unlessSaid({ basis: withinSentence(BASIS_WORDS[USUAL_BASIS]) })}</p>
      )}
      {of === 'replacements' ? (
        <Replacements entries={kits} />
      ) : (
        <Entries entries={entries.filter((e) => e.section === of)} />
      )}
    </>
  );
}

const Parts = ({ here }: { here: SectionId | null }) => (
  <nav className={`${classes.side} no-print`} aria-label={W.partsOfTheHandbook}>
    <ul>
      {SECTION_IDS.map((s) => (
        <li key={s}>
          <Link to={`/handbook/${s}`} aria-current={s === here ? 'page' : undefined}>
            {SECTION_WORDS[s].name}
          </Link>
        </li>
      ))}
    </ul>
  </nav>
);

/** What is looked up: replacements, kinds of bake, feel, faults, conversions, cautions, sources. The engine’s own data. */
export function HandbookPage() {
  const { section } = useParams();
  const here = SECTION_IDS.find((s) => s === section);
  const [params, setParams] = useSearchParams();
  const { hash, pathname } = useLocation();
  const q = params.get('q') ?? '';
  usePageTitle(here ? W.handbook({ name: SECTION_WORDS[here].name }) : W.handbook2);
  const kits = useMemo(() => kitEntries(), []);
  const entries = useMemo(() => allEntries(kits), [kits]);
  const found = useFound(entries, q);
  useEffect(() => {
    if (hash) document.getElementById(decodeURIComponent(hash.slice(1)))?.scrollIntoView();
  }, [hash, pathname]);
  if (!here) return <Navigate to="/handbook/replacements" replace />;
  const find = (text: string) => {
    const next = new URLSearchParams(params);
    if (text) next.set('q', text);
    else next.delete('q');
    setParams(next, { replace: true });
  };
  return (
    <div className={classes.page}>
      <Parts here={found ? null : here} />
      <main id="main">
        <div className={classes.head}>
          <h1>{found ? W.foundInTheHandbook : SECTION_WORDS[here].name}</h1>
          {!found && <p className="quiet">{SECTION_WORDS[here].about}</p>}
        </div>
        <search>
          <TextInput
            label={W.findInTheWholeHandbook}
            placeholder={W.gummyPsyllium20MgKg}
            value={q}
            maxLength={80}
            mb={12}
            leftSection={<IconSearch size={18} stroke={1.6} aria-hidden="true" />}
            onChange={(e) => find(e.currentTarget.value)}
          />
        </search>
        {found ? (
          <>
            <p className="small quiet" role="status">
              {found.length > 0 ? W.entryCount({ n: found.length }) : W.nothingWithTheseWords}{' '}
              <Button variant="subtle" size="compact-md" onClick={() => find('')}>
                {W.backTo({ name: withinSentence(SECTION_WORDS[here].name) })}
              </Button>
            </p>
            <Entries entries={found} headed />
          </>
        ) : (
          <Part of={here} kits={kits} entries={entries} />
        )}
      </main>
    </div>
  );
}
