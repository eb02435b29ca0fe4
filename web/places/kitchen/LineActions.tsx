import { Button } from '@mantine/core';
import classes from './kitchen.module.css';

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
        <Button size="compact-md" variant="default" aria-label={`Change ${name}`} onClick={onEdit}>
          Change
        </Button>
      )}
      <Button size="compact-md" variant="subtle" aria-label={`Take ${name} off the list`} onClick={onTakeOff}>
        Take off
      </Button>
    </div>
  );
}
