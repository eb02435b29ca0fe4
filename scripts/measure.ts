import { peakOf, riseOf } from '../core/leavening';
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

// Rises and starters: what bakers state (common practice, no source) beside what is modelled, tuned to neither.
const rise = (percent: number, tempC: number, to: number): string => {
  const r = riseOf({
    massG: 930,
    waterG: 400,
    saltG: 10,
    sugarG: 15,
    instantG: 5 * percent,
    doughC: tempC,
    path: [{ hours: 24, tempC }],
    rise: to,
  });
  return `${[r.early, r.minutes, r.late].map((x) => (x === null ? 'never' : Math.round(x))).join(' / ')} min`;
};
console.log('rises, early / modelled / late:');
console.log(`  1 % instant yeast, 22 °C, doubled: stated 210 to 240 min, modelled ${rise(1, 22, 1)}`);
console.log(`  1.5 %, 28 °C, nearly doubled: stated 40 to 75 min, modelled ${rise(1.5, 28, 0.8)}`);
console.log(`  2 %, 30 °C, nearly doubled: stated 40 to 75 min, modelled ${rise(2, 30, 0.8)}`);
for (const t of [21, 24]) {
  const p = peakOf({ starter: 1, water: 5, flour: 5 }, t)!;
  const hours = [p.early, p.hours, p.late].map((h) => h.toFixed(1)).join(' / ');
  console.log(`  starter fed 1:5:5 at ${t} °C: stated 8 to 12 h, modelled ${hours} h`);
}
