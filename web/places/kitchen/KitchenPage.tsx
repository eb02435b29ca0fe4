import { Link } from 'react-router';
import { useMeQuery } from '../../api/api';
import { IS_DEMO } from '../../api/home';
import { useKitchen } from '../../shared/useKitchen';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { UndoButtons } from '../../parts/UndoButtons';
import { usePageTitle } from '../../parts/usePageTitle';
import { Backup } from './Backup';
import { DemoKitchen } from '../../shared/Welcome';
import { Eaters } from '../../shared/kitchen/Eaters';
import { HouseStyle } from './HouseStyle';
import { Measures } from './Measures';
import { LanguageChoice } from './LanguageChoice';
import { Learnt } from './Learnt';
import { Ovens } from '../../shared/kitchen/Ovens';
import { OwnWays } from './OwnWays';
import { Tins } from './Tins';
import classes from '../../shared/kitchen/kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.kitchenPage;

/** The kitchen: for whom one bakes, which cups and spoons there are, whose law the packets follow. */
export function KitchenPage() {
  usePageTitle(W.kitchen);
  const kitchen = useKitchen();
  const { data: me } = useMeQuery();
  const { canUndo, canRedo, undo, redo } = useChangeKitchen();
  return (
    <main id="main" className={classes.page}>
      <div className={classes.row}>
        <h1>{W.kitchen}</h1>
        <div>
          <UndoButtons
            canUndo={canUndo}
            canRedo={canRedo}
            onUndo={() => void undo()}
            onRedo={() => void redo()}
          />
        </div>
      </div>
      <p className="quiet">{W.forWhomYouBakeWhat}</p>
      {me?.state === 'in' && (
        <p>
          <Link to="/people">{W.peopleAndDevices}</Link>
        </p>
      )}
      <div className={classes.columns}>
        <div className={classes.stack}>
          <Eaters />
          <HouseStyle kitchen={kitchen} />
          <OwnWays />
          <Tins kitchen={kitchen} />
        </div>
        <div className={classes.stack}>
          <Ovens kitchen={kitchen} />
          <Learnt />
          <Measures kitchen={kitchen} />
          <LanguageChoice />
          {me?.state !== 'in' || me.person.role === 'owner' ? <Backup /> : null}
          {!IS_DEMO && <DemoKitchen />}
        </div>
      </div>
    </main>
  );
}
