import { atHead } from '../../words/case';
import { ActionIcon, Button, NumberInput, Select } from '@mantine/core';
import { IconCheck, IconPencil, IconQuestionMark } from '@tabler/icons-react';
import { memo, useId, useState } from 'react';
import { Link } from 'react-router';
import { verdictFor } from '../../../core/exclusions';
import type { Msg } from '../../../core/explain';
import { inBowlG, isBeside, type Line, type LineRole } from '../../../core/formula';
import { idOf, type AvoidId } from '../../../core/ingredients';
import type { Pantry } from '../../../core/pantry';
import type { Fix } from '../../../core/reading';
import { choicesOf } from '../../pantry/choices';
import { fixed, grams, gramsOrUnknown } from '../../words/format';
import { listed } from '../../words/plural';
import { messageText } from '../../words/say';
import { AVOID_WORDS, ingredientName } from '../../words/things';
import { confidenceOf, howRead } from './howRead';
import classes from './read.module.css';
import { readWords } from '../../words/data/en/read';

const W = readWords.readLines;

export type LineView = { line: Line; issues: (Msg & { fixes?: Fix[] })[]; suggestions: string[] };
/** `wetG`: what it weighs when it has been soaked or boiled and drained. */
export type Change = { ingredientId?: string; massG?: number; wetG?: number };
export type OnCorrect = (lineId: string, change: Change) => void;

const MOST_G = 100_000;
/** Less than this would be told as nothing. */
const LEAST_SD_G = 0.05;
const ROLE_WORDS: Record<LineRole, string> = {
  inclusion: '',
  release: W.forTheTin,
  wash: W.brushedOn,
  dusting: W.forSprinkling,
  taste: W.toTaste,
  bath: W.boiledInPouredAway,
};

/** What is being said of a line, and what of it is a change. */
function useMending(view: LineView) {
  const { line, suggestions } = view;
  const was = idOf(line.item);
  const [id, setId] = useState<string | null>(was ?? suggestions[0] ?? null);
  const wasG = line.amount.massG?.value;
  const [g, setG] = useState<number | string>(wasG === undefined ? '' : Number(wasG.toFixed(1)));
  const known = typeof g === 'number' && g > 0;
  const wasWet = line.uptake ? Math.round(inBowlG(line)) : null;
  const [wet, setWet] = useState<number | string>(wasWet ?? '');
  const changed: Change = {
    ...(id && id !== was ? { ingredientId: id } : {}),
    ...(known && (wasG === undefined || Math.abs(wasG - g) >= 0.05) ? { massG: g } : {}),
    ...(typeof wet === 'number' && wet > 0 && wet !== wasWet ? { wetG: wet } : {}),
  };
  const error = g === '' || known ? null : W.giveGramsAbove0;
  return { was, id, setId, g, setG, error, isSoaked: wasWet !== null, wet, setWet, changed };
}

/** What it may be, each a press away. */
const Perhaps = ({
  of,
  chosen,
  onChoose,
}: {
  of: readonly string[];
  chosen: string | null;
  onChoose: (id: string) => void;
}) => (
  <p className={classes.maybe}>
    {W.perhaps}{' '}
    {of.slice(0, 3).map((s) => (
      <Button
        key={s}
        size="compact-md"
        variant={s === chosen ? 'light' : 'subtle'}
        onClick={() => onChoose(s)}
      >
        {ingredientName(s, true)}
      </Button>
    ))}
  </p>
);

/** The thing and the grams of a line, to be said or corrected. */
export function LineEditor({
  view,
  pantry,
  onCorrect,
  onDone,
}: {
  view: LineView;
  pantry: Pantry;
  onCorrect: OnCorrect;
  onDone: () => void;
}) {
  const { line, suggestions } = view;
  const { was, id, setId, g, setG, error, isSoaked, wet, setWet, changed } = useMending(view);
  return (
    <form
      className={classes.editor}
      onSubmit={(e) => {
        e.preventDefault();
        if (error) return;
        onCorrect(line.id, changed);
        onDone();
      }}
    >
      <Select
        label={W.itIs}
        data={choicesOf(pantry)}
        value={id}
        onChange={setId}
        searchable
        limit={60}
        autoFocus={id === null}
        nothingFoundMessage={W.nothingOfThatName}
        maxDropdownHeight={260}
      />
      <NumberInput
        label={W.grams}
        value={g}
        onChange={setG}
        min={0}
        max={MOST_G}
        decimalScale={1}
        suffix=" g"
        error={error}
        hideControls
      />
      {isSoaked && (
        <NumberInput
          label={W.drainedItWeighs}
          value={wet}
          onChange={setWet}
          min={0}
          max={MOST_G}
          decimalScale={0}
          suffix=" g"
          hideControls
        />
      )}
      {/* Where an answer stands ready, Enter takes it. */}
      <Button
        type="submit"
        autoFocus={was === null && suggestions.length > 0}
        leftSection={<IconCheck size={16} />}
      >
        {W.save}
      </Button>
      <Button variant="subtle" onClick={onDone}>
        {W.cancel}
      </Button>
      {suggestions.length > 0 && line.item.kind === 'unknown' && (
        <Perhaps of={suggestions} chosen={id} onChoose={setId} />
      )}
    </form>
  );
}

