import { ActionIcon, Button, NumberInput, Select } from '@mantine/core';
import { IconCheck, IconPencil, IconQuestionMark } from '@tabler/icons-react';
import { memo, useId, useState } from 'react';
import type { Msg } from '../../../core/explain';
import type { Line } from '../../../core/formula';
import { ingredientById, INGREDIENTS } from '../../../core/ingredients';
import { fixed, gramsOrUnknown } from '../../words/format';
import { say } from '../../words/say';
import { ingredientName } from '../../words/things';
import { doubt, howRead } from './howRead';
import classes from './read.module.css';

export type LineView = { line: Line; issues: Msg[]; suggestions: string[] };
export type OnCorrect = (lineId: string, change: { ingredientId?: string; massG?: number }) => void;

const EVERY = INGREDIENTS.map((i) => ({ value: i.id, label: ingredientName(i.id) })).sort((a, b) =>
  a.label.localeCompare(b.label),
);
const MOST_G = 100_000;

function Editor({ view, onCorrect, onDone }: { view: LineView; onCorrect: OnCorrect; onDone: () => void }) {
  const { line, suggestions } = view;
  const [id, setId] = useState<string | null>(
    line.item.kind === 'ref' ? line.item.id : (suggestions[0] ?? null),
  );
  const [g, setG] = useState<number | string>(
    line.amount.massG ? Number(fixed(line.amount.massG.value, 1).replace(/,/g, '')) : '',
  );
  const known = typeof g === 'number' && g > 0;
  const error = g === '' || known ? null : 'Give grams above 0.';

  function keep() {
    const was = line.item.kind === 'ref' ? line.item.id : null;
    const wasG = line.amount.massG?.value;
    onCorrect(line.id, {
      ...(id && id !== was ? { ingredientId: id } : {}),
      ...(known && (wasG === undefined || Math.abs(wasG - g) >= 0.05) ? { massG: g } : {}),
    });
    onDone();
  }

  return (
    <form
      className={classes.editor}
      onSubmit={(e) => {
        e.preventDefault();
        if (!error) keep();
      }}
    >
      <Select
        label="It is"
        data={EVERY}
        value={id}
        onChange={setId}
        searchable
        data-autofocus
        nothingFoundMessage="Nothing of that name"
        maxDropdownHeight={260}
      />
      <NumberInput
        label="Grams"
        value={g}
        onChange={setG}
        min={0}
        max={MOST_G}
        decimalScale={1}
        suffix=" g"
        error={error}
        hideControls
      />
      <Button type="submit" leftSection={<IconCheck size={16} />}>
        Take it so
      </Button>
      <Button variant="subtle" onClick={onDone}>
        Leave it
      </Button>
      {suggestions.length > 0 && line.item.kind === 'unknown' && (
        <p className={classes.maybe}>
          Perhaps:{' '}
          {suggestions.slice(0, 3).map((s) => (
            <Button
              key={s}
              size="compact-md"
              variant={s === id ? 'light' : 'subtle'}
              onClick={() => setId(s)}
            >
              {ingredientName(s, true)}
            </Button>
          ))}
        </p>
      )}
    </form>
  );
}

const Row = memo(function Row({ view, onCorrect }: { view: LineView; onCorrect: OnCorrect }) {
  const [open, setOpen] = useState(false);
  const { line, issues } = view;
  const state = doubt(line);
  const id = line.item.kind === 'ref' ? line.item.id : null;
  const written = line.amount.written || (id ? ingredientName(id) : '');
  const role = line.role === 'release' ? 'for the tin' : line.role === 'wash' ? 'brushed on' : '';
  return (
    <li className={classes.line} data-state={issues.length > 0 && state === 'sure' ? 'likely' : state}>
      <div className={classes.cells}>
        <span className={classes.written}>{written}</span>
        <span className={classes.name}>
          {id ? ingredientName(id) : <em>not known</em>}
          {role && <small> {role}</small>}
          {id && ingredientById(id)?.labelNeeded && <small> packet not read</small>}
        </span>
        <span className={`${classes.grams} num`}>
          {line.role === 'release' && !line.amount.massG ? '' : gramsOrUnknown(line.amount.massG?.value)}
          {line.amount.massG?.sd ? (
            <small>± {fixed(line.amount.massG.sd, line.amount.massG.sd < 2 ? 1 : 0)} g</small>
          ) : null}
        </span>
        <span className={classes.how}>{howRead(line)}</span>
        <ActionIcon
          variant="subtle"
          size={40}
          color={state === 'unknown' ? 'beet' : 'gray'}
          aria-label={`Correct ${written}`}
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {state === 'unknown' ? <IconQuestionMark size={20} /> : <IconPencil size={18} stroke={1.6} />}
        </ActionIcon>
      </div>
      {issues.map((i) => (
        <p key={i.code} className={classes.issue}>
          {say(i)}
        </p>
      ))}
      {open && <Editor view={view} onCorrect={onCorrect} onDone={() => setOpen(false)} />}
    </li>
  );
});

/** What was understood of each line: as written, what it is, grams, how it was read; each can be corrected in place. */
export function ReadLines({ views, onCorrect }: { views: LineView[]; onCorrect: OnCorrect }) {
  const heading = useId();
  return (
    <section aria-labelledby={heading} className={`sheet ${classes.table}`}>
      <h2 id={heading} className="visually-hidden">
        Lines as understood
      </h2>
      <div className={`${classes.cells} ${classes.caption}`} aria-hidden="true">
        <span>as written</span>
        <span>understood as</span>
        <span className={classes.grams}>grams</span>
        <span className={classes.how}>how</span>
        <span />
      </div>
      <ol className={classes.lines}>
        {views.map((v) => (
          <Row key={v.line.id} view={v} onCorrect={onCorrect} />
        ))}
      </ol>
    </section>
  );
}
