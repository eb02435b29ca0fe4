import { NumberInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { shoppingOf, weighAhead, type ToHave } from '../../../core/schedule';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { useKitchen } from '../../api/useKitchen';
import { usePantry } from '../../pantry/usePantry';
import { avoidWords } from '../../words/avoidWords';
import { counted, fixed, grams, listed } from '../../words/format';
import { ingredientName } from '../../words/things';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { Letter } from './Letter';

/** What has to be bought: packets where it is known what one holds, and grams. */
function toBuy({ shortG, packets }: ToHave): string {
  if (shortG === null) return '';
  if (shortG === 0) return 'nothing';
  return packets === null ? grams(shortG) : `${counted(packets, 'packet')} (${grams(shortG)})`;
}

/** How much is left of a thing: kept when the field is left, so that no half-typed number is. */
function LeftField({
  name,
  hint,
  grams: given,
  onKeep,
}: {
  name: string;
  hint: string;
  grams: number | null;
  onKeep: (g: number | null) => void;
}) {
  const [typed, setTyped] = useState<number | null>(given);
  return (
    <NumberInput
      aria-label={name}
      placeholder={hint}
      value={typed ?? ''}
      suffix=" g"
      min={0}
      max={1_000_000}
      w={88}
      hideControls
      decimalScale={1}
      onChange={(v) => setTyped(typeof v === 'number' ? v : null)}
      onBlur={() => typed !== given && onKeep(typed)}
    />
  );
}

/** What has to be in the house, and what can be weighed the day before. */
export function ListsView() {
  const { bakes } = useDayContext();
  const { pantry } = usePantry();
  const { currency, atHand = [], stock } = useKitchen();
  const { change, trouble } = useChangeKitchen();
  const left = useMemo(() => new Map((stock ?? []).map(({ id, g }) => [id, g])), [stock]);
  const toHave = useMemo(() => shoppingOf(bakes, pantry.lookup, left), [bakes, pantry, left]);
  const known = toHave.filter((t) => t.leftG !== null).length;
  const ahead = useMemo(() => weighAhead(bakes, pantry.lookup), [bakes, pantry]);
  const cost = toHave.reduce((s, t) => s + (t.cost ?? 0), 0);
  const unpriced = toHave.filter((t) => t.cost === null).length;
  const letterOf = (id: string): string => bakes.find((b) => b.id === id)?.letter ?? '';
  const owned = new Set([...atHand, ...pantry.own.map((i) => i.id)]);
  const nameOf = (t: ToHave): string => (t.item ? ingredientName(t.item.id) : `“${t.written}”`);
  const keepLeft = (id: string, g: number | null) =>
    void change({
      stock: [...(stock ?? []).filter((s) => s.id !== id), ...(g === null ? [] : [{ id, g }])],
    });
  if (bakes.length === 0) return <p>Nothing is baked on this day yet.</p>;
  return (
    <div className={classes.stack}>
      <section className="sheet" aria-label="To have in the house">
        <div className={classes.panel}>
          <h2>To have in the house</h2>
          <p className="small quiet">
            {cost > 0
              ? `${fixed(cost, 2)} ${currency} by the packets that have a price`
              : 'No packet of these has a price'}
            {unpriced > 0 && `; ${unpriced} without one`}.{' '}
            {known === toHave.length
              ? 'What is left is taken off.'
              : `Say what is left of a thing, and what is to be bought is worked out${known > 0 ? `; of ${toHave.length - known} it is not known` : ''}.`}
          </p>
          {trouble}
        </div>
        <div className={classes.wide}>
          <table className={classes.table}>
            <thead>
              <tr>
                <th>What</th>
                <th className={classes.right}>In all</th>
                <th>Left</th>
                <th>To buy</th>
                <th>For</th>
                <th>Look at the packet for</th>
              </tr>
            </thead>
            <tbody>
              {toHave.map((t) => (
                <tr key={t.key}>
                  <td>{nameOf(t)}</td>
                  <td className={`num ${classes.right}`}>
                    {t.massG === null
                      ? t.atLeastG > 0
                        ? `at least ${grams(t.atLeastG)}`
                        : 'not known'
                      : grams(t.massG)}
                  </td>
                  <td>
                    <LeftField
                      name={`${nameOf(t)}, left in the cupboard`}
                      hint={t.item && owned.has(t.item.id) ? 'some' : ''}
                      grams={t.leftG}
                      onKeep={(g) => keepLeft(t.key, g)}
                    />
                  </td>
                  <td className="num">{toBuy(t)}</td>
                  <td>{t.bakeIds.map(letterOf).join(' ')}</td>
                  <td>{t.check.length > 0 ? listed(avoidWords(t.check)) : ''}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </section>
      <section className="sheet" aria-label="To weigh ahead">
        <div className={classes.panel}>
          <h2>To weigh ahead</h2>
          <p className="small quiet">
            In this order, each into a dry, clean bowl or bag: what holds least of what somebody must not have
            comes first.
          </p>
        </div>
        {ahead.map((a) => (
          <div key={a.id} className={classes.panel}>
            <h3>
              <Letter of={letterOf(a.id)} /> {bakes.find((b) => b.id === a.id)?.title}
            </h3>
            {a.holds.length > 0 && (
              <p className="small">
                Holds, may hold or is not confirmed: {listed(avoidWords(a.holds))}. Wash up after it.
              </p>
            )}
            <p>
              {a.lines.map((l) => `${ingredientName(l.item.id)} ${grams(l.massG)}`).join(', ') ||
                'Nothing dry in it.'}
            </p>
          </div>
        ))}
      </section>
    </div>
  );
}
