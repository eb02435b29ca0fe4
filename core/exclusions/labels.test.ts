import { describe, expect, it } from 'vitest';
import type { AvoidId } from '../ingredients';
import { LABEL_TERMS } from './data/label-terms';
import { readLabel } from './index';

const found = (text: string): AvoidId[] => readLabel(text).contains.map((f) => f.avoid);

/** Statements of our own in the styles of packets, and the allergens by law they hold. */
const STATEMENTS: [string, AvoidId[]][] = [
  ['Rice flour, tapioca starch, salt.', []],
  ['Ingredients: water, SOYA beans (6 %), sea salt.', ['soy', 'legume']],
  ['Plant fats (shea, coconut), water, WHEY powder (MILK), emulsifier: lecithin.', ['milk', 'coconut']],
  ['Sugar, cocoa butter, cocoa mass.', []],
  ['Filling (hazelnut praline [sugar, hazelnuts], sodium caseinate).', ['milk', 'tree_nut']],
  ['Buckwheat flour, butternut squash, nutmeg, water chestnut.', []],
  ['Sauce (tamari [soya beans, salt]), sesame seeds.', ['soy', 'sesame', 'legume']],
  ['Barley malt extract, yeast.', ['gluten', 'yeast']],
  ['Dairy-free. Coconut milk, stabiliser: guar gum.', ['coconut', 'legume', 'gum']],
  ['Free from milk and eggs. Potato starch, xanthan gum.', ['nightshade', 'gum']],
  ['Glucose syrup (from wheat), sugar.', []],
  ['Dried egg white albumen, cream of tartar.', ['egg']],
  ['Lupin flour, mustard seed, celery salt.', ['lupin', 'mustard', 'celery', 'legume']],
  ['Colour, preservative E223, E1105.', ['egg', 'sulphite']],
];

describe('reading a packet', () => {
  it.each(STATEMENTS)('%s', (text, avoids) => {
    expect(found(text)).toEqual(avoids);
  });

  it('keeps traces apart from what is in it', () => {
    const r = readLabel(
      'Rice flour, sugar. May contain nuts and milk. Made in a factory that handles sesame.',
    );
    expect(r.contains).toEqual([]);
    expect(r.mayContain.map((f) => f.avoid)).toEqual(['milk', 'tree_nut', 'sesame']);
  });

  it('shows exempt sources without alarm, and lists words it does not know', () => {
    const r = readLabel('Fully refined soya oil, glimmerroot powder.');
    expect(r.exempt.map((f) => f.avoid)).toEqual(['soy']);
    expect(r.unknownWords).toEqual(['glimmerroot']);
  });

  it('notes gum, wheat starch and oats', () => {
    expect(readLabel('Wheat starch, oats, guar gum').notes.map((n) => n.code)).toEqual([
      'label.holdsGum',
      'label.wheatStarch',
      'label.oatsNotCertified',
    ]);
  });

  it.each(
    Object.entries(LABEL_TERMS).flatMap(([a, terms]) =>
      terms.split('|').map((t) => [t, a as AvoidId] as const),
    ),
  )('"%s" fires as %s, nested and in capitals; joined statements join what is found', (term, avoid) => {
    expect(found(`Water, mix (sugar [${term.toUpperCase()} 2 %], salt).`)).toContain(avoid);
    expect(found(`Sugar, lupin flour. Salt, ${term}.`)).toEqual(expect.arrayContaining(['lupin', avoid]));
  });

  it.each(['milk', 'egg', 'gluten', 'nut', 'soya', 'peanut'])('"%s-free" alone does not fire', (term) => {
    expect(readLabel(`${term}-free. Rice flour.`).contains).toEqual([]);
  });
});
