import { Button } from '@mantine/core';
import { useNavigate } from 'react-router';
import type { Version } from '../../../contract/dto';
import type { TrialRow } from '../../../contract/notebook';
import { donenessOfBake } from '../../../core/bake';
import type { Formula } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { diagnose, evidenceOf, failedRepairs, sizeOf, type Suspect, type Trial } from '../../../core/judge';
import { useTrialsQuery } from '../../api/notebook';
import { CAUSE_WORDS, FAULT_WORDS } from '../../words/data/faults';
import { day, grams } from '../../words/format';
import { listed } from '../../words/plural';
import { degrees } from '../../words/heat';
import { lineName } from '../../words/things';
import { changeWords, evidenceWords, LOOK_WORDS, suspectWords } from '../../words/trialWords';
import classes from './notebook.module.css';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.why;

type Props = { id: string; trial: Trial; version: Version; written: Formula | null; lookup: Lookup };

/** So many trials of one formula are asked for at once. */
export const MOST_TRIALS = '299';

/** What speaks against a cause, a change that was tried to no avail first. */
const ruledOutBy = (s: Suspect): string[] => [
  ...(s.failed ? [W.changeDidNotHelp({ change: changeWords(s.change) })] : []),
  ...s.against.map(evidenceWords),
];

/** Why it went wrong, what speaks for it and against it, and the one change to try. */
export function Why({ id, trial, version, written, lookup }: Props) {
  const { data } = useTrialsQuery(
    { formula: trial.formulaId, limit: MOST_TRIALS },
    { skip: trial.faults.length === 0 },
  );
  if (trial.faults.length === 0) return null;
  // This one as it stands here: what was just pressed counts.
  const trials = [...(data?.trials ?? []).filter((t) => t.id !== id), trial];
  const evidence = evidenceOf({ baked: version.doc, written, actual: trial.actual, lookup });
  return (
    <section className={`sheet ${classes.part}`} aria-label={W.why}>
      <h2>{W.why}</h2>
      {trial.faults.map((fault) => {
        const { suspects, tell } = diagnose(fault, evidence, failedRepairs(fault, trials, trial.bakedAt));
        const shown = suspects.filter((s, i) => i === 0 || s.level !== 'unlikely');
        const ruled = suspects.filter((s) => !shown.includes(s) && (s.failed || s.against.length > 0));
        return (
          <div key={fault}>
            <h3>{FAULT_WORDS[fault].name}</h3>
            <ol className={classes.suspects}>
              {shown.map((s, i) => (
                <li key={s.cause} data-level={s.level}>
                  <p>
                    <b>{suspectWords(s)}</b>
                  </p>
                  {s.for.length > 0 && (
                    <p className="small">{W.forIt({ list: listed(s.for.map(evidenceWords)) })}</p>
                  )}
                  {s.against.length > 0 && (
                    <p className="small quiet">
                      {W.againstIt({ list: listed(s.against.map(evidenceWords)) })}
                    </p>
                  )}
                  {s.failed && (
                    <p className="small quiet">{W.triedAndThereAgain({ change: changeWords(s.change) })}</p>
                  )}
                  {i < 2 && !s.failed && (
                    <Change suspect={s} fault={fault} id={id} version={version} lookup={lookup} />
                  )}
                </li>
              ))}
            </ol>
            {ruled.length > 0 && (
              <p className="small quiet">
                {W.unlikely({
                  list: listed(ruled.map((s) => `${CAUSE_WORDS[s.cause]} (${listed(ruledOutBy(s))})`)),
                })}
              </p>
            )}
            {tell && LOOK_WORDS[tell] && <p>{W.toTellTheFirstTwo({ look: LOOK_WORDS[tell] })}</p>}
          </div>
        );
      })}
      <p className="small quiet">{W.reckonedFromWhatIsUsual}</p>
    </section>
  );
}

/** The one change, sized, as a working copy that knows what it is to find out. */
function Change({
  suspect,
  fault,
  id,
  version,
  lookup,
}: {
  suspect: Suspect;
  fault: Trial['faults'][number];
  id: string;
  version: Version;
  lookup: Lookup;
}) {
  const navigate = useNavigate();
  const sized = sizeOf(suspect.change, version.doc, lookup);
  const line = sized && version.doc.parts.flatMap((p) => p.lines).find((l) => l.id === sized.lineId);
  const said =
    sized && line
      ? W.fromTo({
          line: lineName(line),
          amount: grams(sized.fromG),
          amount2: grams(sized.toG),
          which: sized.held ? W.noFurtherSoThatNothing : '',
        })
      : changeWords(suspect.change);
  const { coreC } = donenessOfBake(version.doc.parts, lookup);
  const until = suspect.change === 'longer_bake' && coreC ? W.at({ temperature: degrees(coreC[0]) }) : '';
  const go = () => {
    const search = new URLSearchParams({
      from: version.id,
      try: [
        id,
        fault,
        suspect.cause,
        suspect.change,
        ...(sized ? [sized.lineId, String(sized.toG)] : []),
      ].join('~'),
    });
    void navigate(`/formula/${version.formulaId}/balance?${search.toString()}`);
  };
  return (
    <p>
      {W.tryWord({ said, until })}{' '}
      <Button size="compact-md" variant="default" onClick={go}>
        {W.tryThis}
      </Button>
    </p>
  );
}

/** What of a trial a row or a column shows: when it was. */
export const bakedOn = (t: Pick<TrialRow, 'bakedAt'>): string => day(t.bakedAt);
