import { Button, Checkbox, MultiSelect, Pagination, Select, Skeleton, TextInput } from '@mantine/core';
import { IconSearch } from '@tabler/icons-react';
import type { ColumnSort } from '@tanstack/react-table';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { EXCLUSION_IDS } from '../../../core/exclusions';
import { GROUP_IDS, type ItemKind } from '../../../core/ingredients';
import { problemIn } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { usePantry } from '../../pantry/usePantry';
import { sayProblem } from '../../words/problems';
import { EXCLUSION_WORDS, GROUP_NAMES, KIND_WORDS } from '../../words/things';
import { Broken } from './Broken';
import { SaidNames } from './SaidNames';
import { BulkBar } from './BulkBar';
import { FoundTable, PER_PAGE, sortIn, sortText } from './FoundTable';
import { entriesOf, NO_FACETS, searchEntries, type Facets } from './list';
import classes from './pantry.module.css';
import own from './list.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.pantryPage;

const KINDS: (ItemKind | 'all')[] = ['all', 'ref', 'own', 'packet', 'blend'];

const facetsIn = (params: URLSearchParams): Facets => ({
  q: params.get('q') ?? '',
  kind: KINDS.find((k) => k === params.get('kind')) ?? NO_FACETS.kind,
  group: GROUP_IDS.find((g) => g === params.get('group')) ?? NO_FACETS.group,
  without: EXCLUSION_IDS.filter((e) => params.get('without')?.split(' ').includes(e)),
  unread: params.has('unread'),
});

/** What is looked for, as the address has it. */
function useFacets() {
  const [params, setParams] = useSearchParams();
  const facets = useMemo(() => facetsIn(params), [params]);
  const sort = sortIn(params.get('by'));
  const set = (more: Partial<Facets> & { page?: number; sort?: ColumnSort | null }): void => {
    const next = { ...facets, ...more };
    const out = new URLSearchParams();
    if (next.q) out.set('q', next.q);
    if (next.kind !== 'all') out.set('kind', next.kind);
    if (next.group !== 'all') out.set('group', next.group);
    if (next.without.length > 0) out.set('without', next.without.join(' '));
    if (next.unread) out.set('unread', '');
    if (more.page && more.page > 1) out.set('page', String(more.page));
    const by = sortText(more.sort === undefined ? sort : more.sort);
    if (by) out.set('by', by);
    setParams(out, { replace: true });
  };
  return { facets, set, sort, page: Number(params.get('page')) || 1 };
}
type SetFacets = ReturnType<typeof useFacets>['set'];

const Head = () => (
  <div className={classes.head}>
    <div>
      <h1>{W.pantry}</h1>
      <p className="quiet">{W.whatThingsAreMadeOf}</p>
    </div>
    <div className={classes.add}>
      <Button component={Link} to="/pantry/new/packet">
        {W.readAPacket}
      </Button>
      <Button component={Link} to="/pantry/new/blend" variant="default">
        {W.mixABlend}
      </Button>
      <Button component={Link} to="/pantry/new/own" variant="default">
        {W.addAnIngredient}
      </Button>
    </div>
  </div>
);

/** Search and sieve. */
const Sieve = ({ facets, set }: { facets: Facets; set: SetFacets }) => (
  <div className={own.facets} role="search">
    <TextInput
      label={W.search}
      placeholder={W.cornstarchLinseedGramFlour}
      leftSection={<IconSearch size={17} aria-hidden="true" />}
      value={facets.q}
      maxLength={80}
      onChange={(e) => set({ q: e.currentTarget.value })}
    />
    <Select
      label={W.whose}
      data={KINDS.map((k) => ({ value: k, label: k === 'all' ? W.everything : KIND_WORDS[k] }))}
      value={facets.kind}
      allowDeselect={false}
      onChange={(v) => set({ kind: v as ItemKind | 'all' })}
    />
    <Select
      label={W.kind}
      data={[
        { value: 'all', label: W.everyKind },
        ...GROUP_IDS.map((g) => ({ value: g, label: GROUP_NAMES[g] })),
      ]}
      value={facets.group}
      searchable
      allowDeselect={false}
      onChange={(v) => set({ group: v ?? 'all' })}
    />
    <MultiSelect
      label={W.leaveOutWhatMayHold}
      placeholder={facets.without.length === 0 ? W.eggSoyCoconut : ''}
      data={EXCLUSION_IDS.map((e) => ({ value: e, label: EXCLUSION_WORDS[e].name }))}
      value={facets.without}
      searchable
      clearable
      clearButtonProps={{ 'aria-label': W.clearWhatNothingWasFound }}
      onChange={(v) => set({ without: v })}
    />
    <Checkbox
      className={own.unread}
      label={W.packetNotReadYet}
      checked={facets.unread}
      onChange={(e) => set({ unread: e.currentTarget.checked })}
    />
  </div>
);

/** The pantry: everything there is to bake with, searched and sifted, with the baker's own among it. */
export function PantryPage() {
  usePageTitle(W.pantry);
  const { rows, pantry, ready, error } = usePantry();
  const { facets, set, sort, page: asked } = useFacets();
  const deferred = useDeferredValue(facets);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const entries = useMemo(() => (ready ? entriesOf(pantry, rows) : []), [pantry, rows, ready]);
  const hits = useMemo(() => searchEntries(entries, deferred), [entries, deferred]);
  const pages = Math.max(1, Math.ceil(hits.length / PER_PAGE));
  const page = Math.min(pages, Math.max(1, asked));
  const choose = (itemId: string, on: boolean): void => {
    const next = new Set(chosen);
    if (on) next.add(itemId);
    else next.delete(itemId);
    setChosen(next);
  };
  return (
    <main id="main" className={classes.page}>
      <Head />
      {error !== undefined && (
        <Notice kind="trouble" title={W.yourOwnThingsCannotBe}>
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      )}
      <Broken />
      <Sieve facets={facets} set={set} />
      <BulkBar rows={rows} chosen={chosen} onDone={() => setChosen(new Set())} />
      {!ready && <Skeleton height={520} role="status" aria-label={W.fetchingThePantry} />}
      {ready && (
        <>
          <p className="small quiet" role="status">
            {hits.length === 0
              ? W.nothingOfThatNameAdd
              : `${W.thingCount({ n: hits.length })}${hits.length > PER_PAGE ? W.pageOf({ page, pages }) : ''}`}
          </p>
          {hits.length > 0 && (
            <div
              className={`sheet ${own.scroll}`}
              role="region"
              tabIndex={0}
              aria-label={W.whatIsInThePantry}
            >
              <FoundTable
                entries={hits}
                page={page}
                sort={sort}
                onSort={(to) => set({ sort: to })}
                chosen={chosen}
                onChoose={choose}
              />
            </div>
          )}
          {pages > 1 && (
            <Pagination
              mt={14}
              total={pages}
              value={page}
              onChange={(p) => set({ page: p })}
              getItemProps={(p) => ({ 'aria-label': W.page({ p }) })}
              getControlProps={(c) => ({ 'aria-label': W.page2({ c }) })}
            />
          )}
        </>
      )}
      <SaidNames />
    </main>
  );
}
