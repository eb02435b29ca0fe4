import { ActionIcon } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { useKitchen } from '../../api/useKitchen';
import { sayDone } from '../../parts/sayDone';
import { ingredientName } from '../../words/things';
import classes from './pantry.module.css';

/** Names that were said to mean a thing, each to be forgotten again. */
export function SaidNames() {
  const { names = [] } = useKitchen();
  const { change, trouble } = useChangeKitchen();
  if (names.length === 0) return trouble || null;
  return (
    <section aria-labelledby="said-names" className={classes.said}>
      {trouble}
      <h2 id="said-names">Names you have said</h2>
      <p className="quiet small">What is written so is read so in every paste, until you take it out.</p>
      <ul>
        {names.map((n) => (
          <li key={n.id}>
            <b>{n.id}</b> is {ingredientName(n.means, true)}
            <ActionIcon
              variant="subtle"
              color="gray"
              size={40}
              aria-label={`Forget ${n.id}`}
              onClick={() => {
                void change({ names: names.filter((x) => x.id !== n.id) });
                sayDone(`${n.id} is asked about again`, () => change({ names }));
              }}
            >
              <IconX size={16} />
            </ActionIcon>
          </li>
        ))}
      </ul>
    </section>
  );
}
