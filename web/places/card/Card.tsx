import { atHead } from '../../words/case';
import { useMemo, type ReactNode } from 'react';
import type { Version } from '../../../contract/dto';
import type { Kit } from '../../../core/classes';
import { donenessOfBake, keepsAs } from '../../../core/bake';
import { type Formula, type StatedBake } from '../../../core/formula';
import { suitabilityOf } from '../../../core/suits';
import type { Lookup } from '../../../core/ingredients';
import type { Step } from '../../../core/method';
import { withOwnWords } from '../../../core/pantry';
import { cautionsOf, holdBackOf, takesOf } from '../../../core/rebalance';
import { useKitchen } from '../../shared/useKitchen';
import { KEEP_WORDS, SIGN_WORDS } from '../../words/data/bake';
import { day } from '../../words/format';
import { listed } from '../../words/plural';
import { degreesSpan, toKitchenScale } from '../../words/heat';
import { minutesText, ovenText, messageText } from '../../words/say';
import { textNow } from '../../words/stepWords';
import { Suits } from '../../parts/Suits';
import { sayAdapted } from '../../words/suitability';
import { liftLines, span } from '../../shared/liftLines';
import { isAdapted } from './adapted';
import { CardCautions } from './CardCautions';
import { KeepBack, stepOfMost } from './KeepBack';
import { Lines } from './Lines';
import { Takes } from './Takes';
import { Nutrition } from './Nutrition';
import classes from './card.module.css';
import own from './takes.module.css';
import { testsWords } from '../../words/trialWords';
import { cardWords } from '../../words/data/en/card';

const W = cardWords.card;

/** A step as it is to be done: new words only. What was struck is not there. */
function MethodStep({ step, children }: { step: Step; children: ReactNode }) {
  return (
    <li data-new={step.added || step.own !== undefined ? '' : undefined}>
      {step.own ?? textNow(step)}
      {step.own === undefined &&
        step.notes.map((n) => (
          <span key={n.code + JSON.stringify(n.args)} className={own.stepNote}>
            {messageText(n)}
          </span>
        ))}
      {children}
    </li>
  );
}

const sameTime = (a: StatedBake, b: StatedBake | undefined): boolean =>
  a.minutes === null || JSON.stringify(a.minutes) === JSON.stringify(b?.minutes);

/** How one knows that it is done, how long it cools, how it keeps. */
function DoneLines({ doc, lookup }: { doc: Formula; lookup: Lookup }) {
  if (!doc.bake) return null;
  const done = donenessOfBake(doc.parts, lookup);
  const core =
    done.coreC &&
    W.theMiddleReads({
      temperatures: degreesSpan(...done.coreC),
      which: done.holdMin > 0 ? W.forAboutMin({ holdMin: done.holdMin }) : '',
    });
  const signs = [
    ...done.signs.filter((s) => s !== 'core').map((s) => toKitchenScale(SIGN_WORDS[s])),
    ...(core ? [core] : []),
  ];
  return (
    <>
      {signs.length > 0 && (
        <p className={classes.bake}>
          {W.coolToBeforeCutting({
            strong: <b>{W.doneWhen}</b>,
            list: listed(signs),
            time: span(done.coolMin[0]),
            time2: span(done.coolMin[1]),
          })}
        </p>
      )}
      <p className={classes.bake}>
        <b>{W.keeps}</b> {toKitchenScale(KEEP_WORDS[keepsAs(doc.parts.map((p) => p.classId))])}
      </p>
    </>
  );
}

/** What it is called, of when it is, and what it leaves out. */
function Head({ version, title, lookup }: { version: Version; title: string; lookup: Lookup }) {
  const { doc, request } = version;
  const suits = suitabilityOf(doc, doc.avoids, lookup);
  const { adapted, open } = sayAdapted(suits);
  return (
    <header>
      <h1>{title}</h1>
      <p className={classes.sub}>
        {version.targetId ? version.name : W.asWritten} · {day(version.createdAt)}
      </p>
      {isAdapted(version) && (
        <p>
          <b>{atHead(adapted)}</b>
          {request.words && ` (${request.words.join(', ')})`}
          {open && `; ${open}`}.
        </p>
      )}
      <Suits suits={suits} />
      {request.tests && <p className={classes.noteLine}>{testsWords(request.tests)}</p>}
      {version.note && <p className={classes.noteLine}>{version.note}</p>}
    </header>
  );
}

