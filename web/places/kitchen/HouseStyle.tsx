import type { Kitchen } from '../../../contract/dto';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { StyleFields } from '../../parts/StyleFields';
import { STYLE_WORDS } from '../../words/styleWords';
import classes from '../../shared/kitchen/kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.houseStyle;

/** How the house likes to bake: what ranks the whole solutions of every formula that has no wishes of its own. */
export function HouseStyle({ kitchen }: { kitchen: Kitchen }) {
  const { change, trouble } = useChangeKitchen();
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="style">
      <h2 id="style">{W.houseStyle}</h2>
      {trouble}
      <StyleFields value={kitchen.style ?? {}} onChange={(style) => void change({ style })} />
      <dl className={classes.wishes}>
        {Object.entries(STYLE_WORDS).map(([k, w]) => (
          <div key={k}>
            <dt>{w.name}</dt>
            <dd>{w.does}</dd>
          </div>
        ))}
      </dl>
      <p className="small quiet">{W.itMovesTheOrderOf}</p>
    </section>
  );
}
