import { ActionIcon } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { useKitchen } from '../../shared/useKitchen';
import { toastUndo } from '../../parts/toastUndo';
import { ingredientName } from '../../words/things';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.saidNames;

/** Names that were said to mean a thing, each to be forgotten again. */
export function SaidNames() {
  const { names = [] } = useKitchen();
  const { change, trouble } = useChangeKitchen();
  if (names.length === 0) return trouble || null;
  return (
    <section aria-labelledby="said-names" className={classes.said}>
      {trouble}
      <h2 id="said-names">{W.namesYouHaveSaid}</h2>
      <p className="quiet small">{W.whatIsWrittenSoIs}</p>
      <ul>
        {names.map((n) => (
          <li key={n.id}>
            {W.isWord({ strong: <b>{n.id}</b>, ingredient: ingredientName(n.means, true) })}
            <ActionIcon
              variant="subtle"
              color="gray"
              size={40}
              aria-label={W.forget({ nId: n.id })}
              onClick={() => {
                void change({ names: names.filter((x) => x.id !== n.id) });
                toastUndo(W.isAskedAboutAgain({ nId: n.id }), () => change({ names }));
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
