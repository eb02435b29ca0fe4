import { Checkbox, Chip, Radio, Skeleton } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { kitById } from '../../../core/classes';
import { EXCLUSION_IDS } from '../../../core/exclusions';
import type { Conflict, Option, Solution } from '../../../core/rebalance';
import { useAppDispatch } from '../../app/store';
import { Notice } from '../../parts/Notice';
import { counted, grams, gramsOrUnknown, listed } from '../../words/format';
import { say } from '../../words/say';
import {
  AVOID_WORDS,
  CAUTION_WORDS,
  EXCLUSION_WORDS,
  ingredientName,
  JOB_NOUNS,
  JOB_WORDS,
  KIT_WORDS,
  kitName,
  PROP_WORDS,
} from '../../words/things';
import { useDeskContext } from './context';
import { desk } from './deskSlice';
import { FitTicks } from './FitTicks';
import classes from './desk.module.css';

const amountsOf = (o: Option): string => {
  const parts = o.amounts
    .filter((a) => a.massG === null || a.massG >= 0.05)
    .map((a) => (a.massG === null ? 'as needed' : `${grams(a.massG)} ${shortName(a.ingredientId)}`));
  return parts.join(' + ') || 'nothing to weigh';
};
const shortName = (id: string): string => ingredientName(id, true).replace(/^certified gluten-free /, '');

/** What has to go: gluten always, the rest by a press. */
function LeaveOut() {
  const { doc } = useDeskContext();
  const dispatch = useAppDispatch();
  const { exclude, oil } = doc.request;
  return (
    <section className={`sheet ${classes.leave}`} aria-label="What has to go">
      <span className={classes.always}>Gluten is out. Leave out</span>
      <Chip.Group
        multiple
        value={exclude}
        onChange={(v) => dispatch(desk.excludeSet(EXCLUSION_IDS.filter((e) => v.includes(e))))}
      >
        {EXCLUSION_IDS.map((e) => (
          <Chip
            key={e}
            value={e}
            size="md"
            color="beet"
            variant="light"
            aria-label={EXCLUSION_WORDS[e].button}
          >
            {EXCLUSION_WORDS[e].name}
          </Chip>
        ))}
      </Chip.Group>
      {exclude.includes('oil') && (
        <Checkbox
          label="Whole-food fat goes too (seed butters, nuts, butter)"
          checked={oil === 'all_fat'}
          onChange={(e) => dispatch(desk.oilRead(e.currentTarget.checked ? 'all_fat' : 'extracted'))}
        />
      )}
    </section>
  );
}

/** The name of a whole solution: its most telling choices. */
const titleOf = (s: Solution): string => {
  const names = Object.values(s.kits)
    .filter((k) => (kitById(k)?.items.length ?? 0) > 0)
    .map((k) =>
      kitName(k)
        .split(/,| and /)[0]!
        .toLowerCase(),
    );
  const words = listed([...new Set(names)].slice(0, 3));
  return words.charAt(0).toUpperCase() + words.slice(1);
};

function WholeSolution({
  s,
  best,
  chosen,
  toBuy,
}: {
  s: Solution;
  best: boolean;
  chosen: boolean;
  toBuy: number;
}) {
  const dispatch = useAppDispatch();
  const outside = s.fit.filter((f) => f.state !== 'inside').map((f) => `${PROP_WORDS[f.key]} ${f.state}`);
  const remarks = [
    s.bringsIn.length > 0 ? `Brings in ${listed(s.bringsIn.map((b) => AVOID_WORDS[b.avoid]))}.` : '',
    s.uncovered.length > 0 ? `Not made good: ${listed(s.uncovered.map((j) => JOB_NOUNS[j]))}.` : '',
    outside.length > 0 ? `Outside the band: ${listed(outside.slice(0, 3))}.` : 'All inside its bands.',
  ].filter(Boolean);
  return (
    <button
      type="button"
      className={classes.whole}
      aria-pressed={chosen}
      onClick={() => dispatch(desk.kitsSet(s.kits))}
    >
      <h2>{titleOf(s)}</h2>
      <span className={classes.sub}>
        {best ? 'nearest' : s.confidence.level === 'low' ? 'unsure' : 'another way'} ·{' '}
        {toBuy === 0 ? 'nothing new' : counted(toBuy, 'new thing')}
      </span>
      <FitTicks fit={s.fit} />
      <span className={classes.remark}>{remarks.join(' ')}</span>
    </button>
  );
}

/** Ways shown before asking for more. */
const FEW = 4;

