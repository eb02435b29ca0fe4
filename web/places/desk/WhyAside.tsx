import { useSuits } from '../../pantry/useSuits';
import type { Kit } from '../../../core/classes';
import type { Option, Solution } from '../../../core/rebalance';
import { HandbookLink } from '../../parts/HandbookLink';
import { grams, listed } from '../../words/format';
import { say } from '../../words/say';
import { DOSE_WORDS, SURE } from '../../words/data/ways';
import { Suits } from '../../parts/Suits';
import {
  AVOID_WORDS,
  CAUTION_WORDS,
  ingredientName,
  JOB_NOUNS,
  KIT_WORDS,
  kitName,
} from '../../words/things';
import { useDeskContext } from './context';
import classes from './desk.module.css';
import { inDegrees } from '../../words/heat';

/** The margin: why this way, its window, what it changes, what to watch. */
export function WhyAside({ option, solution }: { option: Option | null; solution: Solution }) {
  const { doc, kitOf } = useDeskContext();
  const kit = option && kitOf(option.kitId);
  const [deciding, ...more] = solution.confidence.because;
  // What is on the desk in its place.
  const chosen = option ? solution.kits[option.conflictId] : undefined;
  const suits = useSuits(solution.formula, solution.formula.avoids, doc.request.words);
  return (
    <>
      {kit && option && (
        <section>
          <h2>{kitName(kit.id)}</h2>
          <p>{inDegrees(KIT_WORDS[kit.id]?.about ?? 'A way of your own: nobody else vouches for it.')}</p>
          {option.amounts.length > 0 && (
            <div className={classes.equation}>
              {option.amounts.map((got) => {
                if (!got.massG) return null;
                return (
                  <div key={got.lineId} className="num">
                    <b>{grams(got.massG)}</b> {ingredientName(got.ingredientId, true)}
                  </div>
                );
              })}
            </div>
          )}
          <p className="small quiet">
            {doseWindow(kit)} {KIT_WORDS[kit.id] && <HandbookLink section="replacements" id={kit.id} />}
          </p>
          {option.unknown.length > 0 && (
            <p>Packet not read: not known for {listed(option.unknown.map((a) => AVOID_WORDS[a]))}.</p>
          )}
          {option.because.length > 0 && (
            <p>
              <b>Why it is not first.</b> {option.because.map(say).join(' ')}
            </p>
          )}
          {option.beside &&
            chosen &&
            (option.beside.against.length > 0 || option.beside.forIt.length > 0) && (
              <p>
                <b>Beside {kitName(chosen)}.</b> {option.beside.against.map(say).join(' ')}
                {option.beside.forIt.length > 0 &&
                  ` ${kitName(chosen)}: ${option.beside.forIt.map(say).join(' ')}`}
              </p>
            )}
          {option.cautions.map((c) => (
            <p key={c}>{inDegrees(CAUTION_WORDS[c])}</p>
          ))}
        </section>
      )}
      {solution.uncovered.length > 0 && (
        <section>
          <h2>Not replaced</h2>
          <p>
            The chosen replacements give back less {listed(solution.uncovered.map((j) => JOB_NOUNS[j]))} than
            the original had. Expect to see it.
          </p>
        </section>
      )}
      <section>
        <h2>How sure</h2>
        <p>
          <b>{SURE[solution.confidence.level]}.</b> {deciding && say(deciding)}
        </p>
        {more.length > 0 && (
          <details className="small quiet">
            <summary>More on how sure</summary>
            {more.map((b) => (
              <p key={b.code + JSON.stringify(b.args)}>{say(b)}</p>
            ))}
          </details>
        )}
      </section>
      <section>
        <h2>What it holds</h2>
        <Suits suits={suits} />
      </section>
    </>
  );
}

function doseWindow(kit: Kit): string {
  const first = kit.items[0];
  if (!first || first.item.kind !== 'ref') return '';
  const { lo, hi, per } = first.dose;
  const range =
    per === 'g'
      ? `${Math.round(lo * 100)} to ${Math.round(hi * 100)} % of what leaves`
      : `${lo} to ${hi} g for ${DOSE_WORDS[per]}`;
  return `Usual: ${range} as ${ingredientName(first.item.id, true)}. ${kit.basis === 'user' ? 'Your own window.' : 'Rule of thumb.'}`;
}
