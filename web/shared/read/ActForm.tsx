import { Button, Group, MultiSelect, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { Formula } from '../../../core/formula';
import { ACTION_COVERS, ACTION_KINDS, ACTION_PLACES, mendOf, type Action } from '../../../core/method';
import type { Pantry } from '../../../core/pantry';
import { linkMethod, minutesIn } from '../../../core/reading';
import { useAppDispatch } from '../../store/store';
import { timeText } from '../../words/actions';
import { ACTION_COVER_WORDS, ACTION_PLACE_WORDS, ACTION_WORDS } from '../../words/data/actions';
import { fromField, heatUnit, toField } from '../../words/heat';
import { lineName } from '../../words/things';
import { workingCopy } from '../../working/workingSlice';
import classes from './read.module.css';
import { readWords } from '../../words/data/en/read';

const W = readWords.actForm;

/** Fields that may be empty: what is not so at all is left out of the act. */
function withField<F extends keyof Action>(act: Action, field: F, value: Action[F] | undefined): Action {
  const { [field]: _was, ...rest } = act;
  return (value === undefined ? rest : { ...rest, [field]: value }) as Action;
}

type Field<T> = { label: string; value: T | undefined; onChange: (value: T | undefined) => void };

/** One of several words, or none of them. */
function Words<T extends string>({
  label,
  of,
  words,
  value,
  onChange,
}: Field<T> & { of: readonly T[]; words: Record<T, string> }) {
  return (
    <NativeSelect
      label={label}
      value={value ?? ''}
      data={[{ value: '', label: W.notSaid }, ...of.map((v) => ({ value: v, label: words[v] }))]}
      onChange={(e) => onChange(of.find((v) => v === e.currentTarget.value))}
    />
  );
}

function Num({ label, suffix, value, onChange }: Field<number> & { suffix?: string }) {
  return (
    <NumberInput
      label={label}
      value={value ?? ''}
      {...(suffix ? { suffix } : {})}
      min={0}
      decimalScale={1}
      onChange={(v) => onChange(typeof v === 'number' ? v : undefined)}
    />
  );
}

type Props = {
  formula: Formula;
  pantry: Pantry;
  stepId: string;
  /** Which of the acts of its step. */
  at: number;
  act: Action;
  onDone: () => void;
};

/**
 * As its words alone are read: what is the same as that needs no mend. Mends leave the words, so that which of several with the
 * same words it is stands too.
 */
function useAsRead({ formula, pantry, stepId, at, act }: Props): { read: Action | undefined; nth: number } {
  return useMemo(() => {
    const method = formula.method.map(({ mends: _mends, ...s }) => s);
    const step = linkMethod({ ...formula, method }, pantry.lookup).method.find((s) => s.id === stepId);
    const acts = step?.actions ?? [];
    return { read: acts[at], nth: acts.slice(0, at).filter((a) => a.text === act.text).length };
  }, [formula, pantry, stepId, at, act.text]);
}

type SetField = <F extends keyof Action>(field: F, value: Action[F] | undefined) => void;

/** How hot, where, under what, how many pieces, until when, and what it takes. */
function Fields({ now, set, formula }: { now: Action; set: SetField; formula: Formula }) {
  const lines = formula.parts.flatMap((p) => p.lines);
  const used = (ids: string[]) =>
    ids.map((lineId) => now.uses?.find((u) => u.lineId === lineId) ?? { lineId, share: 1 });
  return (
    <>
      <Num
        label={W.howHot}
        suffix={` ${heatUnit()}`}
        value={now.tempC === undefined ? undefined : toField(now.tempC, false)}
        onChange={(v) => set('tempC', v === undefined ? undefined : fromField(v, false))}
      />
      <Words
        label={W.where}
        of={ACTION_PLACES}
        words={ACTION_PLACE_WORDS}
        value={now.place}
        onChange={(v) => set('place', v)}
      />
      <Words
        label={W.underWhat}
        of={ACTION_COVERS}
        words={ACTION_COVER_WORDS}
        value={now.cover}
        onChange={(v) => set('cover', v)}
      />
      <Num label={W.pieces} value={now.pieces} onChange={(v) => set('pieces', v)} />
      <Num label={W.each} suffix=" g" value={now.pieceG} onChange={(v) => set('pieceG', v)} />
      <TextInput
        label={W.until}
        value={now.until ?? ''}
        maxLength={120}
        onChange={(e) => set('until', e.currentTarget.value || undefined)}
      />
      <MultiSelect
        label={W.whatItTakes}
        className={classes.wide}
        data={lines.map((l) => ({ value: l.id, label: lineName(l, true) }))}
        value={(now.uses ?? []).map((u) => u.lineId)}
        onChange={(ids) => set('uses', ids.length === 0 ? undefined : used(ids))}
      />
    </>
  );
}

/** What was read of one act, put right field by field. */
export function ActForm(props: Props) {
  const { formula, stepId, act, onDone } = props;
  const dispatch = useAppDispatch();
  const [now, setNow] = useState(act);
  const [time, setTime] = useState(act.minutes ? timeText(act.minutes) : '');
  const { read, nth } = useAsRead(props);
  const unread = time.trim() !== '' && minutesIn(time) === null;
  const set: SetField = (field, value) => setNow(withField(now, field, value));
  const save = (wanted: Action | undefined) => {
    if (!read) return;
    dispatch(
      workingCopy.actMended({
        stepId,
        words: act.text,
        nth,
        mend: wanted ? mendOf(read, wanted, nth) : null,
      }),
    );
    onDone();
  };
  return (
    <form
      className={classes.act}
      aria-label={W.whatIs({ actText: act.text })}
      onSubmit={(e) => {
        e.preventDefault();
        if (!unread) save(withField(now, 'minutes', minutesIn(time) ?? undefined));
      }}
    >
      <NativeSelect
        label={W.whatIsDone}
        value={now.kind}
        data={ACTION_KINDS.map((k) => ({ value: k, label: ACTION_WORDS[k] }))}
        onChange={(e) => set('kind', ACTION_KINDS.find((k) => k === e.currentTarget.value) ?? now.kind)}
      />
      <TextInput
        label={W.howLong}
        placeholder={W.text5To7Min}
        value={time}
        error={unread ? W.writeATimeSuchAs : undefined}
        onChange={(e) => setTime(e.currentTarget.value)}
      />
      <Fields now={now} set={set} formula={formula} />
      <Group gap={8} className={classes.wide}>
        <Button type="submit" size="compact-md">
          {W.keep}
        </Button>
        <Button size="compact-md" variant="default" onClick={onDone}>
          {W.cancel}
        </Button>
        {act.mended && (
          <Button size="compact-md" variant="subtle" onClick={() => save(undefined)}>
            {W.asItWasRead}
          </Button>
        )}
      </Group>
    </form>
  );
}
