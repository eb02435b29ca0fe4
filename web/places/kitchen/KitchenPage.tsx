import { IS_DEMO } from '../../api/home';
import { useKitchen } from '../../api/useKitchen';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { UndoButtons } from '../../parts/UndoButtons';
import { usePageTitle } from '../../parts/usePageTitle';
import { Backup } from './Backup';
import { DemoKitchen } from '../start/Welcome';
import { Eaters } from './Eaters';
import { HouseStyle } from './HouseStyle';
import { Measures } from './Measures';
import { Learnt } from './Learnt';
import { Ovens } from './Ovens';
import { OwnWays } from './OwnWays';
import { Tins } from './Tins';
import classes from './kitchen.module.css';

/** The kitchen: for whom one bakes, which cups and spoons there are, whose law the packets follow. */
export function KitchenPage() {
  usePageTitle('Kitchen');
  const kitchen = useKitchen();
  const { canUndo, canRedo, undo, redo } = useChangeKitchen();
  return (
    <main id="main" className={classes.page}>
      <div className={classes.row}>
        <h1>Kitchen</h1>
        <div>
          <UndoButtons
            canUndo={canUndo}
            canRedo={canRedo}
            onUndo={() => void undo()}
            onRedo={() => void redo()}
          />
        </div>
      </div>
      <p className="quiet">For whom you bake, what you measure with, and how you like to bake.</p>
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
          <Backup />
          {!IS_DEMO && <DemoKitchen />}
        </div>
      </div>
    </main>
  );
}
