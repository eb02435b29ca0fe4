import { describe, expect, it } from 'vitest';
import { INGREDIENTS, lookupReference } from '../ingredients';
import { bestFamily, CLASS_IDS, CLASSES, KITS, kitById, jobCoverage, standsFor } from './index';

const shareOf = (kit: string, job: string, classId: (typeof CLASS_IDS)[number] = 'batter') =>
  jobCoverage(kitById(kit)!, standsFor(kitById(kit)!)!, classId).find((d) => d.job === job)?.share;

describe('what a replacement does of the jobs of what leaves', () => {
  it('is told against the thing it stands for', () => {
    expect(standsFor(kitById('flax_gel')!)!.id).toBe('egg');
    expect(standsFor(kitById('soy_drink')!)!.group).toBe('milk');
  });

  // Common practice, no source: flax binds and wets, but lifts nothing; aquafaba holds a foam; water is only water.
  it('agrees with what bakers say of it', () => {
    expect(shareOf('flax_gel', 'hold_gas')).toBeGreaterThan(0.7);
    expect(shareOf('flax_gel', 'foam')).toBe(0);
    expect(shareOf('aquafaba', 'foam')).toBeGreaterThan(0.7);
    expect(shareOf('psyllium_gel', 'hold_gas', 'yeast_loaf')!).toBeGreaterThan(
      shareOf('apple_egg', 'hold_gas', 'yeast_loaf')!,
    );
    expect(shareOf('water_milk', 'wet')).toBeGreaterThan(0.9);
    expect(shareOf('water_milk', 'brown')).toBe(0);
  });

  it('no egg sweetens, and no share is below nothing', () => {
    expect(shareOf('flax_gel', 'sweeten')).toBeUndefined();
    for (const kit of KITS) {
      const of = standsFor(kit);
      if (!of) continue;
      for (const classId of CLASS_IDS)
        for (const d of jobCoverage(kit, of, classId))
          expect(d.share, `${kit.id} ${d.job}`).toBeGreaterThanOrEqual(0);
    }
  });

  it('strongest need first, and nothing where the dose is not on what leaves', () => {
    const done = jobCoverage(kitById('flax_gel')!, lookupReference({ kind: 'ref', id: 'egg' })!, 'batter');
    const weights = done.map((d) => CLASSES.batter.jobs[d.job]!);
    expect(weights).toEqual([...weights].sort((a, b) => b - a));
    for (const kit of KITS.filter((k) => k.items.some((i) => i.dose.per === 'flour%')))
      expect(jobCoverage(kit, INGREDIENTS[0]!, 'batter')).toEqual([]);
  });

  it('every kit that suits anything has a family it suits best', () => {
    for (const kit of KITS) {
      const best = bestFamily(kit);
      if (best === null)
        expect(
          Object.values(kit.caps.fit).every((f) => !f),
          kit.id,
        ).toBe(true);
      else
        for (const fit of Object.values(kit.caps.fit))
          expect(kit.caps.fit[best]).toBeGreaterThanOrEqual(fit ?? 0);
    }
  });
});
