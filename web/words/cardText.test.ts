import { msg } from '../../core/explain';
import { describe, expect, it } from 'vitest';
import { formulasIn, recipesIn } from '../../core/formats';
import { lookupReference } from '../../core/ingredients';
import { massOf } from '../../core/formula';
import { suitabilityOf } from '../../core/suits';
import { linesOfTable, readFormula } from '../../core/reading';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { fileName } from '../parts/saveFile';
import { cardJsonLd, cardMarkdown, cardRows } from './cardText';
import { stepText } from './stepWords';

describe('a card as a file', () => {
  it.each(DEMO_FORMULAS.map((d) => [d.title, d] as const))(
    '%s comes back from its recipe file with the grams it went out with, to the gram shown',
    (title, given) => {
      const { formula: doc } = readFormula(given);
      const found = recipesIn(cardJsonLd({ title, name: 'original', doc, suits: '' }));
      if ('fault' in found) throw new Error(found.fault);
      const [r] = found.recipes;
      const back = readFormula({ text: r!.text, method: r!.method, classId: given.classId }).formula;
      const masses = (f: typeof doc) => f.parts.flatMap((p) => p.lines).map(massOf);
      expect(masses(back)).toHaveLength(masses(doc).length);
      masses(back).forEach((m, i) => expect(Math.abs(m - masses(doc)[i]!)).toBeLessThanOrEqual(0.51));
      expect(r!.method.split('\n')).toHaveLength(doc.method.length);
    },
  );

  it.each(DEMO_FORMULAS.map((d) => [d.title, d] as const))(
    '%s comes back from its text and its table with the grams shown, part by part',
    (title, given) => {
      const { formula: doc } = readFormula(given);
      const shown = (f: typeof doc) =>
        f.parts.map((p) => p.lines.map((l) => Math.round(10 * massOf(l)) / 10).filter((g) => g > 0));
      const near = (f: typeof doc) => {
        const [a, b] = [shown(f), shown(doc)];
        expect(a.map((p) => p.length)).toEqual(b.map((p) => p.length));
        a.forEach((p, i) => p.forEach((g, k) => expect(Math.abs(g - b[i]![k]!)).toBeLessThanOrEqual(0.51)));
      };
      const [found] = formulasIn(cardMarkdown({ title, name: 'original', doc, suits: '' }))!;
      expect(found!.title).toBe(title);
      const back = readFormula({ ...found!, classId: given.classId }).formula;
      near(back);
      expect(back.method).toHaveLength(doc.method.length);
      expect(back.bake?.ovenC).toBe(doc.bake?.ovenC);
      const table = linesOfTable(cardRows(doc, lookupReference, suitabilityOf(doc, [], lookupReference)));
      if ('fault' in table) throw new Error(table.fault);
      expect(table.left).toEqual(['percent_on_flour', 'suits']);
      near(readFormula({ text: table.text, classId: given.classId }).formula);
    },
  );

  it('as text it has title, lines, steps and the bake; what is struck is left out', () => {
    const { formula: doc } = readFormula(DEMO_FORMULAS[0]!);
    const [first, ...rest] = doc.method;
    const struck = { ...first!, struck: msg('step.noCreaming') };
    const text = cardMarkdown({
      title: 'Muffins',
      name: 'no egg',
      doc: { ...doc, method: [struck, ...rest] },
      suits: 'Check packets for egg: rice flour.',
    });
    expect(text).toMatch(/^# Muffins\n\nno egg\. Check packets for egg: rice flour\./);
    expect(text.match(/^- /gm)).toHaveLength(doc.parts[0]!.lines.length);
    expect(text.match(/^\d+\. /gm)).toHaveLength(rest.length);
    expect(text).toContain('Bake: ');
    expect(stepText(struck)).toBeNull();
    expect(stepText({ ...first!, own: 'My way.' })).toBe('My way.');
  });

  it('is named after its title', () => {
    expect(fileName('Crème brûlée tart!', 'md')).toBe('creme-brulee-tart.md');
    expect(fileName('***', 'json')).toBe('formula.json');
  });
});
