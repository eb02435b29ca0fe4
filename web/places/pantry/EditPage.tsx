import { Button, Skeleton } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { PantryRow } from '../../../contract/dto';
import { pantryDocSchema } from '../../../contract/pantry-schemas';
import { obj } from '../../../contract/shapes';
import { ingredientById } from '../../../core/ingredients';
import { EMPTY_PANEL, percentSum, type PantryDoc, type PantryKind } from '../../../core/pantry';
import { useCreatePantryMutation, useRemovePantryMutation, useRevisePantryMutation } from '../../api/api';
import { problemIn } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { useSchemaForm } from '../../shared/useSchemaForm';
import { toastUndo } from '../../parts/toastUndo';
import { toastError } from '../../parts/toastError';
import { keyHere } from '../../api/home';
import { usePageTitle } from '../../parts/usePageTitle';
import { DRAFT_ID, withDraft } from '../../pantry/rows';
import { usePantry } from '../../pantry/usePantry';
import { sayProblem } from '../../words/problems';
import { BlendFields } from './BlendFields';
import { OwnFields } from './OwnFields';
import { PacketFields } from './PacketFields';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.editPage;

const TITLES: Record<PantryKind, string> = {
  own: W.anIngredientOfYourOwn,
  packet: W.aPacket,
  blend: W.aFlourBlend,
};

/** One thing of the pantry, of whichever kind. */
const SCHEMA = obj({ doc: pantryDocSchema() });

const isKind = (kind: string | undefined): kind is PantryKind => kind !== undefined && kind in TITLES;

function blank(kind: PantryKind, like: string | null): PantryDoc {
  const base = like && ingredientById(like) ? like : null;
  if (kind === 'packet')
    return {
      kind,
      name: '',
      like: base ?? '',
      labelText: '',
      seenWords: [],
      panel: EMPTY_PANEL,
      packG: null,
      price: null,
      openedOn: null,
      everywhere: true,
    };
  if (kind === 'blend') return { kind, name: '', otherNames: [], parts: [], standsFor: [], note: '' };
  return {
    kind,
    name: '',
    otherNames: [],
    like: base,
    group: (base && ingredientById(base)?.group) || 'flavour',
    panel: EMPTY_PANEL,
    gPerCup: null,
    gPerPiece: null,
    facts: {},
    note: '',
  };
}

/** What still keeps a document from being kept, in words; null when nothing does. */
function missing(doc: PantryDoc): string | null {
  if (doc.name.trim() === '') return W.giveItAName;
  if (doc.kind === 'packet' && doc.like === '') return W.sayWhatItIsAs;
  if (doc.kind === 'blend') {
    if (doc.parts.length === 0) return W.putInAtLeastOne;
    if (doc.parts.some((p) => p.id === '')) return W.sayWhatEachPartIs;
    if (percentSum(doc) <= 0) return W.giveThePartsTheirPercentages;
  }
  if (doc.kind !== 'blend') {
    const { fat, carbs, fibre, protein, salt } = doc.panel;
    const sum = [fat, carbs, fibre, protein, salt].reduce<number>((s, x) => s + (x ?? 0), 0);
    if (sum > 105) return W.fatCarbohydrateFibreProteinAnd;
  }
  return null;
}

/** Keeps what was made or changed, with the way back from it, and goes to its page. */
function useKeeping(row: PantryRow | null, forget: () => void) {
  const navigate = useNavigate();
  const [create, creating] = useCreatePantryMutation();
  const [revise, revising] = useRevisePantryMutation();
  const [remove] = useRemovePantryMutation();
  /** What was kept stays as it was kept: the way back is one revision more, as it was before. */
  async function takeBack(made: PantryRow, before: PantryDoc) {
    const done = await revise({ itemId: made.itemId, rev: made.rev, doc: before });
    if (!('data' in done) || !done.data) return toastError(W.notUndone, done.error);
    await navigate(`/pantry/${done.data.id}`);
  }
  async function keep(typed: PantryDoc) {
    const doc = { ...typed, name: typed.name.trim() };
    const done = row ? await revise({ itemId: row.itemId, rev: row.rev, doc }) : await create([doc]);
    if (!('data' in done) || !done.data) return;
    const made = Array.isArray(done.data) ? done.data[0]! : done.data;
    forget();
    if (row) toastUndo(W.changed({ doc: doc.name }), () => takeBack(made, row.doc), 'undo');
    else
      toastUndo(
        W.inThePantry({ doc: doc.name }),
        async () => {
          await remove([made.itemId]);
          await navigate('/pantry');
        },
        'undo',
      );
    await navigate(`/pantry/${made.id}`);
  }
  return {
    keep,
    problem: problemIn(creating.error ?? revising.error),
    failed: creating.error ?? revising.error,
    busy: creating.isLoading || revising.isLoading,
  };
}

