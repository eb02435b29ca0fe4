import type { Kitchen } from '../../../contract/dto';
import { problemIn, usePutKitchenMutation } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { StyleFields } from '../../parts/StyleFields';
import { sayProblem } from '../../words/problems';
import { STYLE_WORDS } from '../../words/styleWords';
import classes from './kitchen.module.css';

/** How the house likes to bake: what ranks the whole solutions of every formula that has no wishes of its own. */
export function HouseStyle({ kitchen }: { kitchen: Kitchen }) {
  const [put, putting] = usePutKitchenMutation();
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="style">
      <h2 id="style">House style</h2>
      {putting.error !== undefined && (
        <Notice kind="trouble" title="Not kept">
          {sayProblem(problemIn(putting.error)?.code ?? null)}
        </Notice>
      )}
      <StyleFields value={kitchen.style ?? {}} onChange={(style) => void put({ ...kitchen, style })} />
      <dl className={classes.wishes}>
        {Object.entries(STYLE_WORDS).map(([k, w]) => (
          <div key={k}>
            <dt>{w.name}</dt>
            <dd>{w.does}</dd>
          </div>
        ))}
      </dl>
      <p className="small quiet">
        It moves the order of whole solutions at Swap; nothing is ruled out by it. Tick what is in your
        cupboard on an ingredient’s page in the pantry; packets you have read count as there.
      </p>
    </section>
  );
}
