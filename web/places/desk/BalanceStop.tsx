import { atHead } from '../../words/case';
import { NativeSelect, Skeleton, Switch } from '@mantine/core';
import { useState } from 'react';
import { openLines, type Part } from '../../../core/formula';
import { MASS_BAND, type FitKey, type Outcome, type Solution } from '../../../core/rebalance';
import { useAppDispatch } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { HandbookLink } from '../../parts/HandbookLink';
import { Notice } from '../../parts/Notice';
import { Suits } from '../../parts/Suits';
import { useSuits } from '../../pantry/useSuits';
import { messageText } from '../../words/say';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import { CantSay } from '../../shared/read/CantSay';
import { FeelStrip } from './FeelStrip';
import { Ledger } from './Ledger';
import { MethodPanel } from './MethodPanel';
import { MirrorBars } from './MirrorBars';
import { PropertyDetail } from './PropertyDetail';
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

/** What is held while it is balanced: the wetness, the mass. */
function Locks() {
  const { doc } = useDeskContext();
  const dispatch = useAppDispatch();
  const { pins } = doc.request;
  return (
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
  );
}

/** Where several parts stand below each other: a way to each, with how it balances. */
function PartsNav({ solution: { formula, fit } }: { solution: Solution }) {
  if (formula.parts.length < 2) return null;
  return (
    <nav className={classes.parts} aria-label={W.parts}>
      {formula.parts.map((p) => {
        const own = fit.filter((f) => f.partId === p.id);
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
  );
}

/** A part: as written beside adapted, how it feels, every line with its reason. */
function PartBalance({
  part,
  outcome,
  solution,
  seen,
  onSee,
}: {
  part: Part;
  outcome: Outcome;
  solution: Solution;
  /** The number that is opened, where it is one of this part. */
  seen: FitKey | null;
  onSee: (key: FitKey) => void;
}) {
  const { doc } = useDeskContext();
  const { pantry } = usePantry();
  const source = outcome.sourceProfiles[part.id];
  const adapted = solution.profiles[part.id];
  if (!source || !adapted) return null;
  const fit = solution.fit.filter((f) => f.partId === part.id);
  const written = doc.source.parts.find((p) => p.id === part.id);
  const ids = new Set([...part.lines, ...(written?.lines ?? [])].map((l) => l.id));
  const of = solution.formula.parts.length > 1 ? `, ${part.name || W.mainPart}` : '';
  return (
    <div id={`part-${part.id}`}>
      {part.name && <h2 className={classes.partName}>{atHead(part.name)}</h2>}
      {fit.some((f) => f.state === 'open') && (
        <CantSay what={W.howItBalancesAndFeels} lines={openLines(part, pantry.lookup)} source={doc.source} />
      )}
      <MirrorBars of={of} source={source} adapted={adapted} fit={fit} seen={seen} onSee={onSee} />
      <FeelStrip
        of={of}
        source={source}
        adapted={adapted}
        wetness={fit.find((f) => f.key === 'wetness')}
        holdBackG={solution.holdBackG}
        onExplain={() => onSee('wetness')}
      />
      <Ledger
        of={of}
        part={part}
        moves={solution.moves.filter((m) => ids.has(m.lineId))}
        source={source}
        profile={adapted}
        held={doc.request.pins?.lines ?? {}}
        kits={solution.kits}
      />
    </div>
  );
}

/** Why nothing balances, and what can be let go. */
function NoBalance({ outcome }: { outcome: Outcome }) {
  const dispatch = useAppDispatch();
  const unlock = { words: W.unlockAll, do: () => void dispatch(workingCopy.letGo()) };
  return outcome.cannot.map((c) => (
    <Notice
      key={c.need.code}
      kind="trouble"
      title={W.noBalanceYet}
      {...(c.need.code === 'cannot.locks' ? { action: unlock } : {})}
    >
      {messageText(c.need)}
    </Notice>
  ));
}

/** Balance: source beside adapted, the feel, every line with its reason, and what is locked. */
export function BalanceStop() {
  const { doc, outcome, solution, working } = useDeskContext();
  const { pantry } = usePantry();
  const [opened, setOpened] = useState<{ key: FitKey; partId: string | null }>({ key: 'bind', partId: null });

  if (!outcome) return <Skeleton height={520} role="status" aria-label={W.workingOutTheBalance} />;
  if (!solution) return <NoBalance outcome={outcome} />;
  const { parts } = solution.formula;
  const openPart = parts.find((p) => p.id === opened.partId) ?? parts[0];
  const openSource = doc.source.parts.find((p) => p.id === openPart?.id);
  return (
    <div className={frame.frame}>
      <div className={frame.content} aria-busy={working}>
        {solution.widened.map((w) => (
          <Notice key={w.code + JSON.stringify(w.args)} kind="word">
            {messageText(w)}
          </Notice>
        ))}
        <Locks />
        <PartsNav solution={solution} />
        {parts.map((part) => (
          <PartBalance
            key={part.id}
            part={part}
            outcome={outcome}
            solution={solution}
            seen={openPart?.id === part.id ? opened.key : null}
            onSee={(key) => setOpened({ key, partId: part.id })}
          />
        ))}
        <MethodPanel method={solution.formula.method} />
      </div>
      <aside className={frame.aside} tabIndex={0} aria-label={W.theNumberOpened}>
        {openPart && openSource && (
          <PropertyDetail
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
