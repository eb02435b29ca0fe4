import { Button } from '@mantine/core';
import classes from './kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.lineActions;

/** What is done with a thing on a list of the kitchen: changed, where it can be, and taken off. */
export function LineActions({
  name,
  onEdit,
  onTakeOff,
}: {
  name: string;
  onEdit?: () => void;
  onTakeOff: () => void;
}) {
  return (
    <div className={classes.actions}>
      {onEdit && (
        <Button size="compact-md" variant="default" aria-label={W.change({ name })} onClick={onEdit}>
          {W.change2}
        </Button>
      )}
      <Button size="compact-md" variant="subtle" aria-label={W.takeOffTheList({ name })} onClick={onTakeOff}>
        {W.takeOff}
      </Button>
    </div>
  );
}
