import { Button } from '@mantine/core';
import { IconAlertTriangle, IconInfoCircle } from '@tabler/icons-react';
import type { ReactNode } from 'react';
import classes from './parts.module.css';

type Props = {
  kind: 'trouble' | 'word';
  title?: string;
  children: ReactNode;
  action?: { words: string; do: () => void };
};

/** Something the baker should know here: trouble is announced, a word is only shown. */
export function Notice({ kind, title, children, action }: Props) {
  const Icon = kind === 'trouble' ? IconAlertTriangle : IconInfoCircle;
  return (
    <div
      className={`${classes.notice} ${kind === 'trouble' ? classes.trouble : ''}`}
      role={kind === 'trouble' ? 'alert' : 'note'}
    >
      <Icon size={20} stroke={1.7} aria-hidden="true" />
      <div>
        {title && <b>{title}</b>}
        <div>{children}</div>
        {action && (
          <Button size="compact-md" variant="light" mt={8} onClick={action.do}>
            {action.words}
          </Button>
        )}
      </div>
    </div>
  );
}
