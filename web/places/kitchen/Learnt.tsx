import { Button } from '@mantine/core';
import { paceOf, type TimedBake } from '../../../core/bake';
import { CLASSES } from '../../../core/classes';
import { slownessOf } from '../../../core/leavening';
import { usePantryQuery, useRevisePantryMutation } from '../../api/api';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { useKitchen } from '../../shared/useKitchen';
import { day, fixed } from '../../words/format';
import { timesWords } from '../../words/kitchenWords';
import { CLASS_WORDS } from '../../words/things';
import classes from '../../shared/kitchen/kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.learnt;

type TimedOne = { saidMin: number; tookMin: number; on?: string };
/** What was timed, one by one, each of which can be forgotten. */
function Timed<T extends TimedOne>({
  all,
  where,
  onForget,
}: {
  all: readonly T[];
  where?: (t: T) => string | undefined;
  onForget: (t: T) => void;
}) {
  return (
    <ul>
      {all.map((t, i) => (
        <li key={i}>
          {W.minWereTold({
            which: t.on ? `${day(t.on)}: ` : '',
            where: where?.(t) && `${where(t)}, `,
            number: fixed(t.tookMin, 0),
            number2: fixed(t.saidMin, 0),
          })}{' '}
          <Button size="compact-md" variant="subtle" onClick={() => onForget(t)}>
            {W.forget}
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** What was learnt from bakes: by which, from when, where it is used; and each can be forgotten. */
export function Learnt() {
  const kitchen = useKitchen();
  const { change, trouble } = useChangeKitchen();
  const { data: rows = [] } = usePantryQuery();
  const [revise] = useRevisePantryMutation();
  const timed = kitchen.timed ?? [];
  const families = [...new Set(timed.map((t) => CLASSES[t.classId].family))];
  const newest = new Map<string, (typeof rows)[number]>();
  for (const r of rows) if (!r.gone && (newest.get(r.itemId)?.rev ?? 0) < r.rev) newest.set(r.itemId, r);
  const packets = [...newest.values()].flatMap((row) =>
    row.doc.kind === 'packet' && row.doc.drinks ? [{ row, doc: row.doc, drinks: row.doc.drinks }] : [],
  );
  const risen = kitchen.risen ?? [];
  if (timed.length === 0 && packets.length === 0 && risen.length === 0) return null;
  const ovenName = (t: TimedBake) => kitchen.ovens?.find((o) => o.id === t.ovenId)?.name;
  const forget = (t: TimedBake) => void change({ timed: timed.filter((x) => x !== t) });
  return (
    <section className={`sheet ${classes.learnt}`} aria-label={W.learntFromYourBakes}>
      <h2>{W.learntFromYourBakes}</h2>
      {trouble}
      {families.map((f) => {
        const own = timed.filter((t) => CLASSES[t.classId].family === f);
        const pace = paceOf(timed, own[0]!.classId, kitchen.ovenId);
        return (
          <div key={f}>
            <p>
              {W.andItsLikeTimesTold({
                classValue: CLASS_WORDS[own[0]!.classId],
                times: timesWords(pace.factor, W.asTheyWere),
                count: W.bakeCount({ n: pace.bakes }),
              })}
            </p>
            <Timed all={own} where={ovenName} onForget={forget} />
          </div>
        );
      })}
      {(['yeast', 'starter'] as const).map((of) => {
        const own = risen.filter((t) => t.of === of);
        return (
          own.length > 0 && (
            <div key={of}>
              <p>
                {W.timesToldAtLiftOn({
                  which: of === 'yeast' ? W.yeast : W.theStarter,
                  times: timesWords(slownessOf(risen, of).factor, W.asTheyWere),
                  count: W.riseCount({ n: own.length }),
                })}
              </p>
              <Timed all={own} onForget={(t) => void change({ risen: risen.filter((x) => x !== t) })} />
            </div>
          )
        );
      })}
      {packets.map(({ row, doc, drinks }) => (
        <p key={row.id}>
          {W.drinksTimesAsMuchAs({
            doc: doc.name,
            number: fixed(drinks.times, 2),
            count: W.benchRunCount({ n: drinks.runs.length }),
          })}{' '}
          <Button
            size="compact-md"
            variant="subtle"
            onClick={() => {
              const { drinks: _drinks, ...rest } = doc;
              void revise({ itemId: row.itemId, rev: row.rev, doc: rest });
            }}
          >
            {W.forget}
          </Button>
        </p>
      ))}
    </section>
  );
}
