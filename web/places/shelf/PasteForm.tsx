import { Select, Textarea, TextInput } from '@mantine/core';
import { Link } from 'react-router';
import { CLASS_IDS } from '../../../core/classes';
import { CUP_STANDARDS } from '../../../core/units';
import { useKitchen } from '../../shared/useKitchen';
import { addWords } from '../../words/data/en/add';
import { CLASS_WORDS, CUP_WORDS } from '../../words/things';
import { FromElsewhere } from './FromElsewhere';
import type { Pasted, SetPasted } from './pasted';
import { PasteRows } from './PasteRows';
import classes from './shelf.module.css';
import type { PasteReading } from './useReading';

const W = addWords.newFormulaPage;

type Props = { form: Pasted; set: SetPasted; reading: PasteReading };

function KindAndCups({ form, set, reading }: Props) {
  const kitchen = useKitchen();
  return (
    <div className={classes.pair}>
      <Select
        label={W.kindOfBake}
        data={CLASS_IDS.map((c) => ({ value: c, label: CLASS_WORDS[c] }))}
        value={form.classId ?? reading.formula?.parts[0]?.classId ?? null}
        placeholder={W.readFromTheText}
        onChange={(v) => set({ classId: v })}
        allowDeselect={false}
      />
      <Select
        label={W.cupsAndSpoons}
        data={CUP_STANDARDS.map((c) => ({ value: c, label: CUP_WORDS[c] }))}
        value={form.cup ?? kitchen.cup}
        onChange={(v) => set({ cup: v })}
        allowDeselect={false}
        description={
          form.cup === null || form.cup === kitchen.cup ? (
            <>{W.asInYour({ link: <Link to="/kitchen">{W.kitchen}</Link> })}</>
          ) : (
            W.forThisTextAlone
          )
        }
      />
    </div>
  );
}

/** Where a formula is pasted, whole or in its fields. */
export function PasteForm({ form, set, reading }: Props) {
  const { isPage, tooLong, formula } = reading;
  return (
    <div className={`sheet ${classes.form}`}>
      <TextInput
        label={W.title}
        value={form.title}
        placeholder={formula?.title ?? ''}
        maxLength={200}
        onChange={(e) => set({ title: e.currentTarget.value })}
      />
      <Textarea
        label={W.ingredientsOneALine}
        placeholder={W.text250GSorghumFlour2}
        value={form.text}
        autosize
        minRows={9}
        maxRows={22}
        error={tooLong ? W.thatIsMoreThanAny : undefined}
        onChange={(e) => set({ text: e.currentTarget.value })}
      />
      {form.method.trim() === '' && !isPage && !tooLong && form.text.trim() !== '' && (
        <PasteRows text={form.text} said={form.rows} onSay={(rows) => set({ rows })} />
      )}
      <FromElsewhere
        text={form.text}
        onTake={({ title, text, method, oven, time }) =>
          set({ title, text, method, oven, time, fixes: {}, rows: {} })
        }
      />
      <Textarea
        label={W.method}
        value={form.method}
        maxLength={50_000}
        autosize
        minRows={4}
        maxRows={12}
        onChange={(e) => set({ method: e.currentTarget.value })}
      />
      <div className={classes.pair}>
        <TextInput
          label={W.oven}
          placeholder={W.text180COr350F}
          value={form.oven}
          maxLength={200}
          onChange={(e) => set({ oven: e.currentTarget.value })}
        />
        <TextInput
          label={W.time}
          placeholder={W.text45Min}
          value={form.time}
          maxLength={200}
          onChange={(e) => set({ time: e.currentTarget.value })}
        />
      </div>
      <KindAndCups form={form} set={set} reading={reading} />
    </div>
  );
}
