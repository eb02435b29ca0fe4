import { Button, Checkbox, Popover } from '@mantine/core';
import { IconUsers } from '@tabler/icons-react';
import { Link } from 'react-router';
import { combinedNeeds } from '../../../core/exclusions';
import { useEatersQuery } from '../../api/api';
import type { Wanted } from '../../working/requestReducers';
import frame from '../../shared/frame.module.css';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.forWhom;

/** For whom one bakes: what several eaters avoid between them goes all at once. */
export function ForWhom({
  chosen,
  onTable,
}: {
  chosen: readonly string[];
  onTable: (table: Wanted) => void;
}) {
  const { data: eaters = [] } = useEatersQuery();
  const here = eaters.filter((e) => chosen.includes(e.id));
  const pick = (id: string, on: boolean) => {
    const next = eaters.filter((e) => (e.id === id ? on : chosen.includes(e.id)));
    onTable({ ...combinedNeeds(next), eaters: next.map((e) => e.id) });
  };
  return (
    <Popover position="bottom-end" shadow="md" width={300} trapFocus withinPortal>
      <Popover.Target>
        <Button
          variant="default"
          size="compact-md"
          className={classes.moreButton}
          leftSection={<IconUsers size={17} aria-hidden="true" />}
        >
          {here.length === 0
            ? W.forWhom
            : W.forWord({ which: here.length === 1 ? here[0]!.name : W.eaterCount({ n: here.length }) })}
        </Button>
      </Popover.Target>
      <Popover.Dropdown aria-label={W.forWhom}>
        <div className={frame.moreOut}>
          {eaters.length === 0 && <p>{W.nobodyIsOnTheList}</p>}
          {eaters.map((e) => (
            <Checkbox
              key={e.id}
              label={e.name}
              checked={chosen.includes(e.id)}
              onChange={(ev) => pick(e.id, ev.currentTarget.checked)}
            />
          ))}
          <Link to="/kitchen">{W.changeTheListInThe}</Link>
        </div>
      </Popover.Dropdown>
    </Popover>
  );
}
