import { describe, expect, it } from 'vitest';
import {
  analysed,
  CAUSE_IDS,
  EVIDENCE_IDS,
  FAULT_IDS,
  oddOne,
  OUTCOME_IDS,
  planOf,
  REPAIR_IDS,
  SCORE_IDS,
  servingsOf,
  tastedOf,
  TASTING_KINDS,
  type Serving,
  type Trial,
} from '../../core/judge';
import { effectWords as benchEffect, spokenGrams, verdictWords } from './benchWords';
import { CAUSE_WORDS, FAULT_WORDS, REPAIR_WORDS } from './data/faults';
import { analysisWords, bendWords, effectWords, resolutionWords, settingWords } from './experimentWords';
import { TASTING_WORDS, tastedWords } from './tastingWords';
import { trialRows, trialsMarkdown, TRIAL_COLUMNS } from './trialText';
import {
  cameWords,
  changeWords,
  evidenceWords,
  OUTCOME_WORDS,
  SCORE_WORDS,
  suspectWords,
} from './trialWords';

const TRIAL: Trial = {
  formulaId: 'f',
  versionId: 'v',
  runId: null,
  title: 'Night-boat loaf',
  bakedAt: Date.UTC(2026, 10, 12, 9),
  batches: 1,
  outcome: 'nearly',
  scores: { taste: 4, gumminess: 2 },
  faults: ['pale', 'crumbly'],
  actual: { bakeMin: 52.4, coreC: 96, coolMin: 150, loss: 0.113, keptG: 20, feelG: 15 },
  photos: [],
  notes: '=1+1 tastes of the sea',
  tasters: ['Kiosk', 'Helper'],
  tests: { trialId: 't', fault: 'gummy', cause: 'out_early', repair: 'longer_bake' },
};

describe('words of the notebook', () => {
  it('there are some for everything that may be said, none of them a code, and none says "safe"', () => {
    const all = [
      ...OUTCOME_IDS.map((o) => OUTCOME_WORDS[o]),
      ...SCORE_IDS.flatMap((s) => Object.values(SCORE_WORDS[s])),
      ...FAULT_IDS.flatMap((f) => Object.values(FAULT_WORDS[f])),
      ...CAUSE_IDS.map((c) => CAUSE_WORDS[c]),
      ...REPAIR_IDS.map((r) => REPAIR_WORDS[r]),
      ...REPAIR_IDS.map(changeWords),
      ...TASTING_KINDS.flatMap((k) => Object.values(TASTING_WORDS[k])),
      ...EVIDENCE_IDS.flatMap((id) =>
        [true, false].map((holds) => evidenceWords({ id, holds, value: 7, against: 9 })),
      ),
      ...CAUSE_IDS.map((cause) => suspectWords({ cause, level: 'possible' })),
    ];
    for (const words of all) {
      expect(words.length).toBeGreaterThan(2);
      expect(words).not.toMatch(/undefined|NaN|_|\bsafe\b|\bwithout\b/);
    }
  });

  it('evidence tells its figure and what it is held against, and the other way round where it is not so', () => {
    expect(evidenceWords({ id: 'core_short', holds: true, value: 89, against: 96 })).toBe(
      'the core was at 89 °C of 96 °C when it came out',
    );
    expect(evidenceWords({ id: 'core_short', holds: false, value: 97, against: 96 })).toBe(
      'the core was done when it came out',
    );
  });

  it('a change that was tried did it, or did not, and what is new is told', () => {
    expect(cameWords({ fault: 'gummy', gone: true, newFaults: ['pale'], better: true })).toBe(
      'It worked: no gummy line or wet centre this time. New: pale. And it came out better.',
    );
    expect(cameWords({ fault: 'gummy', gone: false, newFaults: [], better: true })).toBe(
      'It did not work: gummy line or wet centre again.',
    );
  });
});

