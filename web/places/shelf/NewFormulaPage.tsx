import { Button, SegmentedControl, Select, Textarea, TextInput } from '@mantine/core';
import { useDebouncedCallback, useLocalStorage } from '@mantine/hooks';
import { useCallback, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { CLASS_IDS, type ClassId } from '../../../core/classes';
import type { Measures } from '../../../core/units';
import { problemIn, useCreateFormulaMutation } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { counted } from '../../words/format';
import { ovenText, say, sayProblem } from '../../words/say';
import { CLASS_WORDS } from '../../words/things';
import { useCompute } from '../../workers/useCompute';
import { correctLine } from '../desk/deskSlice';
import { ReadLines, type LineView, type OnCorrect } from '../read/ReadLines';
import classes from './shelf.module.css';

type Fixes = Record<string, { ingredientId?: string; massG?: number }>;
type Pasted = {
  title: string;
  text: string;
  method: string;
  oven: string;
  time: string;
  classId: ClassId | null;
  cup: Measures['cup'];
  /** Corrections by what the line says, so that they stay with it while the text around it changes. */
  fixes: Fixes;
};
const BLANK: Pasted = {
  title: '',
  text: '',
  method: '',
  oven: '',
  time: '',
  classId: null,
  cup: 'us',
  fixes: {},
};
const PAUSE_MS = 200;
const MOST_CHARS = 200_000;

const MEASURES: Record<Measures['cup'], Measures> = {
  us: { cup: 'us', spoon: 'us' },
  metric: { cup: 'metric', spoon: 'metric' },
};

/** Paste a formula: what is understood stands beside it at once, line by line. */
export function NewFormulaPage() {
  usePageTitle('Add a formula');
  const navigate = useNavigate();
  const [stored, store] = useLocalStorage<Pasted>({
    key: 'new-crumb:paste',
    defaultValue: BLANK,
    getInitialValueInEffect: false,
  });
  const [form, setForm] = useState(stored);
  const [create, creating] = useCreateFormulaMutation();
  const later = useDebouncedCallback(store, PAUSE_MS);
  const set = useCallback(
    (more: Partial<Pasted>) =>
      setForm((f) => {
        const next = { ...f, ...more };
        later(next);
        return next;
      }),
    [later],
  );

  const tooLong = form.text.length > MOST_CHARS;
  const { output, failed } = useCompute(
    'read',
    tooLong || form.text.trim() === ''
      ? null
      : {
          text: form.text,
          title: form.title,
          method: form.method,
          oven: form.oven,
          time: form.time,
          kitchen: MEASURES[form.cup],
          ...(form.classId ? { classId: form.classId } : {}),
        },
    PAUSE_MS,
  );
  const read = form.text.trim() === '' || tooLong ? null : output;

  const corrected = useMemo(() => {
    if (!read) return null;
    return read.lines.reduce((f, { line }) => {
      const fix = form.fixes[line.amount.written];
      return fix ? correctLine(f, { lineId: line.id, ...fix }) : f;
    }, read.formula);
  }, [read, form.fixes]);
  const views = useMemo<LineView[]>(() => {
    if (!read || !corrected) return [];
    return read.lines.map(({ suggestions, issues }, i) => {
      const line = corrected.parts[0]!.lines[i]!;
      const fix = form.fixes[line.amount.written];
      const open = issues.filter(
        (x) =>
          !(x.code.startsWith('name.') && fix?.ingredientId) && !(x.code.startsWith('amount.') && fix?.massG),
      );
      return { line, issues: open, suggestions: suggestions.map((s) => s.id) };
    });
  }, [read, corrected, form.fixes]);
  const onCorrect = useCallback<OnCorrect>(
    (lineId, change) => {
      const written = views.find((v) => v.line.id === lineId)?.line.amount.written;
      if (written) set({ fixes: { ...form.fixes, [written]: { ...form.fixes[written], ...change } } });
    },
    [views, set, form.fixes],
  );

  const unknown = views.filter(
    (v) => v.line.item.kind === 'unknown' || (!v.line.amount.massG && v.line.role !== 'release'),
  ).length;

  async function keep() {
    if (!corrected) return;
    const done = await create({ ...corrected, title: form.title.trim() || 'Untitled formula' });
    if ('data' in done && done.data) {
      setForm(BLANK);
      store(BLANK);
      await navigate(`/formula/${done.data.formula.id}/swap`);
    }
  }

  const bake = read?.formula.bake;
  return (
    <main id="main" className={classes.page} style={{ maxWidth: 1240 }}>
      <div className={classes.head}>
        <div>
          <h1>Add a formula</h1>
          <p className="quiet">
            Paste it as you found it: cups, spoons, grams, fractions. Gluten-free already.
          </p>
        </div>
      </div>
      {creating.error && (
        <Notice kind="trouble" title="Not kept yet">
          {sayProblem(problemIn(creating.error)?.code ?? null, problemIn(creating.error)?.args)}
        </Notice>
      )}
      <div className={classes.columns}>
        <div className={`sheet ${classes.form}`}>
          <TextInput
            label="Title"
            value={form.title}
            maxLength={200}
            onChange={(e) => set({ title: e.currentTarget.value })}
          />
          <Textarea
            label="Ingredients, one a line"
            placeholder={'250 g sorghum flour\n2 large eggs\n1 1/2 cups buttermilk'}
            value={form.text}
            autosize
            minRows={9}
            maxRows={22}
            error={tooLong ? 'That is more than any formula. Split it.' : undefined}
            onChange={(e) => set({ text: e.currentTarget.value })}
          />
          <Textarea
            label="Method"
            value={form.method}
            maxLength={50_000}
            autosize
            minRows={4}
            maxRows={12}
            onChange={(e) => set({ method: e.currentTarget.value })}
          />
          <div className={classes.pair}>
            <TextInput
              label="Oven"
              placeholder="180 C or 350 F"
              value={form.oven}
              maxLength={200}
              onChange={(e) => set({ oven: e.currentTarget.value })}
            />
            <TextInput
              label="Time"
              placeholder="45 min"
              value={form.time}
              maxLength={200}
              onChange={(e) => set({ time: e.currentTarget.value })}
            />
          </div>
          <div className={classes.pair}>
            <Select
              label="Kind of bake"
              data={CLASS_IDS.map((c) => ({ value: c, label: CLASS_WORDS[c] }))}
              value={form.classId ?? read?.formula.parts[0]?.classId ?? null}
              placeholder="read from the text"
              onChange={(v) => set({ classId: v })}
              allowDeselect={false}
            />
            <div>
              <div className={classes.label}>Cups and spoons</div>
              <SegmentedControl
                fullWidth
                aria-label="Cups and spoons"
                data={[
                  { value: 'us', label: 'US, 237 mL' },
                  { value: 'metric', label: 'Metric, 250 mL' },
                ]}
                value={form.cup}
                onChange={(v) => set({ cup: v })}
              />
            </div>
          </div>
        </div>
        <div>
          {failed && (
            <Notice kind="trouble" title="Reading failed">
              Nothing you entered is lost. Load the page again.
            </Notice>
          )}
          {!read && (
            <div className={`sheet ${classes.empty}`}>
              <h2>What is understood appears here</h2>
              <p>Each line in grams, how it was read, and what is not known. You can correct any of it.</p>
            </div>
          )}
          {read && (
            <>
              {read.issues.map((i) => (
                <Notice key={i.code} kind={i.code.startsWith('read.') ? 'word' : 'trouble'}>
                  {say(i)}
                </Notice>
              ))}
              {views.length > 0 && <ReadLines views={views} onCorrect={onCorrect} />}
              {bake && <p className={classes.bar}>Bake: {ovenText(bake.ovenC, bake.minutes, bake.fan)}</p>}
              <div className={`${classes.bar} ${classes.foot}`}>
                <Button
                  onClick={() => void keep()}
                  loading={creating.isLoading}
                  disabled={views.length === 0}
                >
                  Put it on the shelf
                </Button>
                <span className="quiet" role="status">
                  {counted(views.length, 'line')},{' '}
                  {unknown === 0 ? 'all known' : `${unknown} not known: correct them now or later at Read`}
                </span>
              </div>
            </>
          )}
        </div>
      </div>
    </main>
  );
}