/** What can be said of a line against what is out: nothing where nothing was found. */
function Verdict({ line, pantry, avoids }: { line: Line; pantry: Pantry; avoids: readonly AvoidId[] }) {
  const ingredient = pantry.lookup(line.item);
  const v = verdictFor(ingredient, avoids);
  const [word, hit] =
    v.finding === 'contains'
      ? [W.contains, v.contains]
      : v.finding === 'may_contain'
        ? [W.mayContain, v.may]
        : [W.notKnownFor, v.unknown];
  if (v.finding === 'no_conflict_found') return null;
  const few = hit.length > 4 ? W.whatIsOut : listed(hit.map((a) => AVOID_WORDS[a]));
  return (
    <small className={classes.verdict} data-finding={v.finding}>
      {word} {few}
      {v.finding === 'check_packets' && ingredient?.labelNeeded && ingredient.kind === 'ref' && (
        <>
          {': '}
          <Link to={`/pantry/new/packet?like=${ingredient.id}`}>{W.readItsPacket}</Link>
        </>
      )}
    </small>
  );
}

/** What a press would take: another mass, or another thing. */
const fixWords = (fix: Fix): string =>
  fix.massG !== undefined
    ? W.take({ amount: grams(fix.massG) })
    : W.itIs2({ ingredient: ingredientName(fix.ingredientId ?? '', true) });

const Row = memo(function Row({
  view,
  pantry,
  avoids,
  onCorrect,
}: {
  view: LineView;
  pantry: Pantry;
  avoids: readonly AvoidId[];
  onCorrect: OnCorrect;
}) {
  const [open, setOpen] = useState(false);
  const { line, issues } = view;
  const state = confidenceOf(line);
  const id = idOf(line.item);
  const written = line.amount.written || (id ? ingredientName(id) : '');
  const role = line.role ? ROLE_WORDS[line.role] : '';
  // A packet of the baker's that stands for this kind of thing everywhere.
  const meant = pantry.lookup(line.item)?.id ?? null;
  const stands = meant !== id ? meant : null;
  return (
    <li className={classes.line} data-state={issues.length > 0 && state === 'sure' ? 'likely' : state}>
      <div className={classes.cells}>
        <span className={classes.written}>{written}</span>
        <span className={classes.name}>
          {id ? ingredientName(id) : <em>{W.notKnown}</em>}
          {role && <small> {role}</small>}
          {stands && <small> {W.usingYourPacket({ ingredient: ingredientName(stands) })}</small>}
          <Verdict line={line} pantry={pantry} avoids={avoids} />
        </span>
        <span className={`${classes.grams} num`}>
          {isBeside(line.role) && !line.amount.massG ? '' : gramsOrUnknown(line.amount.massG?.value)}
          {line.amount.massG?.sd && line.amount.massG.sd >= LEAST_SD_G ? (
            <small>± {fixed(line.amount.massG.sd, line.amount.massG.sd < 2 ? 1 : 0)} g</small>
          ) : null}
        </span>
        <span className={classes.how}>
          {howRead(line)}
          {line.uptake && <small> {W.drainedAbout({ amount: grams(inBowlG(line)) })}</small>}
        </span>
        <ActionIcon
          variant="subtle"
          size={40}
          color={state === 'unknown' ? 'beet' : 'gray'}
          aria-label={W.correct({ written })}
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {state === 'unknown' ? <IconQuestionMark size={20} /> : <IconPencil size={18} stroke={1.6} />}
        </ActionIcon>
      </div>
      {issues.map((i) => (
        <p key={i.code} className={classes.issue}>
          {messageText(i)}
          {i.fixes?.map((fix) => (
            <Button
              key={fixWords(fix)}
              size="compact-md"
              variant="light"
              ml={8}
              onClick={() => onCorrect(line.id, fix)}
            >
              {fixWords(fix)}
            </Button>
          ))}
        </p>
      ))}
      {open && <LineEditor view={view} pantry={pantry} onCorrect={onCorrect} onDone={() => setOpen(false)} />}
    </li>
  );
});

const NO_AVOIDS: readonly AvoidId[] = ['gluten'];
type Props = {
  views: LineView[];
  pantry: Pantry;
  onCorrect: OnCorrect;
  /** What is out, for what is said of each line; gluten when absent. */
  avoids?: readonly AvoidId[];
  /** The part these lines make, where there are several. */
  name?: string;
};

/** What was understood of each line: as written, what it is, grams, how it was read; each can be corrected in place. */
export function ReadLines({ views, pantry, onCorrect, avoids = NO_AVOIDS, name = '' }: Props) {
  const heading = useId();
  return (
    <section aria-labelledby={heading} className={`sheet ${classes.table}`}>
      <h2 id={heading} className={name ? classes.part : 'visually-hidden'}>
        {name ? atHead(name) : W.linesAsUnderstood}
      </h2>
      <div className={`${classes.cells} ${classes.caption}`} aria-hidden="true">
        <span>{W.asWritten}</span>
        <span>{W.understoodAs}</span>
        <span className={classes.grams}>{W.grams2}</span>
        <span className={classes.how}>{W.how}</span>
        <span />
      </div>
      <ol className={classes.lines}>
        {views.map((v) => (
          <Row key={v.line.id} view={v} pantry={pantry} avoids={avoids} onCorrect={onCorrect} />
        ))}
      </ol>
    </section>
  );
}
