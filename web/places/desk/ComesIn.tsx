import { Button } from '@mantine/core';
import type { AvoidId } from '../../../core/ingredients';
import { useAppDispatch } from '../../store/store';
import { listed } from '../../words/plural';
import { AVOID_WORDS } from '../../words/things';
import { workingCopy } from '../../working/workingSlice';
import { useDeskContext } from '../../shared/deskContext';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.comesIn;

/** Groups that the formula has none of: they stay out of it unless they are allowed here, and can be shut out again. */
export function ComesIn({ heldOut }: { heldOut: readonly AvoidId[] }) {
  const { doc } = useDeskContext();
  const dispatch = useAppDispatch();
  const allowed = doc.request.allow ?? [];
  if (heldOut.length === 0 && allowed.length === 0) return null;
  const press = (avoid: AvoidId, on: boolean) => (
    <Button
      key={avoid}
      size="compact-md"
      variant={on ? 'light' : 'default'}
      aria-pressed={!on}
      onClick={() => dispatch(workingCopy.allowed({ avoid, on }))}
    >
      {on ? W.allow({ avoid: AVOID_WORDS[avoid] }) : W.allowed({ avoid: AVOID_WORDS[avoid] })}
    </Button>
  );
  return (
    <p className={classes.comesIn}>
      {heldOut.length > 0 && (
        <span>{W.thisFormulaHasNoSo({ list: listed(heldOut.map((a) => AVOID_WORDS[a])) })}</span>
      )}
      {heldOut.map((a) => press(a, true))}
      {allowed.map((a) => press(a, false))}
    </p>
  );
}
