import { Button, Popover } from '@mantine/core';
import { IconChevronDown } from '@tabler/icons-react';
import { useAppDispatch } from '../../store/store';
import { StyleFields } from '../../parts/StyleFields';
import { listed } from '../../words/plural';
import { wishesIn } from '../../words/styleWords';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import classes from './swap.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.styleBar;

/** By whose wishes the whole solutions are ranked, and how to have others for this formula. */
export function StyleBar() {
  const { doc, style } = useDeskContext();
  const dispatch = useAppDispatch();
  const wishes = wishesIn(style);
  const own = doc.request.style !== undefined;
  return (
    <div className={classes.style}>
      <span>
        {wishes.length === 0
          ? W.closestFirst
          : W.closestFirstAndBy({ which: own ? W.yourWish : W.houseStyle, list: listed(wishes) })}
      </span>
      <Popover position="bottom-end" shadow="md" width={430} trapFocus withinPortal>
        <Popover.Target>
          <Button
            variant="default"
            size="compact-md"
            rightSection={<IconChevronDown size={16} aria-hidden="true" />}
          >
            {W.changeOrder}
          </Button>
        </Popover.Target>
        <Popover.Dropdown aria-label={W.howToRank} className={classes.styleBox}>
          <p>{W.forThisFormulaItMoves}</p>
          <StyleFields value={style} onChange={(s) => dispatch(workingCopy.styleSet(s))} />
          {own && (
            <Button variant="subtle" size="compact-md" onClick={() => dispatch(workingCopy.styleSet(null))}>
              {W.asKitchenHasIt}
            </Button>
          )}
        </Popover.Dropdown>
      </Popover>
    </div>
  );
}
