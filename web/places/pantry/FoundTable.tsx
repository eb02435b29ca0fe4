import { Checkbox } from '@mantine/core';
import { IconArrowDown, IconArrowUp } from '@tabler/icons-react';
import {
  createColumnHelper,
  createPaginatedRowModel,
  createSortedRowModel,
  rowPaginationFeature,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnSort,
} from '@tanstack/react-table';
import { Link } from 'react-router';
import { LABEL_ALLERGENS, type Ingredient } from '../../../core/ingredients';
import { fixed, plain } from '../../words/format';
import { language } from '../../words/language';
import { listed } from '../../words/plural';
import { AVOID_WORDS, GROUP_NAMES, KIND_WORDS } from '../../words/things';
import type { Entry } from './list';
import own from './list.module.css';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.pantryPage;

export const PER_PAGE = 40;

/** What a thing holds, in as few words as tell it. */
function Holds({ of }: { of: Ingredient }) {
  const yes = [...LABEL_ALLERGENS, 'coconut' as const].filter((a) => of.facts[a] === 'yes');
  const may = LABEL_ALLERGENS.filter((a) => of.facts[a] === 'may');
  return (
    <>
      {yes.length > 0 && <b className={classes.holds}>{listed(yes.map((a) => AVOID_WORDS[a]))}</b>}
      {may.length > 0 && <span> {W.mayContain({ list: listed(may.map((a) => AVOID_WORDS[a])) })}</span>}
      {of.labelNeeded && (
        <span className="quiet">{W.packetNotRead({ yesCount: yes.length + may.length > 0 && '; ' })}</span>
      )}
    </>
  );
}

const features = tableFeatures({
  rowSortingFeature,
  rowPaginationFeature,
  sortedRowModel: createSortedRowModel(),
  paginatedRowModel: createPaginatedRowModel(),
});
const helper = createColumnHelper<typeof features, Entry>();

const COLLATOR = new Intl.Collator(language.locale);
const byWords = (of: (e: Entry) => string) => (a: { original: Entry }, b: { original: Entry }) =>
  COLLATOR.compare(of(a.original), of(b.original));
/** What is not known is told as such, and stands at the end whichever way it is sorted. */
const figure = (
  id: string,
  header: string,
  of: (i: Ingredient) => number | undefined,
  say: (x: number) => string,
  open = '?',
) =>
  helper.accessor((e) => of(e.ingredient), {
    id,
    header,
    sortFn: (a, b) => a.getValue<number>(id) - b.getValue<number>(id),
    sortUndefined: 'last',
    // The richest first: that is what one looks for.
    sortDescFirst: true,
    cell: (c) => {
      const x = c.getValue();
      return x === undefined ? open : say(x);
    },
  });
const per100 = (x: number): string => fixed(x, x < 10 ? 1 : 0);

const COLUMNS = helper.columns([
  helper.accessor('name', { header: W.name, sortFn: byWords((e) => e.name) }),
  helper.accessor((e) => GROUP_NAMES[e.ingredient.group], {
    id: 'group',
    header: W.kind2,
    sortFn: byWords((e) => GROUP_NAMES[e.ingredient.group]),
  }),
  figure('water', W.water, (i) => i.per100g.water?.value, per100),
  figure('fat', W.fat, (i) => i.per100g.fat?.value, per100),
  figure('protein', W.protein, (i) => i.per100g.protein?.value, per100),
  figure(
    'absorbs',
    W.absorbsGG,
    (i) => (i.absorption.value > 0 ? i.absorption.value : undefined),
    plain,
    '–',
  ),
]);
const FIGURES: readonly string[] = ['water', 'fat', 'protein', 'absorbs'];
const SORTS: readonly string[] = ['name', 'group', ...FIGURES];
const classOf = (id: string): string =>
  [id === 'name' ? '' : own.wide, FIGURES.includes(id) ? 'num' : ''].filter(Boolean).join(' ');

/** How an address says what a table is sorted by: "water", or "-water" for the most first; null for what is no column. */
export function sortIn(text: string | null): ColumnSort | null {
  const id = text?.replace(/^-/, '') ?? '';
  return SORTS.includes(id) ? { id, desc: text!.startsWith('-') } : null;
}
export const sortText = (sort: ColumnSort | null): string | null =>
  sort && `${sort.desc ? '-' : ''}${sort.id}`;

const Arrow = ({ of }: { of: false | 'asc' | 'desc' }) =>
  of &&
  (of === 'asc' ? (
    <IconArrowUp size={14} stroke={2} aria-hidden="true" />
  ) : (
    <IconArrowDown size={14} stroke={2} aria-hidden="true" />
  ));
const ARIA = { asc: 'ascending', desc: 'descending' } as const;

/** What was found, a page of it, sorted by whatever column. */
export function FoundTable({
  entries,
  page,
  sort,
  onSort,
  chosen,
  onChoose,
}: {
  entries: Entry[];
  /** From 1. */
  page: number;
  sort: ColumnSort | null;
  onSort: (to: ColumnSort | null) => void;
  chosen: ReadonlySet<string>;
  onChoose: (itemId: string, on: boolean) => void;
}) {
  const sorting = sort ? [sort] : [];
  const table = useTable({
    features,
    columns: COLUMNS,
    data: entries,
    state: { sorting, pagination: { pageIndex: page - 1, pageSize: PER_PAGE } },
    onSortingChange: (to) => onSort((typeof to === 'function' ? to(sorting) : to)[0] ?? null),
  });
  return (
    <table className={own.table}>
      <thead>
        <tr>
          <td className={own.pick} />
          {table.getHeaderGroups()[0]!.headers.map(({ id, column }) => {
            const sorted = column.getIsSorted();
            return (
              <th key={id} scope="col" className={classOf(id)} {...(sorted && { 'aria-sort': ARIA[sorted] })}>
                <button type="button" className={own.sort} onClick={() => column.toggleSorting()}>
                  {column.columnDef.header as string}
                  <Arrow of={sorted} />
                </button>
              </th>
            );
          })}
          <th scope="col">{W.holds}</th>
        </tr>
      </thead>
      <tbody>
        {table.getRowModel().rows.map((found) => {
          const { ingredient: i, row, name } = found.original;
          return (
            <tr key={found.id}>
              <td className={own.pick}>
                {row && (
                  <Checkbox
                    aria-label={W.choose({ name })}
                    checked={chosen.has(row.itemId)}
                    onChange={(e) => onChoose(row.itemId, e.currentTarget.checked)}
                  />
                )}
              </td>
              <th scope="row">
                <Link to={`/pantry/${i.id}`}>{name}</Link>
                {i.kind !== 'ref' && <small>{KIND_WORDS[i.kind]}</small>}
              </th>
              {found
                .getAllCells()
                .slice(1)
                .map((cell) => (
                  <td key={cell.id} className={classOf(cell.column.id)}>
                    <table.FlexRender cell={cell} />
                  </td>
                ))}
              <td>
                <Holds of={i} />
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
