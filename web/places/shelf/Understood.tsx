import { Button } from '@mantine/core';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { ReadLines } from '../../shared/read/ReadLines';
import { Settle } from '../../shared/read/Settle';
import { addWords } from '../../words/data/en/add';
import { degrees } from '../../words/heat';
import { ovenText, messageText } from '../../words/say';
import type { SetPasted } from './pasted';
import classes from './shelf.module.css';
import { unknownIn, type PasteReading } from './useReading';

const W = addWords.newFormulaPage;

type Props = { reading: PasteReading; set: SetPasted; onKeep: () => void; keeping: boolean };

/** What is understood of a paste, line by line; where it is right, it becomes a formula. */
export function Understood({ reading, set, onKeep, keeping }: Props) {
  const { pantry } = usePantry();
  const { failed, read, parts, onCorrect } = reading;
  const views = parts.flatMap((p) => p.views);
  const unknown = unknownIn(views);
  const bake = read?.formula.bake;
  return (
    <div>
      {failed && (
        <Notice kind="trouble" title={W.readingFailed}>
          {W.nothingYouEnteredIsLost}
        </Notice>
      )}
      {!read && (
        <div className={`sheet ${classes.empty}`}>
          <h2>{W.whatIsUnderstoodAppearsHere}</h2>
          <p>{W.eachLineInGramsHow}</p>
        </div>
      )}
      {read && (
        <>
          {read.issues.map((i) => (
            <Notice
              key={i.code}
              kind={i.code.startsWith('bake.') && i.code !== 'bake.ovenByWord' ? 'trouble' : 'word'}
            >
              {messageText(i)}
              {i.fixes?.map((fix) => (
                <Button
                  key={fix.ovenC}
                  size="compact-md"
                  variant="light"
                  ml={8}
                  onClick={() => set({ oven: `${fix.ovenC} °C` })}
                >
                  {W.take({ temperature: degrees(fix.ovenC) })}
                </Button>
              ))}
            </Notice>
          ))}
          <Settle views={views} pantry={pantry} onCorrect={onCorrect} />
          <div className={classes.parts}>
            {parts
              .filter((p) => p.views.length > 0)
              .map(({ part, views: own }) => (
                <ReadLines
                  key={part.id}
                  views={own}
                  pantry={pantry}
                  onCorrect={onCorrect}
                  {...(parts.length > 1 ? { name: part.name || W.mainPart } : {})}
                />
              ))}
          </div>
          {bake && <p className={classes.bar}>{W.bake({ oven: ovenText(bake) })}</p>}
          <div className={`${classes.bar} ${classes.foot}`}>
            <Button onClick={onKeep} loading={keeping} disabled={views.length === 0}>
              {W.addFormula}
            </Button>
            <span className="quiet" role="status">
              {W.lineCount({ n: views.length })},{' '}
              {unknown === 0 ? W.allKnown : W.notKnownCorrectThemNow({ unknown })}
            </span>
          </div>
        </>
      )}
    </div>
  );
}
