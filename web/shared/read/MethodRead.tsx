import { ActionIcon, Button } from '@mantine/core';
import { IconPencil } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import type { Formula, Line } from '../../../core/formula';
import type { Action } from '../../../core/method';
import type { Pantry } from '../../../core/pantry';
import { checkMethod, linkMethod, type MethodCheck } from '../../../core/reading';
import { useAppDispatch } from '../../store/store';
import { actionFacts } from '../../words/actions';
import { ACTION_WORDS } from '../../words/data/actions';
import { fixed, grams } from '../../words/format';
import { ingredientName, lineName } from '../../words/things';
import { workingCopy } from '../../working/workingSlice';
import { ActForm } from './ActForm';
import { BowlMap } from './BowlMap';
import classes from './read.module.css';
import { readWords } from '../../words/data/en/read';

const W = readWords.methodRead;

const SHARE_WORDS = { some: W.some, most: W.most, rest: W.theRest } as const;

function toldOf(act: Action, lines: ReadonlyMap<string, Line>): string[] {
  return (act.uses ?? []).flatMap(({ lineId, share }) => {
    const line = lines.get(lineId);
    if (!line) return [];
    const g = line.amount.massG?.value;
    const much =
      typeof share === 'string'
        ? W.ofThe({ share: SHARE_WORDS[share] })
        : g === undefined
          ? ''
          : `${grams(share * g)} `;
    return [`${much}${lineName(line, true)}`];
  });
}

/** One act: what is done, with what, and its figures; what was not written here is said to be ours. A press puts it right. */
function Act({
  act,
  lines,
  ...of
}: Omit<Parameters<typeof ActForm>[0], 'onDone'> & { lines: ReadonlyMap<string, Line> }) {
  const [open, setOpen] = useState(false);
  const takes = toldOf(act, lines);
  const facts = actionFacts(act);
  return (
    <li>
      {act.kind === 'other' ? <span className="quiet">“{act.text}”</span> : <b>{ACTION_WORDS[act.kind]}</b>}
      {takes.length > 0 && <span> {takes.join(', ')}</span>}
      {facts.length > 0 && <span className="quiet"> {facts.join(', ')}</span>}
      {act.ours?.includes('tempC') && <span className="small quiet"> {W.heatFromBefore}</span>}
      {act.ours?.includes('pieces') && <span className="small quiet"> {W.piecesFromTheYield}</span>}
      {act.mended && <span className="small quiet"> {W.byYou}</span>}
      <ActionIcon
        variant="subtle"
        color="gray"
        size={28}
        ml={4}
        className={classes.pencil}
        aria-label={W.correct({ actText: act.text })}
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <IconPencil size={15} stroke={1.6} />
      </ActionIcon>
      {open && <ActForm {...of} act={act} onDone={() => setOpen(false)} />}
    </li>
  );
}

/** What does not fit, in a sentence, and the press that mends it. */
function Check({
  check,
  formula,
  lines,
}: {
  check: MethodCheck;
  formula: Formula;
  lines: ReadonlyMap<string, Line>;
}) {
  const dispatch = useAppDispatch();
  const number = (id: string | null): number => formula.method.findIndex((s) => s.id === id) + 1;
  const text = (id: string): string => formula.method.find((s) => s.id === id)?.text ?? '';
  const add = (stepId: string, words: string) =>
    dispatch(workingCopy.stepWritten({ stepId, text: `${text(stepId).replace(/\.?\s*$/, '.')} ${words}` }));
  if (check.code === 'unused' || check.code === 'left') {
    const line = lines.get(check.lineId);
    if (!line) return null;
    const name = lineName(line, true);
    const g = line.amount.massG?.value;
    const { stepId } = check;
    return (
      <li>
        {check.code === 'unused'
          ? W.isInNoStep({ which: g === undefined ? '' : `${grams(g)} `, name })
          : W.ofTheIsInNo({ number: fixed(100 * check.share, 0), name })}
        {stepId && (
          <Button
            size="compact-md"
            variant="light"
            onClick={() =>
              add(stepId, check.code === 'unused' ? W.addThe({ name }) : W.addTheRestOfThe({ name }))
            }
          >
            {W.putItInStep({ number: number(stepId) })}
          </Button>
        )}
      </li>
    );
  }
  if (check.code === 'unlisted' || check.code === 'spent') {
    const partId = formula.parts[0]!.id;
    return (
      <li>
        {(check.code === 'spent' ? W.brushesOnWhatWentIn : W.stepTakesWhichIsNot)({
          number: number(check.stepId),
          ingredient: ingredientName(check.ingredientId, true),
        })}
        <Button
          size="compact-md"
          variant="light"
          onClick={() => {
            const { ingredientId, role } = check;
            dispatch(workingCopy.lineAdded({ partId, ingredientId, ...(role ? { role } : {}) }));
          }}
        >
          {W.putItInTheList}
        </Button>
      </li>
    );
  }
  return (
    <li>
      {W.stepMakesPiecesOfIn({
        number: number(check.stepId),
        pieces: check.pieces,
        amount: grams(check.pieceG),
        amount2: grams(check.pieces * check.pieceG),
        amount3: grams(check.doughG),
      })}
    </li>
  );
}

/** The method as it was understood, act by act, and what in it does not fit the list. */
export function MethodRead({ formula, pantry }: { formula: Formula; pantry: Pantry }) {
  const linked = useMemo(() => linkMethod(formula, pantry.lookup), [formula, pantry]);
  const checks = useMemo(() => checkMethod(formula, pantry.lookup), [formula, pantry]);
  const lines = useMemo(
    () => new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l]))),
    [formula],
  );
  if (formula.method.length === 0) return null;
  return (
    <section className={`sheet ${classes.settle}`} aria-label={W.theMethodAsRead}>
      <h2>{W.method}</h2>
      {checks.length > 0 && (
        <ul className={classes.checks} aria-label={W.whatDoesNotFit}>
          {checks.map((c) => (
            <Check key={JSON.stringify(c)} check={c} formula={formula} lines={lines} />
          ))}
        </ul>
      )}
      <ol className={classes.steps}>
        {linked.method.map((s) => (
          <li key={s.id}>
            {s.text}
            {s.actions && (
              <ul className={classes.acts}>
                {s.actions.map((a, i) => (
                  <Act key={i} formula={formula} pantry={pantry} stepId={s.id} at={i} act={a} lines={lines} />
                ))}
              </ul>
            )}
          </li>
        ))}
      </ol>
      <details className={classes.bowls}>
        <summary>{W.whatGoesIntoWhat}</summary>
        <BowlMap formula={linked} pantry={pantry} />
      </details>
    </section>
  );
}
