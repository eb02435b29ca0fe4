import { Button, Group, Textarea, TextInput } from '@mantine/core';
import { notify } from '../../parts/notify';
import { useMemo, useState } from 'react';
import { useStore } from 'react-redux';
import { useNavigate } from 'react-router';
import type { DraftDoc } from '../../../contract/dto';
import { notedBake } from '../../../core/bake';
import { doughLines, doughMassG, massOf, pinItems, totalFlourG, type Formula } from '../../../core/formula';
import { withChoices } from '../../../core/method';
import { fillOf, rounded, scaled, sized, type Rounded, type Solution } from '../../../core/rebalance';
import { useKeepVersionMutation } from '../../api/api';
import { problemIn } from '../../api/ask';
import { saving, useAppDispatch, type RootState } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { Dialog } from '../../parts/Dialog';
import { Notice } from '../../parts/Notice';
import { fixed } from '../../words/format';
import { listed } from '../../words/plural';
import { ovenText, sayProblem } from '../../words/say';
import { PROP_WORDS } from '../../words/things';
import { keptBake, useBake, type Bake } from '../../shared/useBake';
import classes from './desk.module.css';
import { workingCopy } from '../../working/workingSlice';
import { ScaleFields, type ScaleWay } from './ScaleFields';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.keepVersion;

type Props = {
  formulaId: string;
  doc: DraftDoc;
  solution: Solution;
  sourceChanged: boolean;
  suggestedName: string;
  onClose: () => void;
};

/** What becomes of tin and time in a larger or smaller batch. */
function bakeSaid(formula: Formula, bake: Bake): string {
  const { tin, bake: at } = keptBake(formula, bake);
  const tins = tin && tin.count > 1 ? W.ofTheTins({ count: tin.count }) : '';
  if (bake.compared?.faults.includes('tinSmall')) return W.theTinDoesNotHold({ tins });
  return bake.compared?.minutes && at
    ? W.inTheOven({ tins, oven: ovenText(at) })
    : W.heatAndTimeStayAs({ tins });
}

/** Below this nobody sees a change of hydration, %. */
const SEEN_PERCENT = 0.5;

/** What rounding to the scale does, in words; or what to mend where there is no amount to make. */
function roundingSaid(made: (Rounded & { factor: number }) | null, bake: Bake): string {
  if (!made) return W.betweenAHundredthAnd200;
  const shift =
    made.wetnessPercent < SEEN_PERCENT ? '' : W.hydrationChangesBy({ number: fixed(made.wetnessPercent, 1) });
  const left = [...new Set(made.left.map((l) => PROP_WORDS[l.key]))];
  return (
    W.amountsAreRoundedForA({ shift }) +
    (left.length > 0 ? W.thatTakesJustOutsideThe({ list: listed(left) }) : '') +
    (Math.abs(made.factor - 1) > 1e-3 ? ` ${bakeSaid(made.formula, bake)}` : '')
  );
}

/** The version as it would be kept: as large as is wanted, in amounts that a scale shows; null where there is no amount to make. */
function useMade({ doc, solution }: Pick<Props, 'doc' | 'solution'>, to: ScaleWay) {
  const { pantry } = usePantry();
  const { steps } = doc.request;
  return useMemo(() => {
    const asWanted = {
      ...solution.formula,
      method: withChoices(solution.formula.method, steps ?? {}),
    };
    const larger = sized(pinItems(asWanted, pantry.lookup), to, pantry.lookup);
    if (!larger) return null;
    // The source grows with it, so that what rounding takes out of its band is measured at this size.
    const r = rounded(larger.formula, scaled(doc.source, larger.factor), pantry.lookup);
    return { ...r, factor: larger.factor };
  }, [solution, doc.source, steps, to, pantry]);
}

/** What the ways of saying how much begin with. */
function useStart(formula: Formula) {
  const { pantry } = usePantry();
  return useMemo(
    () => ({
      doughG: doughMassG(formula),
      flourG: totalFlourG(formula, pantry.lookup),
      pieces: formula.yield?.pieces ?? 1,
      tin: formula.tin,
      fill: fillOf(formula),
      lines: formula.parts.flatMap(doughLines).filter((l) => massOf(l) > 0),
    }),
    [formula, pantry],
  );
}

/** Keeps a version, and goes to its card. */
function useKeeping({ formulaId, doc, solution, sourceChanged, onClose }: Omit<Props, 'suggestedName'>) {
  const [keep, kept] = useKeepVersionMutation();
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const navigate = useNavigate();
  const submit = async (formula: Formula, bake: Bake, name: string, note: string): Promise<void> => {
    const baked = keptBake(formula, bake);
    // What was just typed goes first, so that the working copy that is done with is the one that was kept.
    await saving.saver.flush(formulaId);
    const { rev } = store.getState().working;
    const request = { ...doc.request, pins: { ...doc.request.pins, kits: solution.kits } };
    const body = {
      parentId: doc.baseId,
      name: name.trim(),
      note,
      doc: { ...formula, ...baked, method: notedBake(formula.method, doc.source, baked) },
      request,
      ...(rev > 0 ? { draftRev: rev } : {}),
      ...(sourceChanged ? { source: doc.source } : {}),
    };
    const done = await keep({ formulaId, body });
    if (!('data' in done) || !done.data) return;
    dispatch(workingCopy.versionKept({ versionId: done.data.id }));
    saving.saver.drop(formulaId);
    onClose();
    void notify({
      message: W.saved({ name: done.data.name }),
      closeButtonProps: { 'aria-label': W.close },
    });
    await navigate(`/formula/${formulaId}/card/${done.data.id}`);
  };
  return { submit, error: kept.error, busy: kept.isLoading };
}

/** Names and keeps what stands on the desk as a version; the source stays as it is. */
export function KeepVersion({ suggestedName, ...props }: Props) {
  const { doc, solution, onClose } = props;
  const [name, setName] = useState(suggestedName);
  const [note, setNote] = useState('');
  const [to, setTo] = useState<ScaleWay>(
    doc.request.bake?.massG
      ? { by: 'dough', massG: Math.round(doc.request.bake.massG) }
      : { by: 'batch', times: 1 },
  );
  const made = useMade(props, to);
  const bake = useBake(doc, made?.formula ?? null, { asLarge: true });
  const start = useStart(solution.formula);
  const { submit, error, busy } = useKeeping(props);
  const problem = error ? problemIn(error) : null;

  return (
    <Dialog title={W.saveVersion} onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (made) void submit(made.formula, bake, name, note);
        }}
      >
        {error && (
          <Notice kind="trouble" title={W.couldNotSave}>
            {sayProblem(problem?.code ?? null, problem?.args)}
          </Notice>
        )}
        <TextInput
          mt={12}
          label={W.name}
          value={name}
          maxLength={120}
          required
          data-autofocus
          onChange={(e) => setName(e.currentTarget.value)}
        />
        <Textarea
          mt={12}
          label={W.note}
          description={W.forWhomOrWhatTo}
          value={note}
          maxLength={2000}
          autosize
          minRows={2}
          onChange={(e) => setNote(e.currentTarget.value)}
        />
        <ScaleFields value={to} onChange={setTo} start={start} />
        <p className={classes.rounding} role="status">
          {roundingSaid(made, bake)}
        </p>
        <Group mt={18} justify="flex-end">
          <Button variant="subtle" onClick={onClose}>
            {W.cancel}
          </Button>
          <Button type="submit" loading={busy} disabled={name.trim() === '' || made === null || bake.working}>
            {W.save}
          </Button>
        </Group>
      </form>
    </Dialog>
  );
}
