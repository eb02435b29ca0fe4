import { Kbd } from '@mantine/core';
import { useOs } from '@mantine/hooks';
import { Dialog } from '../parts/Dialog';
import { keyName, SHORTCUTS } from './shortcuts';
import classes from './shell.module.css';
import { appWords } from '../words/data/en/app';

const W = appWords.helpSheet;

/** The keys there are. */
export function HelpSheet({ onClose }: { onClose: () => void }) {
  const mac = useOs() === 'macos';
  return (
    <Dialog title={W.keys} onClose={onClose}>
      <dl className={classes.keys}>
        {Object.values(SHORTCUTS).map(({ keys, does }) => (
          <div key={does}>
            <dt>
              {keys.map((k) => (
                <Kbd key={k}>{keyName(k, mac)}</Kbd>
              ))}
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
