import { ActionIcon } from '@mantine/core';
import {
  IconArchive,
  IconArchiveOff,
  IconCopy,
  IconTrash,
  type Icon as TablerIcon,
} from '@tabler/icons-react';
import { lazy, memo, Suspense } from 'react';
import { Link } from 'react-router';
import type { FormulaCard } from '../../../contract/dto';
import { addressOf } from '../../api/ask';
import { leavesOut } from '../../words/avoidWords';
import { CLASS_WORDS } from '../../words/data/names';
import { shelfWords } from '../../words/data/en/shelf';
import { day } from '../../words/format';
import classes from './shelf.module.css';
import { titleOf, type Deeds } from './useDeeds';

const W = shelfWords.shelfPage;

const KindDrawing = lazy(async () => ({
  default: (await import('../../drawings/KindDrawing')).KindDrawing,
}));

function Tool({
  words,
  name,
  icon: Icon,
  act,
}: {
  words: string;
  name: string;
  icon: TablerIcon;
  act: () => Promise<void>;
}) {
  return (
    <ActionIcon
      variant="subtle"
      color="gray"
      size={40}
      aria-label={name}
      title={words}
      onClick={() => void act()}
    >
      <Icon size={18} stroke={1.6} aria-hidden="true" />
    </ActionIcon>
  );
}

function Tools({ card, deeds }: { card: FormulaCard; deeds: Deeds }) {
  const title = titleOf(card);
  return (
    <>
      <Tool words={W.makeACopy} name={W.copy({ title })} icon={IconCopy} act={() => deeds.copy(card)} />
      {card.archived ? (
        <Tool
          words={W.restore}
          name={W.restore2({ title })}
          icon={IconArchiveOff}
          act={() => deeds.putAside(card, false)}
        />
      ) : (
        <Tool
          words={W.archive}
          name={W.archive2({ title })}
          icon={IconArchive}
          act={() => deeds.putAside(card, true)}
        />
      )}
      <Tool
        words={W.deleteWord}
        name={W.deleteWord2({ title })}
        icon={IconTrash}
        act={() => deeds.takeOff(card)}
      />
    </>
  );
}

/** A formula on the shelf. It is drawn again only when it is another: letters that are typed above it cost it nothing. */
export const FormulaRow = memo(function FormulaRow({
  card,
  deeds,
}: {
  card: FormulaCard;
  deeds: Deeds | null;
}) {
  return (
    <li className={classes.row}>
      <div className={classes.mark}>
        {card.photo ? (
          <img src={addressOf('photo', card.photo)} alt="" loading="lazy" />
        ) : (
          <Suspense>
            <KindDrawing classId={card.classId} />
          </Suspense>
        )}
      </div>
      <Link to={`/formula/${card.id}/swap`} className={classes.link}>
        <h2>{titleOf(card)}</h2>
        <span className={classes.kind}>{CLASS_WORDS[card.classId]}</span>
        <span className={classes.without}>
          {card.leavesOut.length > 0 ? (
            <>{W.adaptedToLeaveOut({ strong: <b>{leavesOut(card.leavesOut)}</b> })}</>
          ) : (
            W.notAdaptedYet
          )}
        </span>
        <span className={classes.meta}>
          {W.lineCount({ n: card.lines })} ·{' '}
          {card.versions > 1 ? W.versionCount({ n: card.versions - 1 }) : W.asWritten}
          {card.hasDraft && W.unsavedChanges}
          <br />
          {card.bakedAt ? W.baked({ day: day(card.bakedAt) }) : day(card.updatedAt)}
        </span>
      </Link>
      <div className={classes.tools}>{deeds && <Tools card={card} deeds={deeds} />}</div>
    </li>
  );
});
