import { Button, Select, Textarea, TextInput } from '@mantine/core';
import { useDebouncedCallback, useLocalStorage } from '@mantine/hooks';
import { useCallback, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { CLASS_IDS, type ClassId } from '../../../core/classes';
import { formulasIn, looksLikePage } from '../../../core/formats';
import { isBeside, type Line } from '../../../core/formula';
import { CUP_STANDARDS, type CupStandard, type Measures } from '../../../core/units';
import { problemIn, useCreateFormulaMutation } from '../../api/api';
import { useKitchen } from '../../shared/useKitchen';
import { useRemember } from '../../shared/useRemember';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { keyHere } from '../../api/home';
import { usePageTitle } from '../../parts/usePageTitle';
import { ovenText, say, sayProblem } from '../../words/say';
import { CLASS_WORDS, CUP_WORDS } from '../../words/things';
import { useCompute } from '../../shared/useCompute';
import { correctLine } from '../../working/correctLine';
import { guessAgain, type SaidRows } from '../../../core/reading';
import { correctionOf } from '../../shared/read/correct';
import { ReadLines, type Change, type LineView, type OnCorrect } from '../../shared/read/ReadLines';
import { Settle } from '../../shared/read/Settle';
import { FromElsewhere } from './FromElsewhere';
import { PasteRows } from './PasteRows';
import classes from './shelf.module.css';
import { degrees } from '../../words/heat';
import { addWords } from '../../words/data/en/add';

const W = addWords.newFormulaPage;

type Fixes = Record<string, Change>;
type Pasted = {
  title: string;
  text: string;
  method: string;
  oven: string;
  time: string;
  classId: ClassId | null;
  /** The cup of this text, where it is not the kitchen's. */
  cup: CupStandard | null;
  /** Corrections by what the line says and which of its like it is, so that they stay while the text around changes. */
  fixes: Fixes;
  /** What rows of one paste are, where the baker says otherwise. */
  rows: SaidRows;
};
const BLANK: Pasted = {
  title: '',
  text: '',
  method: '',
  oven: '',
  time: '',
  classId: null,
  cup: null,
  fixes: {},
  rows: {},
};
const PAUSE_MS = 200;
const MOST_CHARS = 200_000;

/** With another cup go its spoons. */
const measuresOf = (cup: CupStandard | null, kitchen: Measures): Measures => {
  const eggs = kitchen.eggs ? { eggs: kitchen.eggs } : {};
  return cup === null || cup === kitchen.cup
    ? { cup: kitchen.cup, spoon: kitchen.spoon, ...eggs }
    : { cup, spoon: cup === 'us' ? 'us' : 'metric', ...eggs };
};

/** What names a line whatever stands around it: its text, and which of its like it is. */
function keysOf(lines: readonly Line[]): Map<string, string> {
  const count = new Map<string, number>();
  return new Map(
    lines.map((l) => {
      const n = (count.get(l.amount.written) ?? 0) + 1;
      count.set(l.amount.written, n);
      return [l.id, n === 1 ? l.amount.written : `${l.amount.written}#${n}`];
    }),
  );
}

/** Paste a formula: what is understood stands beside it at once, line by line. */
export function NewFormulaPage() {
  usePageTitle(W.addAFormula);
  const navigate = useNavigate();
  const { pantry } = usePantry();
  const kitchen = useKitchen();
  const [stored, store] = useLocalStorage<Pasted>({
    key: keyHere('paste'),
    defaultValue: BLANK,
    getInitialValueInEffect: false,
  });
  const [form, setForm] = useState<Pasted>({ ...BLANK, ...stored });
  const [create, creating] = useCreateFormulaMutation();
  const remember = useRemember();
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

  const measures = useMemo(() => measuresOf(form.cup, kitchen), [form.cup, kitchen]);
  // More than the lines of one formula: what is in it is offered first.
  const isPage = useMemo(() => looksLikePage(form.text) || formulasIn(form.text) !== null, [form.text]);
  const tooLong = !isPage && form.text.length > MOST_CHARS;
  const { output, failed } = useCompute(
    'read',
    tooLong || isPage || form.text.trim() === ''
      ? null
      : {
          text: form.text,
          ...(Object.keys(form.rows).length > 0 ? { rows: form.rows } : {}),
          title: form.title,
          method: form.method,
          oven: form.oven,
          time: form.time,
          kitchen: measures,
          ...(kitchen.names ? { names: kitchen.names } : {}),
          ...(form.classId ? { classId: form.classId } : {}),
        },
    PAUSE_MS,
  );
  const read = form.text.trim() === '' || tooLong || isPage ? null : output;

  const keys = useMemo(() => keysOf(read?.lines.map((l) => l.line) ?? []), [read]);
  const corrected = useMemo(() => {
    if (!read) return null;
    const mended = read.lines.reduce((f, { line }) => {
      const fix = form.fixes[keys.get(line.id) ?? ''];
      return fix ? correctLine(f, correctionOf(f, line.id, fix, pantry.byId, measures)) : f;
    }, read.formula);
    return mended === read.formula ? mended : guessAgain(mended, pantry.lookup);
  }, [read, keys, form.fixes, pantry, measures]);
  const parts = useMemo(() => {
    if (!read || !corrected) return [];
    const reads = new Map(read.lines.map((l) => [l.line.id, l]));
    return corrected.parts.map((part) => ({
      part,
      views: part.lines.map((line): LineView => {
        const { suggestions, issues } = reads.get(line.id)!;
        const fix = form.fixes[keys.get(line.id) ?? ''];
        const open = issues.filter(
          (x) =>
            !(x.code.startsWith('name.') && fix?.ingredientId) &&
            !(x.code.startsWith('amount.') && (fix?.massG || (fix?.ingredientId && line.amount.massG))) &&
            !(x.code.startsWith('check.') && fix),
        );
        return { line, issues: open, suggestions: suggestions.map((s) => s.id) };
      }),
    }));
  }, [read, corrected, keys, form.fixes]);
  const onCorrect = useCallback<OnCorrect>(
    (lineId, change) => {
      const key = keys.get(lineId);
      if (key) set({ fixes: { ...form.fixes, [key]: { ...form.fixes[key], ...change } } });
    },
    [keys, set, form.fixes],
  );

  const views = parts.flatMap((p) => p.views);
  const unknown = views.filter(
    (v) => v.line.item.kind === 'unknown' || (!v.line.amount.massG && !isBeside(v.line.role)),
  ).length;

  async function keep() {
    if (!corrected) return;
    const done = await create({
      ...corrected,
      title: form.title.trim() || corrected.title.trim() || W.untitledFormula,
    });
    if ('data' in done && done.data) {
      remember(
        (read?.lines ?? []).flatMap(({ line }): [string, string][] => {
          const means = form.fixes[keys.get(line.id) ?? '']?.ingredientId;
          return line.item.kind === 'unknown' && means ? [[line.item.text, means]] : [];
        }),
      );
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
          <h1>{W.addAFormula}</h1>
          <p className="quiet">{W.pasteItAsYouFound}</p>
        </div>
      </div>
      {creating.error && (
        <Notice kind="trouble" title={W.couldNotSave}>
          {sayProblem(problemIn(creating.error)?.code ?? null, problemIn(creating.error)?.args)}
        </Notice>
      )}
      <div className={classes.columns}>
        <div className={`sheet ${classes.form}`}>
          <TextInput
            label={W.title}
            value={form.title}
            placeholder={corrected?.title ?? ''}
            maxLength={200}
            onChange={(e) => set({ title: e.currentTarget.value })}
          />
          <Textarea
            label={W.ingredientsOneALine}
            placeholder={W.text250GSorghumFlour2}
            value={form.text}
            autosize
            minRows={9}
            maxRows={22}
            error={tooLong ? W.thatIsMoreThanAny : undefined}
            onChange={(e) => set({ text: e.currentTarget.value })}
          />
          {form.method.trim() === '' && !isPage && !tooLong && form.text.trim() !== '' && (
            <PasteRows text={form.text} said={form.rows} onSay={(rows) => set({ rows })} />
          )}
          <FromElsewhere
            text={form.text}
            onTake={({ title, text, method, oven, time }) =>
              set({ title, text, method, oven, time, fixes: {}, rows: {} })
            }
          />
          <Textarea
            label={W.method}
            value={form.method}
            maxLength={50_000}
            autosize
            minRows={4}
            maxRows={12}
            onChange={(e) => set({ method: e.currentTarget.value })}
          />
          <div className={classes.pair}>
            <TextInput
              label={W.oven}
              placeholder={W.text180COr350F}
              value={form.oven}
              maxLength={200}
              onChange={(e) => set({ oven: e.currentTarget.value })}
            />
            <TextInput
              label={W.time}
              placeholder={W.text45Min}
              value={form.time}
              maxLength={200}
              onChange={(e) => set({ time: e.currentTarget.value })}
            />
          </div>
          <div className={classes.pair}>
            <Select
              label={W.kindOfBake}
              data={CLASS_IDS.map((c) => ({ value: c, label: CLASS_WORDS[c] }))}
              value={form.classId ?? corrected?.parts[0]?.classId ?? null}
              placeholder={W.readFromTheText}
              onChange={(v) => set({ classId: v })}
              allowDeselect={false}
            />
            <Select
              label={W.cupsAndSpoons}
              data={CUP_STANDARDS.map((c) => ({ value: c, label: CUP_WORDS[c] }))}
              value={form.cup ?? kitchen.cup}
              onChange={(v) => set({ cup: v })}
              allowDeselect={false}
              description={
                form.cup === null || form.cup === kitchen.cup ? (
                  <>{W.asInYour({ link: <Link to="/kitchen">{W.kitchen}</Link> })}</>
                ) : (
                  W.forThisTextAlone
                )
              }
            />
          </div>
        </div>
        <div>
          {failed && (
            <Notice kind="trouble" title={W.readingFailed}>
              {W.nothingYouEnteredIsLost}
            </Notice>
          )}
          {!read && (
            <div className={`sheet ${classes.empty}`}>
              <h2>{W.whatIsUnderstoodAppearsHere}</h2>
              <p>{W.eachLineInGramsHow}</p>
            </div>
          )}
          {read && (
            <>
              {read.issues.map((i) => (
                <Notice key={i.code} kind={i.code.startsWith('bake.') ? 'trouble' : 'word'}>
                  {say(i)}
                  {i.fixes?.map((fix) => (
                    <Button
                      key={fix.ovenC}
                      size="compact-md"
                      variant="light"
                      ml={8}
                      onClick={() => set({ oven: `${fix.ovenC} °C` })}
                    >
                      {W.take({ temperature: degrees(fix.ovenC) })}
                    </Button>
                  ))}
                </Notice>
              ))}
              <Settle views={views} pantry={pantry} onCorrect={onCorrect} />
              <div className={classes.parts}>
                {parts
                  .filter((p) => p.views.length > 0)
                  .map(({ part, views: own }) => (
                    <ReadLines
                      key={part.id}
                      views={own}
                      pantry={pantry}
                      onCorrect={onCorrect}
                      {...(parts.length > 1 ? { name: part.name || W.mainPart } : {})}
                    />
                  ))}
              </div>
              {bake && <p className={classes.bar}>{W.bake({ oven: ovenText(bake) })}</p>}
              <div className={`${classes.bar} ${classes.foot}`}>
                <Button
                  onClick={() => void keep()}
                  loading={creating.isLoading}
                  disabled={views.length === 0}
                >
                  {W.addFormula}
                </Button>
                <span className="quiet" role="status">
                  {W.lineCount({ n: views.length })},{' '}
                  {unknown === 0 ? W.allKnown : W.notKnownCorrectThemNow({ unknown })}
                </span>
              </div>
            </>
          )}
        </div>
      </div>
    </main>
  );
}
