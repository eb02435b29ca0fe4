import { Button, Checkbox, Popover } from '@mantine/core';
import { IconChevronDown } from '@tabler/icons-react';
import type { AvoidId } from '../../../core/ingredients';
import { avoidsOf, USUAL_EXCLUSIONS } from '../../../core/exclusions';
import { useAppDispatch } from '../../store/store';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import type { Wanted } from '../../working/requestReducers';
import { ExclusionChips, MoreExclusions } from '../../shared/ExclusionChips';
import { ForWhom } from './ForWhom';
import classes from './desk.module.css';
import own from './leave.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.leaveOut;

/** What has to go: gluten always, the usual four by a press, the rest behind one more; for whom, and whether traces matter. */
export function LeaveOut() {
  const { doc } = useDeskContext();
  const dispatch = useAppDispatch();
  const { exclude, oil = 'extracted', words = [], strict = [], eaters = [] } = doc.request;
  const want = (more: Partial<Wanted>) => {
    const next = { exclude, oil, words, strict, eaters, ...more };
    // Where traces matter, they matter for whatever is out.
    const all = strict.length > 0 || (more.strict?.length ?? 0) > 0;
    const now: AvoidId[] =
      all && more.strict === undefined ? avoidsOf(next.exclude, next.oil, next.words) : next.strict;
    dispatch(workingCopy.wanted({ ...next, strict: now }));
  };
  const others = exclude.filter((e) => !USUAL_EXCLUSIONS.includes(e)).length + words.length;
  return (
    <section className={`sheet ${own.leave}`} aria-label={W.whatHasToGo}>
      <span className={own.always}>{W.glutenIsAlwaysLeftOut}</span>
      <ExclusionChips
        of={USUAL_EXCLUSIONS}
        value={exclude}
        onChange={(v) => want({ exclude: v, eaters: [] })}
      />
      <Popover position="bottom-start" shadow="md" width={560} trapFocus withinPortal>
        <Popover.Target>
          <Button
            variant="default"
            size="compact-md"
            className={classes.moreButton}
            rightSection={<IconChevronDown size={16} aria-hidden="true" />}
          >
            {others > 0 ? W.more({ others }) : W.more2}
          </Button>
        </Popover.Target>
        <Popover.Dropdown aria-label={W.moreToLeaveOut} className={own.tall}>
          <MoreExclusions
            exclude={exclude}
            words={words}
            onChange={(more) => want({ ...more, eaters: [] })}
          />
        </Popover.Dropdown>
      </Popover>
      <div className={own.fine}>
        <ForWhom onTable={(table) => dispatch(workingCopy.wanted(table))} chosen={eaters} />
        {exclude.includes('oil') && (
          <Checkbox
            label={W.alsoLeaveOutFattyFoods}
            checked={oil === 'all_fat'}
            onChange={(e) => want({ oil: e.currentTarget.checked ? 'all_fat' : 'extracted' })}
          />
        )}
        {(exclude.length > 0 || words.length > 0) && (
          <Checkbox
            label={W.alsoAvoidMayContainProducts}
            checked={strict.length > 0}
            onChange={(e) => want({ strict: e.currentTarget.checked ? avoidsOf(exclude, oil, words) : [] })}
          />
        )}
      </div>
    </section>
  );
}
