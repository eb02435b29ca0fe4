import { measureLabels, measureNames } from '../core/testing/measure';

/** How well names and packets are read, on the project's own labelled lists. */
const percent = (part: number, of: number): string => `${((100 * part) / of).toFixed(1)} %`;

for (const which of ['tuned', 'aside', 'all'] as const) {
  const m = measureNames(which);
  console.log(
    `names, ${which}: ${m.names}; taken without asking ${m.silent}, right ${percent(m.right, m.silent)}; ${percent(m.right, m.answerable)} of those that have an answer`,
  );
  if (which !== 'all') continue;
  for (const [name, meant, taken] of m.slips)
    console.log(`  slip: "${name}" taken for ${taken}, meant ${meant ?? 'nothing certain'}`);
  for (const [name, meant, best] of m.asked)
    console.log(`  asked: "${name}", meant ${meant}; nearest ${best}`);
}
for (const [which, m] of Object.entries(measureLabels()))
  console.log(
    `packets, ${which}: ${m.wanted} allergens contained, ${m.missed} missed; ${m.found} findings, ${m.wrong} wrong (${percent(m.wrong, m.found)})`,
  );