/** The method, each step with what it takes, and water that is kept back at the step that takes most. */
function Method({ doc, source, exact }: { doc: Formula; source: Formula | undefined; exact: Lookup }) {
  const kitchen = useKitchen();
  const lines = useMemo(() => new Map(doc.parts.flatMap((p) => p.lines.map((l) => [l.id, l]))), [doc]);
  const takes = useMemo(() => takesOf(source ?? doc, doc, exact), [source, doc, exact]);
  const held = useMemo(() => holdBackOf(doc, source ?? doc, exact), [doc, source, exact]);
  const keptAt = stepOfMost(takes, held.lineId);
  if (doc.method.length === 0) return null;
  return (
    <>
      <h2>{W.method}</h2>
      <ol className={classes.steps}>
        {doc.method
          .filter((s) => !s.struck || s.own !== undefined)
          .map((s) => (
            <MethodStep key={s.id} step={s}>
              {s.id === keptAt && <KeepBack held={held} line={lines.get(held.lineId ?? '')} />}
              <Takes takes={takes.get(s.id) ?? []} lines={lines} lookup={exact} spoon={kitchen.spoon} />
            </MethodStep>
          ))}
      </ol>
    </>
  );
}

/** How it is baked, and how that is from the time of the original. */
function BakeLine({ doc, source, changed }: { doc: Formula; source: Formula | undefined; changed: boolean }) {
  if (!doc.bake) return null;
  const stated = source?.bake?.minutes;
  return (
    <p className={classes.bake}>
      <b>{W.bake}</b> {ovenText(doc.bake)}
      {changed && (
        <span className="quiet">
          {sameTime(doc.bake, source?.bake)
            ? W.theTimeOfTheOriginal
            : W.forAsWrittenByThe({ which: stated ? minutesText(...stated) : W.noStatedTime })}
        </span>
      )}
    </p>
  );
}

/** One page to bake from: grams first, the method as it now goes, how it is baked, what it holds. */
export function Card({
  version,
  title,
  source: of,
  beside,
  pieces,
  kitOf: kitById,
  lookup: exact,
}: {
  version: Version;
  title: string;
  source: Version | undefined;
  /** With the amounts as written beside those of the version. */
  beside: boolean;
  /** How many it is cut into or makes; null where nobody has said. */
  pieces: number | null;
  kitOf: (id: string) => Kit | null;
  lookup: Lookup;
}) {
  const { doc } = version;
  const source = of?.doc;
  const lookup = useMemo(() => withOwnWords(exact, version.request.words ?? []), [exact, version]);
  const kits = useMemo(
    () => Object.values(version.request.pins?.kits ?? {}).flatMap((id) => kitById(id) ?? []),
    [version, kitById],
  );
  const kitchen = useKitchen();
  return (
    <article className={`sheet ${classes.card}`} data-long={doc.parts.length > 1 ? '' : undefined}>
      <Head version={version} title={title} lookup={lookup} />
      <div className={classes.body}>
        <div>
          {doc.parts.map((p) => (
            <Lines
              key={p.id}
              part={p}
              source={beside ? source?.parts.find((x) => x.id === p.id) : undefined}
              lookup={lookup}
              inOunces={kitchen.ounces ?? false}
            />
          ))}
        </div>
        <div>
          <Method doc={doc} source={source} exact={exact} />
          {liftLines(doc, version.request, lookup, kitchen, source).map((l) => (
            <p key={l} className={classes.bake}>
              <b>{W.lift}</b> {l}
            </p>
          ))}
          <BakeLine doc={doc} source={source} changed={isAdapted(version)} />
          <DoneLines doc={doc} lookup={exact} />
        </div>
      </div>
      <Nutrition doc={doc} lookup={exact} pieces={pieces} currency={kitchen.currency} />
      <CardCautions
        doc={doc}
        source={source}
        cautions={cautionsOf(kits, doc.parts, lookup)}
        lookup={lookup}
        exact={exact}
      />
    </article>
  );
}