function ConflictRow({
  conflict,
  options,
  chosen,
  seen,
  onSee,
}: {
  conflict: Conflict;
  options: Option[];
  chosen: string | undefined;
  seen: string | null;
  onSee: (kitId: string) => void;
}) {
  const dispatch = useAppDispatch();
  const { solution } = useDeskContext();
  const [all, setAll] = useState(false);
  const few = options.filter((o, i) => all || i < FEW || o.kitId === chosen);
  const names = listed(conflict.ingredientIds.map((id, i) => ingredientName(id, i > 0)));
  const where =
    conflict.role === 'release'
      ? 'for the tin'
      : conflict.role === 'wash'
        ? 'brushed on'
        : gramsOrUnknown(conflict.massG);
  const pick = (kitId: string) => {
    onSee(kitId);
    // The other choices are taken as they stand, so that one change moves only itself.
    dispatch(desk.kitsSet({ ...solution?.kits, [conflict.id]: kitId }));
  };
  return (
    <li className={classes.conflict}>
      <div>
        <h3>{names}</h3>
        <p className={classes.sub}>
          {where} · no{' '}
          {listed([...new Set(conflict.avoids.map((a) => (a === 'milk' ? 'dairy' : AVOID_WORDS[a])))])}
        </p>
      </div>
      <ul className={classes.jobs} aria-label={`What ${names.toLowerCase()} did here`}>
        {conflict.jobs.slice(0, 6).map((j) => (
          <li key={j.job}>
            <span>{JOB_WORDS[j.job]}</span>
            <span className={classes.jobBar} role="img" aria-label={`${Math.round(100 * j.strength)} of 100`}>
              <span style={{ width: `${Math.min(100, Math.round(100 * j.strength))}%` }} />
            </span>
          </li>
        ))}
      </ul>
      <Radio.Group
        label={<span className="visually-hidden">In place of {names.toLowerCase()}</span>}
        value={chosen ?? null}
        onChange={pick}
      >
        <div className={classes.options}>
          {few.map((o) => (
            <div
              key={o.kitId}
              className={classes.option}
              data-on={o.kitId === chosen ? '' : undefined}
              data-seen={o.kitId === seen ? '' : undefined}
            >
              <Radio
                value={o.kitId}
                disabled={!o.feasible}
                label={kitName(o.kitId)}
                onFocus={() => onSee(o.kitId)}
              />
              <span className={`${classes.dose} num`}>{amountsOf(o)}</span>
              {o.bringsIn.length > 0 && (
                <span className={classes.brings}>
                  brings in {listed(o.bringsIn.map((a) => AVOID_WORDS[a]))}
                </span>
              )}
            </div>
          ))}
        </div>
      </Radio.Group>
      {options.length > FEW && (
        <button type="button" className={classes.more} aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Fewer ways' : `${counted(options.length - few.length, 'more way')} for this`}
        </button>
      )}
    </li>
  );
}
/** The margin: why this way, its window, what it changes, what to watch. */
function Why({ option, solution, total }: { option: Option | null; solution: Solution; total: number }) {
  const kit = option && kitById(option.kitId);
  const unknown = solution.verdicts.filter((v) => v.unknown.length > 0);
  return (
    <>
      {kit && option && (
        <section>
          <h2>{kitName(kit.id)}</h2>
          <p>{KIT_WORDS[kit.id]?.about}</p>
          {option.amounts.length > 0 && (
            <div className={classes.equation}>
              {kit.items.map((i) => {
                const id = i.item.kind === 'ref' ? i.item.id : '';
                const got = option.amounts.find((a) => a.ingredientId === id);
                if (!got?.massG) return null;
                return (
                  <div key={id} className="num">
                    <b>{grams(got.massG)}</b> {ingredientName(id, true)}
                  </div>
                );
              })}
            </div>
          )}
          <p className="small quiet">{doseWindow(kit.id)}</p>
          {option.unknown.length > 0 && (
            <p>Packet not read: not known for {listed(option.unknown.map((a) => AVOID_WORDS[a]))}.</p>
          )}
          {option.cautions.map((c) => (
            <p key={c}>{CAUTION_WORDS[c]}</p>
          ))}
        </section>
      )}
      {solution.uncovered.length > 0 && (
        <section>
          <h2>Left uncovered</h2>
          <p>
            Nothing chosen here does as well as before for{' '}
            {listed(solution.uncovered.map((j) => JOB_NOUNS[j]))}.
          </p>
        </section>
      )}
      <section>
        <h2>How sure</h2>
        <p>
          <b>
            {solution.confidence.level === 'good'
              ? 'Fairly sure.'
              : solution.confidence.level === 'fair'
                ? 'Worth a small trial first.'
                : 'Unsure: bake one first.'}
          </b>
        </p>
        {solution.confidence.because.map((b) => (
          <p key={b.code + JSON.stringify(b.args)} className="small quiet">
            {say(b)}
          </p>
        ))}
      </section>
      {unknown.length > 0 && (
        <section>
          <h2>Not known</h2>
          <p>
            {listed([
              ...new Set(
                unknown.map((v) =>
                  v.ingredientId ? ingredientName(v.ingredientId, true) : 'a line not understood',
                ),
              ),
            ])}
            : {total > 1 ? 'check each packet' : 'check the packet'} for{' '}
            {listed([...new Set(unknown.flatMap((v) => v.unknown))].map((a) => AVOID_WORDS[a]))}.
          </p>
          <p className="small quiet">Check the label and your local food law.</p>
        </section>
      )}
    </>
  );
}