function Form({
  start,
  row,
  storeKey,
  rows,
}: {
  start: PantryDoc;
  row: PantryRow | null;
  storeKey: string;
  rows: readonly PantryRow[];
}) {
  const navigate = useNavigate();
  // What is typed survives a reload until it is kept or let go.
  const [typed, setTyped, forget] = useLocalStorage<PantryDoc>({
    key: keyHere(`pantry:${storeKey}`),
    defaultValue: start,
    getInitialValueInEffect: false,
  });
  const form = useSchemaForm<{ doc: PantryDoc }>(SCHEMA, { doc: typed }, 'sent', (now) => setTyped(now.doc));
  const { keep, problem, failed, busy } = useKeeping(row, forget);
  const { doc } = form.values;
  const lacking = missing(doc);
  const preview = lacking && doc.kind !== 'packet' ? null : withDraft(rows, doc).byId(DRAFT_ID);
  const set = (more: Partial<PantryDoc>) => form.setFieldValue('doc', { ...doc, ...more } as PantryDoc);
  const [refused] = Object.values(form.errors);

  return (
    <form onSubmit={form.onSubmit((wanted) => void (lacking ?? keep(wanted.doc)))} noValidate>
      {(failed !== undefined || refused) && (
        <Notice kind="trouble" title={W.couldNotSave}>
          {typeof refused === 'string'
            ? sayProblem('body.invalid', { message: refused })
            : sayProblem(problem?.code ?? null, problem?.args)}
        </Notice>
      )}
      {doc.kind === 'packet' && <PacketFields doc={doc} set={set} preview={preview} />}
      {doc.kind === 'blend' && <BlendFields doc={doc} set={set} preview={preview} />}
      {doc.kind === 'own' && <OwnFields doc={doc} set={set} preview={preview} />}
      <div className={`${classes.actions} ${classes.foot}`}>
        <Button type="submit" disabled={lacking !== null} loading={busy}>
          {row ? W.keepAsANewRevision : W.putItInThePantry}
        </Button>
        <Button
          variant="subtle"
          onClick={() => {
            forget();
            void navigate(row ? `/pantry/${row.id}` : '/pantry');
          }}
        >
          {W.letItGo}
        </Button>
        {lacking && (
          <span className="quiet" role="status">
            {lacking}
          </span>
        )}
      </div>
    </form>
  );
}

/** Adding to the pantry, or changing what is there: an ingredient, a packet, a blend. */
export function EditPage() {
  const { kind, id } = useParams();
  const [search] = useSearchParams();
  const { rows, ready } = usePantry();
  const row = rows.find((r) => r.id === id) ?? null;
  const is = row?.doc.kind ?? kind;
  usePageTitle(isKind(is) ? TITLES[is] : W.pantry);
  if (!ready) return <Skeleton m={24} height={520} role="status" aria-label={W.fetchingThePantry} />;
  if (!isKind(is) || (id !== undefined && !row)) {
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title={W.thereIsNothingToChange}>
          <Link to="/pantry">{W.toThePantry}</Link>
        </Notice>
      </main>
    );
  }
  const like = search.get('like');
  return (
    <main id="main" className={classes.page}>
      <p className={classes.crumb}>
        <Link to="/pantry">{W.pantry}</Link>
      </p>
      <h1>{row ? W.change({ name: row.doc.name }) : TITLES[is]}</h1>
      <Form
        key={`${is}:${id ?? ''}:${like ?? ''}`}
        start={row?.doc ?? blank(is, like)}
        row={row}
        rows={rows}
        storeKey={row ? row.id : `new:${is}:${like ?? ''}`}
      />
    </main>
  );
}
