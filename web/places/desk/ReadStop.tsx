import { Select } from '@mantine/core';
import { fixed } from '../../words/format';
import { useMemo } from 'react';
import { Link, useLocation } from 'react-router';
import { CLASS_IDS } from '../../../core/classes';
import { avoidsOf } from '../../../core/exclusions';
import type { Formula } from '../../../core/formula';
import type { AvoidId } from '../../../core/ingredients';
import { checkShares } from '../../../core/reading';
import { useKitchen } from '../../shared/useKitchen';
import { useAppDispatch } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { useSuits } from '../../pantry/useSuits';
import { Suits } from '../../parts/Suits';
import { ovenText } from '../../words/say';
import { CLASS_WORDS } from '../../words/things';
import { useCorrect } from '../../shared/read/correct';
import { ReadLines } from '../../shared/read/ReadLines';
import { MethodRead } from '../../shared/read/MethodRead';
import { Settle } from '../../shared/read/Settle';
import { viewOf } from '../../shared/read/viewOf';
import { AskKind } from '../../shared/read/AskKind';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import { WhoEats } from '../../shared/WhoEats';
import frame from '../../shared/frame.module.css';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.readStop;

/** The lines of each part as they are shown: those that were read for certain with what a look at the whole says of them. */
function usePartsRead({ parts }: Formula) {
  const { pantry } = usePantry();
  const kitchen = useKitchen();
  return useMemo(
    () =>
      parts.map((part) => {
        const checks = checkShares(part, pantry.lookup);
        const views = part.lines.map((l) => {
          const view = viewOf(l, pantry, kitchen);
          const own = checks.filter((c) => c.lineId === l.id).map((c) => ({ ...c.issue, fixes: c.fixes }));
          return own.length > 0 && view.issues.length === 0 ? { ...view, issues: own } : view;
        });
        return { part, views };
      }),
    [parts, pantry, kitchen],
  );
}

/** What can be said of it as it was pasted; where it holds gluten, how that is put right. */
function Holds({ source, avoids }: { source: Formula; avoids: readonly AvoidId[] }) {
  const { doc } = useDeskContext();
  const { search } = useLocation();
  const suits = useSuits(source, avoids, doc.request.words);
  const swap = (
    <Link to={{ pathname: '../swap', search }} relative="path">
      {W.swap}
    </Link>
  );
  return (
    <section aria-label={W.whatItHolds}>
      <h2>{W.whatItHolds}</h2>
      <Suits suits={suits} />
      {suits.contains.some((c) => c.avoids.includes('gluten')) && (
        <p className="small">{W.glutenFreeFloursInPlace({ link: swap })}</p>
      )}
    </section>
  );
}

/** What kind of bake each part is. */
function Kinds({ of }: { of: Formula['parts'] }) {
  const dispatch = useAppDispatch();
  return of.map((p) => (
    <Select
      key={p.id}
      label={of.length > 1 ? W.kindOfBake({ name: p.name || W.theRest }) : W.kindOfBake2}
      data={CLASS_IDS.map((c) => ({ value: c, label: CLASS_WORDS[c] }))}
      value={p.classId}
      allowDeselect={false}
      onChange={(v) => v && dispatch(workingCopy.classChosen({ partId: p.id, classId: v }))}
    />
  ));
}

/** Read: what was understood, line by line, each open to correction; the pasted text and who can eat it beside. */
export function ReadStop() {
  const { doc } = useDeskContext();
  const { pantry } = usePantry();
  const { source, request } = doc;
  const parts = usePartsRead(source);
  const avoids = useMemo(() => avoidsOf(request.exclude, request.oil), [request.exclude, request.oil]);
  const onCorrect = useCorrect(source);
  const { bake, tin } = source;
  return (
    <div className={frame.frame}>
      <div className={frame.content}>
        {source.parts.map((p) => (
          <AskKind key={p.id} part={p} many={source.parts.length > 1} />
        ))}
        <Settle views={parts.flatMap((p) => p.views)} pantry={pantry} onCorrect={onCorrect} />
        <div className={classes.apart}>
          {parts.map(({ part, views }) => (
            <ReadLines
              key={part.id}
              views={views}
              pantry={pantry}
              avoids={avoids}
              onCorrect={onCorrect}
              {...(parts.length > 1 ? { name: part.name || W.mainPart } : {})}
            />
          ))}
          <MethodRead formula={source} pantry={pantry} />
        </div>
      </div>
      <aside className={frame.aside} tabIndex={0} aria-label={W.asPasted}>
        <Holds source={source} avoids={avoids} />
        <WhoEats formula={source} lookup={pantry.lookup} />
        <Kinds of={source.parts} />
        {bake && <p className="small quiet">{W.bake({ oven: ovenText(bake) })}</p>}
        {tin && (
          <p className="small quiet">
            {W.tinHoldsAboutMlFilled({
              written: tin.written,
              number: fixed(Math.round(tin.volumeMl.value / 50) * 50, 0),
            })}
          </p>
        )}
        <h2>{W.asPasted}</h2>
        <pre className={classes.pasted} tabIndex={0} aria-label={W.thePastedIngredientList}>
          {source.originalText || W.noTextWasKept}
        </pre>
      </aside>
    </div>
  );
}
