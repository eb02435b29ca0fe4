import { describe, expect, it } from 'vitest';

const english = import.meta.glob(['./data/en/**/*.ts', './data/*.ts'], { eager: true });
const german = import.meta.glob('./data/de/{,sentences/,tables/}*.ts', { eager: true });

/** What stands in place of each argument: a word that no rule is about. */
const ARGUMENTS = new Proxy({}, { get: (_all, key) => (key === 'n' ? 2 : '‹›') });
function sentencesOf(of: unknown, path: string): [string, string][] {
  if (typeof of === 'string') return [[path, of]];
  if (typeof of === 'function') {
    // What gives several pieces with parts of a page between them is told by its pieces.
    const said = (of as (a: object) => unknown)(ARGUMENTS);
    return (Array.isArray(said) ? said : [said]).filter((s) => typeof s === 'string').map((s) => [path, s]);
  }
  if (typeof of !== 'object' || of === null) return [];
  return Object.entries(of).flatMap(([key, value]) => sentencesOf(value, `${path}/${key}`));
}
const sentencesIn = (files: Record<string, unknown>) =>
  Object.entries(files)
    .filter(([file]) => !file.endsWith('/index.ts'))
    .flatMap(([file, all]) =>
      Object.entries(all as Record<string, unknown>)
        .filter(([, of]) => typeof of === 'object')
        .flatMap(([name, of]) => sentencesOf(of, `${file} ${name}`)),
    );
const SENTENCES = sentencesIn(english);
const GERMAN = sentencesIn(german);

/** One word for one thing: what is not said, and what is said instead. */
const RIVALS: [rival: RegExp, said: string][] = [
  [/\beaters?\b/i, 'person, people and groups'],
  [/\b(?:a|the|your|this|more|fewer|usual|own|complete) ways?\b(?! to)/i, 'replacement'],
  [/\bkits?\b/i, 'replacement'],
  [/\bas written\b(?! it|$)/i, 'original'],
  [/\b(?:was|is|not|all) kept\b|\bkept versions?\b|\bkeep the (?:change|oven|tin|version)\b/i, 'saved, save'],
  [
    /\b(?:off|on) the list\b(?! any more| yet)|\btake .*\bout\b.*\bpantry\b|\btaken off\b/i,
    'removed, remove',
  ],
  [/\bfetching\b|\bcannot be (?:shown|fetched|read)\b/i, 'loading, could not be loaded'],
  [/\bbands?\b(?! \d|.*\bbase\b)/i, 'target range'],
  [/\bwetness\b|\bthirst\b/i, 'effective hydration, water absorption'],
  [/\bleavene?r?s?\b/i, 'raising agent'],
  [/\bleft-over soda\b|\bsoda (?:is|are|was) left over\b|\bmeets? no acid\b/i, 'not neutralised'],
  [/\bset free\b/i, 'free-form'],
  [/\bthe middle (?:has|had|reads|is done)\b|\bin the middle reads\b/i, 'core temperature'],
  [/\bstrewn?\b|\breckon\w*|\bforetold\b|\bfrosting\b|\bmeanwhile\b/i, 'modern British words'],
  [/\blay (?:it |them )?beside\b|\blaid side by side\b/i, 'compare'],
  [/\btotal mass\b/i, 'total weight'],
  [/\bholds? (?:egg|milk|gluten|nuts?|added oil)\b/i, 'contains'],
  [/\bnot made good\b|\buncovered: /i, 'not replaced'],
  [/\bsafe\b/i, 'what was found, never safe'],
  [/\bsoy\b|\bcorn\b|\bpotato and its kin\b|\bflax\b/i, 'soya, maize, nightshades, flaxseed'],
];
/** The same in German. */
const GERMAN_RIVALS: [rival: RegExp, said: string][] = [
  [/\bEsser\b/, 'Person, Personen und Gruppen'],
  [/von der Liste (?:ge)?n[eo]mm|(?:ist|sind) von der Liste|zurückgelegt/, 'entfernen, zurückholen'],
  [/wird geholt|werden geholt|kann nicht gezeigt|können nicht gezeigt|kann nicht gelesen/, 'laden'],
  [/neben andere|nebeneinander|danebenlegen/i, 'vergleichen'],
  [/herein(?:bring|gebracht)|herausschreib/i, 'importieren, exportieren'],
  [/trifft keine Säure|Natron bleibt übrig|bleiben übrig/, 'nicht neutralisiert'],
  [/übliche Praxis(?!,)|aus dem Gedächtnis/, 'Faustregel, nicht daran geprüft'],
  [/\bKennsatz|\bWerkbank|\bLauf\b|\bBackbuch/, 'Passphrase, Arbeitstisch, Backgang, Backtagebuch'],
  [/\bHydratation\b/, 'Hydration'],
  [/\bsicher für\b|\bunbedenklich\b/, 'was gefunden wurde'],
];
/** How numbers are set in German: the percent sign apart. */
const GERMAN_FORMATS: [wrong: RegExp, right: string][] = [
  [/[\d›]%/, '54 %'],
  [/[\d›]°C/, 'ein Abstand vor °C'],
  [/\d-\d+ (?:°C|min|h)\b/, '22 bis 25 min'],
];
/** How numbers are set in English: the percent sign closed up, ml small, spans in words, minus and not hyphen. */
const FORMATS: [wrong: RegExp, right: string][] = [
  [/[\d›]\s%/, '54%'],
  [/[\d›] mL\b|\bmL\b/, 'ml'],
  [/\d-\d+ (?:°C|min|h)\b/, '22 to 25 min'],
  [/(?:^|\s)-\d/, 'a true minus'],
  [/[\d›]°C/, 'a space before °C'],
];

describe('the English of every page', () => {
  it('is all there', () => {
    expect(SENTENCES.length).toBeGreaterThan(2500);
  });
  it.each(RIVALS)('never says %s: it says %s', (rival) => {
    expect(SENTENCES.filter(([, s]) => rival.test(s))).toEqual([]);
  });
  it.each(FORMATS)('sets no number as %s, but as %s', (wrong) => {
    expect(SENTENCES.filter(([, s]) => wrong.test(s))).toEqual([]);
  });
});
describe('the German of every page', () => {
  it('is all there', () => {
    expect(GERMAN.length).toBeGreaterThan(3000);
  });
  it.each(GERMAN_RIVALS)('never says %s: it says %s', (rival) => {
    expect(GERMAN.filter(([, s]) => rival.test(s))).toEqual([]);
  });
  it.each(GERMAN_FORMATS)('sets no number as %s, but as %s', (wrong) => {
    expect(GERMAN.filter(([, s]) => wrong.test(s))).toEqual([]);
  });
});
