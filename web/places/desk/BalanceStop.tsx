import { atHead } from '../../words/case';
import { NativeSelect, Skeleton, Switch } from '@mantine/core';
import { useState } from 'react';
import { openLines } from '../../../core/formula';
import { MASS_BAND, type FitKey, type Solution } from '../../../core/rebalance';
import { useAppDispatch } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { HandbookLink } from '../../parts/HandbookLink';
import { Notice } from '../../parts/Notice';
import { Suits } from '../../parts/Suits';
import { useSuits } from '../../pantry/useSuits';
import { say } from '../../words/say';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import { CantSay } from '../../shared/read/CantSay';
import { FeelStrip } from './FeelStrip';
import { Ledger } from './Ledger';
import { MethodPanel } from './MethodPanel';
import { MirrorBars } from './MirrorBars';
import { Opened } from './Opened';
import { WhoEats } from '../../shared/WhoEats';
import frame from '../../shared/frame.module.css';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.balanceStop;

function Care({ solution }: { solution: Solution }) {
  const { doc } = useDeskContext();
  const suits = useSuits(solution.formula, solution.formula.avoids, doc.request.words);
  return (
    <section>
      <h2>{W.whatItHolds}</h2>
      <Suits suits={suits} />
      <p className="small quiet">
        <HandbookLink section="cautions">{W.allCautions}</HandbookLink>
      </p>
    </section>
  );
}

/** Balance: source beside adapted, the feel, every line with its reason, and what is locked. */
export function BalanceStop() {
  const { doc, outcome, solution, working } = useDeskContext();
  const dispatch = useAppDispatch();
  const { pantry } = usePantry();
  const [opened, setOpened] = useState<{ key: FitKey; partId: string | null }>({ key: 'bind', partId: null });
  const pins = doc.request.pins;

  if (!outcome) return <Skeleton height={520} role="status" aria-label={W.workingOutTheBalance} />;
  if (!solution) {
    return (
      <>
        {outcome.cannot.map((c) => (
          <Notice
            key={c.need.code}
            kind="trouble"
            title={W.noBalanceYet}
            {...(c.need.code === 'cannot.locks'
              ? { action: { words: W.unlockAll, do: () => void dispatch(workingCopy.letGo()) } }
              : {})}
          >
            {say(c.need)}
          </Notice>
        ))}
      </>
    );
  }
  const openPart = solution.formula.parts.find((p) => p.id === opened.partId) ?? solution.formula.parts[0];
  const openSource = doc.source.parts.find((p) => p.id === openPart?.id);
  return (
    <div className={frame.frame}>
      <div className={frame.content} aria-busy={working}>
        {solution.widened.map((w) => (
          <Notice key={w.code + JSON.stringify(w.args)} kind="word">
            {say(w)}
          </Notice>
        ))}
        <div className={classes.locks}>
          <Switch
            label={W.lockHydrationToTheOriginal}
            checked={pins?.lockWetness ?? false}
            onChange={(e) => dispatch(workingCopy.lockSet({ lockWetness: e.currentTarget.checked }))}
          />
          <NativeSelect
            className={classes.massLock}
            label={W.totalMass}
            value={pins?.lockMass ? 'held' : pins?.freeMass ? 'free' : 'band'}
            data={[
              { value: 'band', label: W.within({ value: 100 * MASS_BAND }) },
              { value: 'held', label: W.held },
              { value: 'free', label: W.free },
            ]}
            onChange={({ currentTarget: { value: v } }) =>
              dispatch(workingCopy.lockSet({ lockMass: v === 'held', freeMass: v === 'free' }))
            }
          />
        </div>
        {solution.formula.parts.length > 1 && (
          <nav className={classes.parts} aria-label={W.parts}>
            {solution.formula.parts.map((p) => {
              const own = solution.fit.filter((f) => f.partId === p.id);
              const out = own.filter((f) => f.state === 'low' || f.state === 'high').length;
              const open = own.some((f) => f.state === 'open');
              return (
                <a key={p.id} href={`#part-${p.id}`}>
                  {atHead(p.name) || W.mainPart}{' '}
                  <small>{open ? W.notKnownYet : out === 0 ? W.inside : W.outside({ out })}</small>
                </a>
              );
            })}
            <a href="#method">{W.method}</a>
          </nav>
        )}
        {solution.formula.parts.map((part) => {
          const source = outcome.sourceProfiles[part.id];
          const adapted = solution.profiles[part.id];
          if (!source || !adapted) return null;
          const fit = solution.fit.filter((f) => f.partId === part.id);
          const ids = new Set(
            [...part.lines, ...(doc.source.parts.find((p) => p.id === part.id)?.lines ?? [])].map(
              (l) => l.id,
            ),
          );
          const of = solution.formula.parts.length > 1 ? `, ${part.name || W.mainPart}` : '';
          const see = (key: FitKey) => setOpened({ key, partId: part.id });
          return (
            <div key={part.id} id={`part-${part.id}`}>
              {part.name && <h2 className={classes.partName}>{atHead(part.name)}</h2>}
              {fit.some((f) => f.state === 'open') && (
                <CantSay
                  what={W.howItBalancesAndFeels}
                  lines={openLines(part, pantry.lookup)}
                  source={doc.source}
                />
              )}
              <MirrorBars
                of={of}
                source={source}
                adapted={adapted}
                fit={fit}
                seen={openPart?.id === part.id ? opened.key : null}
                onSee={see}
              />
              <FeelStrip
                of={of}
                source={source}
                adapted={adapted}
                wetness={fit.find((f) => f.key === 'wetness')}
                holdBackG={solution.holdBackG}
                onExplain={() => see('wetness')}
              />
              <Ledger
                of={of}
                part={part}
                moves={solution.moves.filter((m) => ids.has(m.lineId))}
                source={source}
                profile={adapted}
                held={pins?.lines ?? {}}
                kits={solution.kits}
              />
            </div>
          );
        })}
        <MethodPanel method={solution.formula.method} />
      </div>
      <aside className={frame.aside} tabIndex={0} aria-label={W.theNumberOpened}>
        {openPart && openSource && (
          <Opened
            seen={opened.key}
            solution={solution}
            source={openSource}
            part={openPart}
            lookup={pantry.lookup}
          />
        )}
        <Care solution={solution} />
        <WhoEats formula={solution.formula} lookup={pantry.lookup} />
      </aside>
    </div>
  );
}
