import { recipeJsonLd, type TABLE_COLUMNS } from '../../core/formats';
import { bakersPercent, profileOf, type Formula, type Line, type Part } from '../../core/formula';
import { type Suitability } from '../../core/suits';
import type { Lookup } from '../../core/ingredients';
import { STATE_WORDS } from './data/ways';
import { grams } from './format';
import { ovenText } from './say';
import { lineFinding } from './suitability';
import { stepText } from './stepWords';
import { lineName, ROLE_WORDS } from './things';
import { cardTextSentences } from './data/en/sentences/cardText';

const W = cardTextSentences;

/** What a line is called, with how it is prepared. */
export function lineText(l: Line): string {
  const much = l.amount.massG ? `${grams(l.amount.massG.value)} ` : '';
  const state = l.state ? `, ${STATE_WORDS[l.state]}` : '';
  const role = l.role && ROLE_WORDS[l.role] ? `, ${ROLE_WORDS[l.role]}` : '';
  return `${much}${lineName(l)}${l.preparation ? `, ${l.preparation}` : ''}${state}${role}`;
}

/** Every step as it now goes. */
export const stepsIn = (doc: Formula): string[] => doc.method.flatMap((s) => stepText(s) ?? []);

/** `suits`: what can be said of whom it suits, in a line. */
export type CardText = { title: string; name: string; doc: Formula; suits: string };

/** A version as a schema.org recipe. A part's name stands as a heading among the lines, as it is read again. */
export function cardJsonLd({ title, name, doc, suits }: CardText): string {
  const headed = (p: Part): string[] => [
    ...(doc.parts.length > 1 && p.name ? [W.forThe({ name: p.name })] : []),
    ...p.lines.map(lineText),
  ];
  return recipeJsonLd({
    title: `${title}, ${name}`,
    lines: doc.parts.flatMap(headed),
    steps: stepsIn(doc),
    minutes: doc.bake?.minutes ?? null,
    yield: doc.yield ? `${doc.yield.pieces} ${doc.yield.name}` : '',
    note: `${suits}${doc.bake ? W.bake({ oven: ovenText(doc.bake, 'c') }) : ''}`,
  });
}

/** The lines of a version as rows of a table: what a spreadsheet can hold of it. */
export function cardRows(
  doc: Formula,
  lookup: Lookup,
  suitability: Suitability,
): Record<(typeof TABLE_COLUMNS)[number], string>[] {
  return doc.parts.flatMap((p) => {
    const profile = profileOf(p, lookup);
    return p.lines.map((l) => {
      const massG = l.amount.massG?.value ?? null;
      const pct = massG === null ? null : bakersPercent(massG, profile);
      return {
        part: p.name,
        grams: massG === null ? '' : String(Number(massG.toFixed(massG < 20 ? 1 : 0))),
        ingredient: lineName(l),
        preparation: [l.preparation, l.state && STATE_WORDS[l.state], l.role && ROLE_WORDS[l.role]]
          .filter(Boolean)
          .join(', '),
        percent_on_flour: pct === null ? '' : pct.toFixed(1),
        suits: lineFinding(suitability, l.id),
      };
    });
  });
}

/** A version as plain text with Markdown's marks. */
export function cardMarkdown({ title, name, doc, suits }: CardText): string {
  const parts = doc.parts.flatMap((p) => [
    ...(doc.parts.length > 1 && p.name ? [`## ${p.name}`, ''] : [W.weigh, '']),
    ...p.lines.map((l) => `- ${lineText(l)}`),
    '',
  ]);
  const steps = stepsIn(doc);
  return [
    `# ${title}`,
    '',
    `${name}. ${suits}`,
    '',
    ...parts,
    ...(steps.length > 0 ? [W.method, '', ...steps.map((s, i) => `${i + 1}. ${s}`), ''] : []),
    ...(doc.bake ? [W.bake2({ oven: ovenText(doc.bake, 'c') }), ''] : []),
  ].join('\n');
}
