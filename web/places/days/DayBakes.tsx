import { ActionIcon, Button, NumberInput, Select, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { IconX } from '@tabler/icons-react';
import { useState } from 'react';
import { useFormulaQuery, useShelfQuery } from '../../api/api';
import { lookedFor } from '../../words/shelfWords';
import { dayStart, KEEPS_MIN, usualReady } from '../../parts/newDay';
import { DayField } from '../../parts/DayField';
import { WhenField } from '../../parts/WhenField';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { Letter } from './Letter';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.dayBakes;

/** Adds a kept version, or a formula as written, to the day. */
function AddBake() {
  const { day, change } = useDayContext();
  const [words, setWords] = useState('');
  const [wanted] = useDebouncedValue(words, 200);
  const { data: shelf } = useShelfQuery({ ...lookedFor(wanted), limit: '30' });
  const [formulaId, setFormulaId] = useState<string | null>(null);
  // Of the one that is chosen now, never of the one before while it is on its way.
  const { currentData: detail } = useFormulaQuery(formulaId ?? '', { skip: !formulaId });
  const [versionId, setVersionId] = useState<string | null>(null);
  const latest = detail?.versions.at(-1)?.id ?? null;
  const chosen = versionId && detail?.versions.some((v) => v.id === versionId) ? versionId : latest;
  const add = () => {
    if (!detail || !chosen) return;
    const bake = {
      id: crypto.randomUUID(),
      formulaId: detail.id,
      versionId: chosen,
      title: detail.title,
      batches: 1,
      readyBy: day.bakes.at(-1)?.readyBy ?? usualReady(day.date),
      keepsMin: KEEPS_MIN,
    };
    void change((d) => ({ ...d, bakes: [...d.bakes, bake] }));
    setFormulaId(null);
    setVersionId(null);
    setWords('');
  };
  return (
    <>
      <Select
        label={W.addABake}
        placeholder={W.oneOfYourFormulas}
        searchable
        nothingFoundMessage={W.noFormulaOfThatName}
        data={(shelf?.formulas ?? []).map((f) => ({ value: f.id, label: f.title }))}
        value={formulaId}
        searchValue={words}
        onSearchChange={setWords}
        onChange={setFormulaId}
        filter={({ options }) => options}
      />
      {detail && formulaId && (
        <>
          <Select
            label={W.whichVersion}
            data={detail.versions.map((v) => ({
              value: v.id,
              label: v.targetId === null ? W.asWritten : v.name,
            }))}
            value={chosen}
            onChange={setVersionId}
            allowDeselect={false}
          />
          <Button onClick={add}>{W.putItIntoTheDay}</Button>
        </>
      )}
    </>
  );
}

/** What the day is called and when it is; what is wanted on it moves with it. */
function DayItself() {
  const { day, change } = useDayContext();
  const move = (date: string) => {
    const by = dayStart(date) - dayStart(day.date);
    void change((d) => ({
      ...d,
      date,
      pins: {},
      bakes: d.bakes.map((b) => ({ ...b, readyBy: b.readyBy + by })),
    }));
  };
  return (
    <div className={classes.fields}>
      <TextInput
        label={W.whatItIsFor}
        value={day.title}
        maxLength={120}
        w={140}
        onChange={(e) => {
          const title = e.currentTarget.value;
          if (title) void change((d) => ({ ...d, title }));
        }}
      />
      <DayField label={W.theDayItself} value={day.date} w={130} onChange={move} />
    </div>
  );
}

/** What is wanted of a day. */
export function DayBakes() {
  const { day, bakes, change, clash } = useDayContext();
  const set = (id: string, more: Partial<(typeof day.bakes)[number]>) =>
    void change((d) => ({ ...d, bakes: d.bakes.map((b) => (b.id === id ? { ...b, ...more } : b)) }));
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.whatIsBaked}>
      <DayItself />
      <h2>{W.whatIsBaked}</h2>
      <div>
        {day.bakes.map((b) => (
          <div
            key={b.id}
            className={classes.bake}
            data-clash={clash?.bakeIds.includes(b.id) ? '' : undefined}
          >
            <Letter of={bakes.find((x) => x.id === b.id)?.letter ?? '?'} />
            <b>
              {b.title}
              {clash?.bakeIds.includes(b.id) && <span className="small"> {W.doesNotFit}</span>}
            </b>
            <ActionIcon
              variant="subtle"
              color="gray"
              size={38}
              aria-label={W.takeOutOfTheDay({ bTitle: b.title })}
              onClick={() => void change((d) => ({ ...d, bakes: d.bakes.filter((x) => x.id !== b.id) }))}
            >
              <IconX size={18} aria-hidden="true" />
            </ActionIcon>
            <div className={classes.fields}>
              <NumberInput
                label={W.batches}
                aria-label={W.batchesOf({ bTitle: b.title })}
                value={b.batches}
                min={0.25}
                step={0.5}
                w={92}
                onChange={(v) => typeof v === 'number' && v > 0 && v <= 1000 && set(b.id, { batches: v })}
              />
              <WhenField
                label={W.wanted}
                name={W.wanted2({ bTitle: b.title })}
                value={b.readyBy}
                onChange={(readyBy) => set(b.id, { readyBy })}
              />
            </div>
          </div>
        ))}
      </div>
      <AddBake />
    </section>
  );
}
