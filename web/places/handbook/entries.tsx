import type { Entry, KitEntry } from './kitEntries';
import { withinSentence } from '../../words/case';
import { CLASS_IDS, CLASSES, FEEL_FROM, KITS, type CautionId } from '../../../core/classes';
import { donenessOf, keepsAs } from '../../../core/bake';
import { FAULTS } from '../../../core/judge';
import { fixed, percent, plain } from '../../words/format';
import { either, listed } from '../../words/plural';
import { KEEP_WORDS, SIGN_WORDS } from '../../words/data/bake';
import { CAUSE_WORDS, FAULT_WORDS, REPAIR_WORDS } from '../../words/data/faults';
import {
  CAUTION_TITLES,
  DOSED_WORDS,
  GENERAL_CAUTIONS,
  SOURCE_USE,
  SOURCE_WORDS,
} from '../../words/data/handbook';
import { CAUTION_WORDS, CLASS_WORDS, FEEL_WORDS_TEXT, KIT_WORDS } from '../../words/things';
import { minutesText } from '../../words/say';
import classes from './handbook.module.css';
import { degrees, degreesSpan, toKitchenScale } from '../../words/heat';
import { handbookWords } from '../../words/data/en/handbook';

const W = handbookWords.entries;

const kinds = (): Entry[] =>
  CLASS_IDS.map((id) => {
    const c = CLASSES[id];
    const d = donenessOf(id);
    const doses = Object.entries(c.doses) as [keyof typeof DOSED_WORDS, [number, number]][];
    const rows: [string, string][] = [
      [
        W.feel,
        c.feel[0] === c.feel[1]
          ? FEEL_WORDS_TEXT[c.feel[0]]
          : W.to({ feelWordsText: FEEL_WORDS_TEXT[c.feel[0]], feelWordsText2: FEEL_WORDS_TEXT[c.feel[1]] }),
      ],
      [
        W.onFlour,
        listed(
          doses.map(([k, [a, b]]) => W.to2({ dosed: DOSED_WORDS[k], plain: plain(a), plain2: plain(b) })),
        ),
      ],
      [W.done, listed(d.signs.map((s) => toKitchenScale(SIGN_WORDS[s])))],
      [
        W.middle,
        d.coreC
          ? `${degreesSpan(...d.coreC)}${d.holdMin ? W.andAboutMinAbove({ holdMin: d.holdMin, temperature: degrees(d.coreC[0]) }) : ''}`
          : '',
      ],
      [
        W.loses,
        d.loss
          ? W.toOfItsWeightIn({ percent: percent(100 * d.loss[0]), percent2: percent(100 * d.loss[1]) })
          : '',
      ],
      [W.outOfTheTin, d.unmouldMin ? W.afterAboutMin({ unmouldMin: d.unmouldMin }) : ''],
      [W.cools, W.beforeItIsCut({ minutes: minutesText(...d.coolMin) })],
      [W.keeps, toKitchenScale(KEEP_WORDS[keepsAs([id])])],
    ];
    const rest = c.family === 'finish' ? rows.slice(0, 2) : rows;
    return {
      id,
      section: 'kinds',
      title: CLASS_WORDS[id],
      words: rest.map(([, v]) => v).join(' '),
      body: (
        <dl className={classes.facts}>
          {rest
            .filter(([, v]) => v !== '')
            .map(([k, v]) => (
              <div key={k}>
                <dt>{k}</dt>
                <dd>{v}</dd>
              </div>
            ))}
        </dl>
      ),
    };
  });

const feel = (): Entry[] =>
  FEEL_FROM.map(([word, from], i) => {
    const to = i === 0 ? null : FEEL_FROM[i - 1]![1];
    const bakes = CLASS_IDS.filter((c) => CLASSES[c].feel.includes(word) && CLASSES[c].family !== 'finish');
    return {
      id: word,
      section: 'feel',
      title: FEEL_WORDS_TEXT[word],
      words: bakes.map((c) => CLASS_WORDS[c]).join(' '),
      body: (
        <p>
          {W.wetnessCountingSomeOfThe({
            note: (
              <span className="num">
                {to === null
                  ? W.above({ number: fixed(from, 2) })
                  : from === 0
                    ? W.below({ number: fixed(to, 2) })
                    : W.to3({ number: fixed(from, 2), number2: fixed(to, 2) })}
              </span>
            ),
            bakesCount:
              bakes.length > 0 &&
              W.usualFor({ list: listed(bakes.map((c) => withinSentence(CLASS_WORDS[c]))) }),
          })}
        </p>
      ),
    };
  });

const faults = (): Entry[] =>
  FAULTS.map((f) => {
    const causes = f.causes.map((c) => CAUSE_WORDS[c]);
    const first = f.first.map((r) => toKitchenScale(REPAIR_WORDS[r]));
    const { name, about } = FAULT_WORDS[f.id];
    return {
      id: f.id,
      section: 'faults',
      title: name,
      words: [about, ...causes, ...first].join(' '),
      body: (
        <>
          <p>{about}</p>
          <p>
            <b>{W.usualCauses}</b> {listed(causes)}.
          </p>
          <p>
            <b>{W.changeFirst}</b> {either(first)}.
          </p>
        </>
      ),
    };
  });

const cautions = (): Entry[] => [
  ...GENERAL_CAUTIONS.map(({ id, title, text }) => ({
    id,
    section: 'cautions' as const,
    title,
    words: text,
    body: <p>{toKitchenScale(text)}</p>,
  })),
  ...(Object.entries(CAUTION_WORDS) as [CautionId, string][]).map(([id, text]) => {
    const kits = KITS.filter((k) => k.cautions.includes(id)).map((k) => KIT_WORDS[k.id]?.name ?? k.id);
    const names = [...new Set(kits)];
    return {
      id,
      section: 'cautions' as const,
      title: CAUTION_TITLES[id],
      words: `${text} ${names.join(' ')}`,
      body: (
        <>
          <p>{toKitchenScale(text)}</p>
          {names.length > 0 && <p className="small quiet">{W.withWord({ names: names.join(', ') })}</p>}
        </>
      ),
    };
  }),
];

const sources = (): Entry[] =>
  Object.entries(SOURCE_WORDS).map(([id, text]) => ({
    id,
    section: 'sources' as const,
    title: text,
    words: '',
    body: <p className="quiet">{SOURCE_USE[id as keyof typeof SOURCE_USE]}</p>,
  }));

/** Every entry but the conversions, which are worked and not looked up. */
export const allEntries = (kits: readonly KitEntry[]): Entry[] => [
  ...kits,
  ...kinds(),
  ...feel(),
  ...faults(),
  ...cautions(),
  ...sources(),
];
