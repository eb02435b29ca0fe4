import { NumberInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { shoppingOf, weighAhead, type ToHave } from '../../../core/schedule';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { useKitchen } from '../../shared/useKitchen';
import { usePantry } from '../../pantry/usePantry';
import { avoidWords } from '../../words/avoidWords';
import { fixed, grams } from '../../words/format';
import { listed } from '../../words/plural';
import { ingredientName } from '../../words/things';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { Letter } from './Letter';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.listsView;

/** What has to be bought: packets where it is known what one holds, and grams. */
function toBuy({ shortG, packets }: ToHave): string {
  if (shortG === null) return '';
  if (shortG === 0) return W.nothing;
  return packets === null ? grams(shortG) : `${W.packetCount({ n: packets })} (${grams(shortG)})`;
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

const nameOf = (t: ToHave): string => (t.item ? ingredientName(t.item.id) : `“${t.written}”`);

/** How much of a thing is needed; where a line does not say, at least what the others say. */
function inAll({ massG, atLeastG }: ToHave): string {
  if (massG !== null) return grams(massG);
  return atLeastG > 0 ? W.atLeast({ amount: grams(atLeastG) }) : W.notKnown;
}

/** What has to be in the house: how much, what is left of it, what has to be bought. */
function House({ letterOf }: { letterOf: (bakeId: string) => string }) {
  const { bakes } = useDayContext();
  const { pantry } = usePantry();
  const { currency, atHand = [], stock } = useKitchen();
  const { change, trouble } = useChangeKitchen();
  const left = useMemo(() => new Map((stock ?? []).map(({ id, g }) => [id, g])), [stock]);
  const toHave = useMemo(() => shoppingOf(bakes, pantry.lookup, left), [bakes, pantry, left]);
  const known = toHave.filter((t) => t.leftG !== null).length;
  const cost = toHave.reduce((s, t) => s + (t.cost ?? 0), 0);
  const unpriced = toHave.filter((t) => t.cost === null).length;
  const owned = new Set([...atHand, ...pantry.own.map((i) => i.id)]);
  const keepLeft = (id: string, g: number | null) =>
    void change({
      stock: [...(stock ?? []).filter((s) => s.id !== id), ...(g === null ? [] : [{ id, g }])],
    });
  return (
    <section className="sheet" aria-label={W.toHaveInTheHouse}>
      <div className={classes.panel}>
        <h2>{W.toHaveInTheHouse}</h2>
        <p className="small quiet">
          {cost > 0 ? W.byThePacketsThatHave({ number: fixed(cost, 2), currency }) : W.noPacketOfTheseHas}
          {cost > 0 && unpriced > 0 && W.withoutOne({ unpriced })}.{' '}
          {known === toHave.length
            ? W.whatIsLeftIsTaken
            : W.sayWhatIsLeftOf({
                which: known > 0 ? W.ofItIsNotKnown({ toHaveCount: toHave.length - known }) : '',
              })}
        </p>
        {trouble}
      </div>
      <div className={classes.wide}>
        <table className={classes.table}>
          <thead>
            <tr>
              <th>{W.what}</th>
              <th className={classes.right}>{W.inAll}</th>
              <th>{W.left}</th>
              <th>{W.toBuy}</th>
              <th>{W.forWord}</th>
              <th>{W.lookAtThePacketFor}</th>
            </tr>
          </thead>
          <tbody>
            {toHave.map((t) => (
              <tr key={t.key}>
                <td>{nameOf(t)}</td>
                <td className={`num ${classes.right}`}>{inAll(t)}</td>
                <td>
                  <LeftField
                    name={W.leftInTheCupboard({ name: nameOf(t) })}
                    hint={t.item && owned.has(t.item.id) ? W.some : ''}
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
  );
}

/** What has to be in the house, and what can be weighed the day before. */
export function ListsView() {
  const { bakes } = useDayContext();
  const { pantry } = usePantry();
  const ahead = useMemo(() => weighAhead(bakes, pantry.lookup), [bakes, pantry]);
  const letterOf = (id: string): string => bakes.find((b) => b.id === id)?.letter ?? '';
  if (bakes.length === 0) return <p>{W.nothingIsBakedOnThis}</p>;
  return (
    <div className={classes.stack}>
      <House letterOf={letterOf} />
      <section className="sheet" aria-label={W.toWeighAhead}>
        <div className={classes.panel}>
          <h2>{W.toWeighAhead}</h2>
          <p className="small quiet">{W.inThisOrderEachInto}</p>
        </div>
        {ahead.map((a) => (
          <div key={a.id} className={classes.panel}>
            <h3>
              <Letter of={letterOf(a.id)} /> {bakes.find((b) => b.id === a.id)?.title}
            </h3>
            {a.holds.length > 0 && (
              <p className="small">{W.holdsMayHoldOrIs({ list: listed(avoidWords(a.holds)) })}</p>
            )}
            <p>
              {a.lines.map((l) => `${ingredientName(l.item.id)} ${grams(l.massG)}`).join(', ') ||
                W.nothingDryInIt}
            </p>
          </div>
        ))}
      </section>
    </div>
  );
}