describe('trials as text and as a table', () => {
  const out = { trial: TRIAL, version: 'no egg', changed: ['Less: water 430 g → 413 g.'] };
  it('the text has what was changed, tried, wrong, measured and said', () => {
    const text = trialsMarkdown('Night-boat loaf', [out]);
    for (const part of [
      '# Night-boat loaf: trials',
      '## 2026-11-12: Nearly there',
      'Version: no egg',
      'Changed: Less: water 430 g → 413 g.',
      'To try: bake until the core is done',
      'Wrong: pale and crumbles when sliced',
      'baked 52 min, core 96 °C, lost 11.3%, cut after 150 min',
      '15 g of the 20 g held back added by feel',
      '- Taste 4 of 5 (1 not again, 5 could eat it all)',
      'Tasted by Kiosk and Helper',
      'tastes of the sea',
    ])
      expect(text).toContain(part);
  });
  it('a slice that was measured is in both', () => {
    const slice = { photo: 'a', wideMm: 190, marks: { card: [] }, numbers: { heightMm: { value: 56.24, give: 0.7 }, widthMm: { value: 84, give: 1 }, areaCm2: { value: 40, give: 1 }, dipMm: { value: 1, give: 0.5 }, crust: null, open: { value: 0.384, give: 0.04 }, typicalHoleMm: null, largestMm: null, holesPerCm2: null, openBelow: null, openAbove: null, uneven: null, gummy: null, crumbColour: null, crustColour: null, lacking: [] } }; // prettier-ignore
    const cut = { ...out, trial: { ...TRIAL, slices: [slice] } };
    expect(trialsMarkdown('Loaf', [cut])).toContain('Slice, measured on its photo: height 56 mm ± 1; width');
    expect(trialRows([cut])[0]).toMatchObject({
      'slice height mm': 56.2,
      'open crumb %': 38.4,
      'gummy line mm': '',
    });
  });
  it('the table has figures by themselves, empty where nobody measured', () => {
    const [row] = trialRows([out]);
    expect(Object.keys(row!).sort()).toEqual([...TRIAL_COLUMNS].sort());
    expect(row).toMatchObject({
      day: '2026-11-12',
      'baked min': 52.4,
      'lost %': 11.3,
      'rose min': '',
      taste: 4,
      look: '',
    });
  });
});

describe('what a tasting shows', () => {
  const names = { a: 'that of Monday', b: 'that of Friday' };
  const said = (kind: 'triangle' | 'paired', right: number, n: number): string => {
    const servings = servingsOf(
      kind,
      Array.from({ length: n }, (_, i) => `t${i}`),
      5,
    ).map((s, i): Serving => {
      const hit = kind === 'triangle' ? oddOne(s) : s.plates.find((p) => p.of === 'a')!.code;
      return { ...s, said: i < right ? hit : s.plates.find((p) => p.code !== hit)!.code };
    });
    return tastedWords(tastedOf({ kind, servings }), names);
  };
  it('is told with how often chance brings as much', () => {
    expect(said('triangle', 9, 12)).toMatch(
      /^9 of 12 found the odd one; by guessing alone as many do about once in \d+ times\. They can be told apart\.$/,
    );
    expect(said('paired', 11, 12)).toContain('11 of 12 liked that of Monday better');
    expect(said('paired', 1, 12)).toContain('11 of 12 liked that of Friday better');
    expect(said('paired', 1, 12)).toContain('It is liked better.');
  });
  it('and what it does not show is not called none', () => {
    expect(said('triangle', 4, 12)).toContain('No difference was shown: 8 of 12 would have to find it.');
    expect(said('triangle', 4, 12)).toContain('That is not to say that there is none.');
    expect(said('paired', 2, 3)).toContain('3 tasters are too few to show anything, whatever they say.');
    expect(said('paired', 3, 6)).toContain('As many liked one as the other, 3 each of 6.');
    expect(tastedWords(tastedOf({ kind: 'paired', servings: servingsOf('paired', ['x'], 1) }), names)).toBe(
      'Nobody has answered yet.',
    );
  });
});

