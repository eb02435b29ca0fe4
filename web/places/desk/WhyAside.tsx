import { useSuits } from '../../pantry/useSuits';
import type { Kit } from '../../../core/classes';
import type { Confidence, Option, Solution } from '../../../core/rebalance';
import { HandbookLink } from '../../parts/HandbookLink';
import { grams } from '../../words/format';
import { listed } from '../../words/plural';
import { messageText } from '../../words/say';
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
import { useDeskContext } from '../../shared/deskContext';
import frame from '../../shared/frame.module.css';
import { toKitchenScale } from '../../words/heat';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.whyAside;

/** How sure the answer is, and what decides that. */
function HowSure({ of }: { of: Confidence }) {
  const [deciding, ...more] = of.because;
  return (
    <section>
      <h2>{W.howSure}</h2>
      <p>
        <b>{SURE[of.level]}.</b> {deciding && messageText(deciding)}
      </p>
      {more.length > 0 && (
        <details className="small quiet">
          <summary>{W.moreOnHowSure}</summary>
          {more.map((b) => (
            <p key={b.code + JSON.stringify(b.args)}>{messageText(b)}</p>
          ))}
        </details>
      )}
    </section>
  );
}

/** The margin: why this way, its window, what it changes, what to watch. */
export function WhyAside({ option, solution }: { option: Option | null; solution: Solution }) {
  const { doc, kitOf } = useDeskContext();
  const kit = option && kitOf(option.kitId);
  // What is on the desk in its place.
  const chosen = option ? solution.kits[option.conflictId] : undefined;
  const suits = useSuits(solution.formula, solution.formula.avoids, doc.request.words);
  const holds = (
    <section>
      <h2>{W.whatItHolds}</h2>
      <Suits suits={suits} />
    </section>
  );
  // What must not be in it, and is, comes before all else.
  const isFirst = suits.finding === 'contains';
  return (
    <>
      {isFirst && holds}
      {kit && option && (
        <section>
          <h2>{kitName(kit.id)}</h2>
          <p>{toKitchenScale(KIT_WORDS[kit.id]?.about ?? W.aWayOfYourOwn)}</p>
          {option.amounts.length > 0 && (
            <div className={frame.equation}>
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
            <p>{W.packetNotReadNotKnown({ list: listed(option.unknown.map((a) => AVOID_WORDS[a])) })}</p>
          )}
          {option.because.length > 0 && (
            <p>
              <b>{W.whyItIsNotFirst}</b> {option.because.map(messageText).join(' ')}
            </p>
          )}
          {option.beside &&
            chosen &&
            (option.beside.against.length > 0 || option.beside.forIt.length > 0) && (
              <p>
                <b>{W.beside({ replacement: kitName(chosen) })}</b>{' '}
                {option.beside.against.map(messageText).join(' ')}
                {option.beside.forIt.length > 0 &&
                  ` ${kitName(chosen)}: ${option.beside.forIt.map(messageText).join(' ')}`}
              </p>
            )}
          {option.cautions.map((c) => (
            <p key={c}>{toKitchenScale(CAUTION_WORDS[c])}</p>
          ))}
        </section>
      )}
      {solution.uncovered.length > 0 && (
        <section>
          <h2>{W.notReplaced}</h2>
          <p>
            {W.theChosenReplacementsGiveBack({ list: listed(solution.uncovered.map((j) => JOB_NOUNS[j])) })}
          </p>
        </section>
      )}
      <HowSure of={solution.confidence} />
      {!isFirst && holds}
    </>
  );
}

function doseWindow(kit: Kit): string {
  const first = kit.items[0];
  if (!first || first.item.kind !== 'ref') return '';
  const { lo, hi, per } = first.dose;
  const range =
    per === 'g'
      ? W.toOfWhatLeaves({ lo: Math.round(lo * 100), hi: Math.round(hi * 100) })
      : W.toGFor({ lo, hi, dose: DOSE_WORDS[per] });
  return W.usualAs({
    range,
    ingredient: ingredientName(first.item.id, true),
    which: kit.basis === 'user' ? W.yourOwnWindow : W.ruleOfThumb,
  });
}
