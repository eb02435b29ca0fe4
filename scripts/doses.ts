import { USUAL_EXCLUSIONS } from '../core/exclusions';
import { readFormula } from '../core/reading';
import { freeDoses, leavesWindow, type FreeDose } from '../core/testing/doses';
import { DEMO_FORMULAS } from '../demo/data/formulas';

/** Prints which doses are held by their windows alone; docs/adaptations.md says why each is. */
const all = DEMO_FORMULAS.flatMap((d) => {
  const { formula } = readFormula(d);
  return [...USUAL_EXCLUSIONS.map((e) => [e]), USUAL_EXCLUSIONS].flatMap((exclude) =>
    freeDoses(formula, exclude),
  );
});
const groups = new Map<string, FreeDose[]>();
for (const d of all) {
  const key = `${d.kit}: ${d.ingredient}`;
  groups.set(key, [...(groups.get(key) ?? []), d]);
}
const out = [...groups].filter(([, ds]) => ds.some(leavesWindow));
console.log(
  `${all.length} doses of best answers solved without windows; ${all.filter(leavesWindow).length} leave half to twice the usual, of ${out.length} of ${groups.size} items:`,
);
for (const [key, ds] of out.sort()) {
  const left = ds.filter(leavesWindow);
  const ratios = left.map((d) => d.freeG / d.usualG);
  console.log(
    `  ${key}, ${left.length} of ${ds.length}: ${Math.min(...ratios).toFixed(2)} to ${Math.max(...ratios).toFixed(2)} × usual (${[...new Set(left.map((d) => d.classId))].join(', ')})`,
  );
}