describe('what an experiment shows', () => {
  const factors = [
    { name: 'psyllium', low: '18 g', high: '24 g' },
    { name: 'water', low: '400 g', high: '430 g' },
  ];
  const measured = 'height, mm';
  const runs = planOf({ factors: 2, halvings: 0, times: 2, centres: 2 }, 3).map((r, i) => ({
    ...r,
    y: 60 + 4.5 * r.settings[0]! + (r.settings[0] === 0 ? 6 : 0) + (i % 2 ? 0.4 : -0.4),
  }));
  const a = analysed({ factors, halvings: 0, runs })!;
  it('each effect with its range, whether it was shown, and what it may be besides', () => {
    const [psyllium, water] = a.effects;
    expect(effectWords(factors, psyllium!)).toMatch(
      /^psyllium, from 18 g to 24 g: \+[89]\.\d \(\+.* to \+.*\)\. Shown\.$/,
    );
    expect(effectWords(factors, water!)).toContain('Not shown: it may be nothing.');
    expect(effectWords(factors, { of: [0], or: [[1]], value: -3, from: null, to: null })).toBe(
      'psyllium, from 18 g to 24 g: −3.0. This plan cannot tell it from water.',
    );
    expect(analysisWords({ factors, measured }, a)).toContain('Shown to change it: psyllium (+');
    expect(bendWords(a.bend!)).toContain('the effect is not a straight line, and the best may lie between');
    expect(bendWords({ value: 0.01, from: null, to: null })).toBe('Halfway it is 0.0 against the corners.');
  });
  it('where nothing was made twice, nothing is said to be shown', () => {
    const once = planOf({ factors: 2, halvings: 0, times: 1, centres: 0 }, 1).map((r, i) => ({ ...r, y: i }));
    expect(analysisWords({ factors, measured }, analysed({ factors, halvings: 0, runs: once })!)).toContain(
      'No bake was repeated',
    );
  });
  it('settings and resolutions in words', () => {
    expect([-1, 0, 1].map((s) => settingWords(factors[0]!, s as 0))).toEqual([
      '18 g',
      'halfway, 18 g to 24 g',
      '24 g',
    ]);
    expect([3, 4, 5, Number.POSITIVE_INFINITY].map(resolutionWords).every((w) => w.length > 20)).toBe(true);
  });
});

describe('words at the bench', () => {
  it('numbers as they are spoken: tenths below ten, no decimals that say nothing', () => {
    expect([0.5, 1, 7.25, 8, 12.4, 240].map(spokenGrams)).toEqual([
      '0.5 grams',
      '1 gram',
      '7.3 grams',
      '8 grams',
      '12 grams',
      '240 grams',
    ]);
  });
  it('what a thing is for what must go: unknown stays unknown, and nothing is said where nothing must go', () => {
    const formula = { avoids: ['milk', 'egg'] } as unknown as Parameters<typeof verdictWords>[1];
    const of = (v: object) =>
      verdictWords({ finding: 'contains', contains: [], may: [], unknown: [], ...v }, formula);
    expect(of({ contains: ['milk'] })).toBe('Contains dairy, which this version leaves out.');
    expect(of({ unknown: ['egg'], finding: 'check_packets' })).toBe('Check the packet for egg.');
    expect(of({ finding: 'no_conflict_found' })).toBe('');
    expect(
      verdictWords(
        { finding: 'contains', contains: ['milk'], may: [], unknown: [] },
        { ...formula, avoids: [] },
      ),
    ).toBe('');
  });
  it('a slip in words: how much, how wet, how long; what nobody notices is not stated', () => {
    const effect = { massG: 903, wetness: { was: 1, now: 1.06 }, timeBy: 1.05, warnings: [] };
    expect(benchEffect(effect)).toBe(
      '903 g in all. 6% wetter. About 5% longer in the oven, in the same tin.',
    );
    expect(benchEffect({ ...effect, wetness: { was: 1, now: 1.004 }, timeBy: null })).toBe('903 g in all.');
  });
});