const PER_WORDS = { egg: 'an egg', g: 'a gram that leaves', 'flour%': '100 g flour' } as const;
function doseWindow(kitId: string): string {
  const kit = kitById(kitId);
  const first = kit?.items[0];
  if (!kit || !first || first.item.kind !== 'ref') return '';
  const { lo, hi, per } = first.dose;
  const range =
    per === 'g'
      ? `${Math.round(lo * 100)} to ${Math.round(hi * 100)} % of what leaves`
      : `${lo} to ${hi} g for ${PER_WORDS[per]}`;
  return `Usual: ${range} as ${ingredientName(first.item.id, true)}. Common practice, no source.`;
}

/** Swap: what leaves and what it did, the ways to cover it, whole solutions on top. */
export function SwapStop() {
  const { doc, outcome, whole, solution, working } = useDeskContext();
  const [seen, setSeen] = useState<{ conflictId: string; kitId: string } | null>(null);
  const conflicts = outcome?.conflicts ?? [];
  const options = outcome?.options ?? [];
  const before = new Set(
    doc.source.parts.flatMap((p) => p.lines).map((l) => (l.item.kind === 'ref' ? l.item.id : '')),
  );
  const newThings = (s: Solution) =>
    new Set(
      s.moves
        .filter(
          (m) =>
            m.op === 'add' && m.ingredientId && m.ingredientId !== 'water' && !before.has(m.ingredientId),
        )
        .map((m) => m.ingredientId),
    ).size;
  const focus =
    seen ??
    (conflicts[0] && solution
      ? { conflictId: conflicts[0].id, kitId: solution.kits[conflicts[0].id] ?? '' }
      : null);
  const option = options.find((o) => o.conflictId === focus?.conflictId && o.kitId === focus.kitId) ?? null;

  return (
    <div className={classes.frame}>
      <div className={classes.content} aria-busy={working}>
        <LeaveOut />
        {!outcome && <Skeleton height={420} role="status" aria-label="Working out the swaps" />}
        {outcome?.cannot.map((c) => (
          <Notice key={c.need.code + c.clash.join()} kind="trouble" title="No answer">
            {say(c.need)}
          </Notice>
        ))}
        {outcome && conflicts.length === 0 && (
          <div className={`sheet ${classes.nothing}`}>
            <h2>Nothing has to go</h2>
            <p>
              {doc.request.exclude.length === 0
                ? 'Say above what this bake must do without.'
                : 'Nothing found in this formula that contains what must go. Lines not known stay not known: see Read.'}
            </p>
          </div>
        )}
        {conflicts.length > 0 && whole.length > 0 && outcome?.cannot.length === 0 && (
          <section aria-label="Whole solutions" className={classes.wholes}>
            {whole.slice(0, 3).map((s, i) => (
              <WholeSolution
                key={s.key}
                s={s}
                best={i === 0}
                chosen={s.key === solution?.key}
                toBuy={newThings(s)}
              />
            ))}
          </section>
        )}
        {solution?.widened.map((w) => (
          <Notice key={w.code + JSON.stringify(w.args)} kind="word">
            {say(w)}
          </Notice>
        ))}
        {conflicts.length > 0 && solution && (
          <ul className={`sheet ${classes.conflicts}`}>
            {conflicts.map((c) => (
              <ConflictRow
                key={c.id}
                conflict={c}
                options={options.filter((o) => o.conflictId === c.id)}
                chosen={solution.kits[c.id]}
                seen={focus?.conflictId === c.id ? focus.kitId : null}
                onSee={(kitId) => setSeen({ conflictId: c.id, kitId })}
              />
            ))}
          </ul>
        )}
        {solution && conflicts.length > 0 && (
          <p className={classes.onward}>
            <Link to="../balance" relative="path">
              See it balanced, gram by gram
            </Link>
          </p>
        )}
      </div>
      <aside className={classes.aside} tabIndex={0} aria-label="Why">
        {solution && conflicts.length > 0 ? (
          <Why
            option={option}
            solution={solution}
            total={solution.verdicts.filter((v) => v.unknown.length > 0).length}
          />
        ) : (
          <p className="quiet">Choose what has to go; the reasons stand here.</p>
        )}
      </aside>
    </div>
  );
}
