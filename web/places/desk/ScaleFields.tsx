import { NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useState } from 'react';
import { massOf, type Line, type StatedTin } from '../../../core/formula';
import { readTin } from '../../../core/reading';
import type { ScaleTo } from '../../../core/rebalance';
import { TIN_WORDS } from '../../words/data/bake';
import { lineName } from '../../words/things';
import { behind } from '../../words/format';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.scaleFields;

const WAYS = [
  { value: 'batch', label: W.batches },
  { value: 'dough', label: W.gramsOfDoughOrBatter },
  { value: 'flour', label: W.gramsOfFlour },
  { value: 'line', label: W.whatThereIsOfOne },
  { value: 'pieces', label: W.piecesOfAWeight },
  { value: 'tin', label: W.anotherTin },
] as const;
type Way = (typeof WAYS)[number]['value'];
export type ScaleWay = Extract<ScaleTo, { by: Way }>;
type InATin = Extract<ScaleWay, { by: 'tin' }>;

/** Oven loss taken until a bake of this formula has been weighed. Common practice, no source. */
const LOSS_PERCENT = 12;

function NumberField({
  label,
  unit,
  value,
  max,
  onChange,
}: {
  label: string;
  unit?: string;
  value: number;
  max: number;
  onChange: (value: number) => void;
}) {
  return (
    <NumberInput
      label={label}
      value={value || ''}
      min={0}
      max={max}
      decimalScale={2}
      hideControls
      {...(unit ? { suffix: behind(unit) } : {})}
      onChange={(v) => onChange(typeof v === 'number' ? v : 0)}
    />
  );
}

const lineWay = (l: Line): ScaleWay => ({ by: 'line', lineId: l.id, massG: Math.round(massOf(l)) });

type Props = {
  value: ScaleWay;
  onChange: (to: ScaleWay) => void;
  start: {
    doughG: number;
    flourG: number;
    pieces: number;
    lines: Line[];
    tin: StatedTin | undefined;
    fill: number;
  };
};

/** Shown where the formula names no tin. */
const FIRST_TIN = W.text900GLoafTin;

/** What each way of saying it begins with. */
function startOf(way: Way, start: Props['start']): ScaleWay {
  const pieces = Math.max(1, start.pieces);
  const eachG = Math.round((start.doughG * (1 - LOSS_PERCENT / 100)) / pieces);
  switch (way) {
    case 'dough':
      return { by: 'dough', massG: Math.round(start.doughG) };
    case 'flour':
      return { by: 'flour', massG: Math.round(start.flourG) };
    case 'line':
      return lineWay(start.lines[0]!);
    case 'pieces':
      return { by: 'pieces', pieces, eachG, lossPercent: LOSS_PERCENT };
    case 'tin':
      return { by: 'tin', tin: start.tin ?? readTin(FIRST_TIN)!, fill: Math.round(100 * start.fill) / 100 };
    case 'batch':
      return { by: 'batch', times: 1 };
  }
}

/** The tin in words, as it is being written. */
function TinField({ value, onChange }: { value: InATin; onChange: (to: InATin) => void }) {
  // Null while it is the one that stands.
  const [written, setWritten] = useState<string | null>(null);
  return (
    <TextInput
      label={W.forA}
      value={written ?? value.tin.written}
      maxLength={80}
      error={written !== null && !readTin(written) ? TIN_WORDS.saySize : null}
      onChange={(e) => {
        const text = e.currentTarget.value;
        setWritten(text);
        const tin = readTin(text);
        if (tin) onChange({ ...value, tin: { ...tin, written: text.trim() } });
      }}
    />
  );
}

/** How many, or how much: the first that is asked of each way. */
function HowMuch({ value, onChange }: Pick<Props, 'value' | 'onChange'>) {
  switch (value.by) {
    case 'batch':
      return (
        <NumberField
          label={W.make}
          value={value.times}
          max={200}
          onChange={(times) => onChange({ by: 'batch', times })}
        />
      );
    case 'dough':
    case 'flour':
    case 'line':
      return (
        <NumberField
          label={value.by === 'line' ? W.thereIs : W.make}
          unit="g"
          value={value.massG}
          max={100_000}
          onChange={(massG) => onChange({ ...value, massG })}
        />
      );
    case 'pieces':
      return (
        <NumberField
          label={W.make}
          value={value.pieces}
          max={10_000}
          onChange={(pieces) => onChange({ ...value, pieces })}
        />
      );
    case 'tin':
      return <TinField value={value} onChange={onChange} />;
  }
}

/** What else has to be known: which line, how full, how heavy each is. */
function More({ value, onChange, start }: Props) {
  switch (value.by) {
    case 'batch':
    case 'dough':
    case 'flour':
      return null;
    case 'line':
      return (
        <NativeSelect
          className={classes.ofLine}
          label={W.ofWhich}
          value={value.lineId}
          data={start.lines.map((l) => ({ value: l.id, label: lineName(l) }))}
          onChange={(e) => {
            const line = start.lines.find((l) => l.id === e.currentTarget.value);
            if (line) onChange(lineWay(line));
          }}
        />
      );
    case 'tin':
      return (
        <>
          <NumberField
            label={W.filledTo}
            unit="%"
            value={Math.round(100 * value.fill)}
            max={100}
            onChange={(percent) => onChange({ ...value, fill: percent / 100 })}
          />
          <p className="small quiet">
            {W.itHoldsAboutMlFilled({
              count: Math.round((value.tin.count * value.tin.volumeMl.value) / 50) * 50,
              which: start.tin ? W.thisFormulaFillsItsOwn({ value: Math.round(100 * start.fill) }) : '.',
            })}
          </p>
        </>
      );
    case 'pieces':
      return (
        <>
          <NumberField
            label={W.eachBaked}
            unit="g"
            value={value.eachG}
            max={10_000}
            onChange={(eachG) => onChange({ ...value, eachG })}
          />
          <NumberField
            label={W.lostInTheOven}
            unit="%"
            value={value.lossPercent}
            max={60}
            onChange={(lossPercent) => onChange({ ...value, lossPercent })}
          />
        </>
      );
  }
}

/** How much to make: by batches, dough, flour, or pieces of a baked weight. */
export function ScaleFields({ value, onChange, start }: Props) {
  const lacking: Partial<Record<Way, boolean>> = { flour: start.flourG <= 0, line: start.lines.length === 0 };
  return (
    <fieldset className={classes.scale}>
      <legend className="visually-hidden">{W.howMuchToMake}</legend>
      <HowMuch value={value} onChange={onChange} />
      <NativeSelect
        label={W.countedIn}
        value={value.by}
        data={WAYS.map((w) => ({ ...w, disabled: lacking[w.value] ?? false }))}
        onChange={(e) => onChange(startOf(e.currentTarget.value as Way, start))}
      />
      <More value={value} onChange={onChange} start={start} />
    </fieldset>
  );
}
