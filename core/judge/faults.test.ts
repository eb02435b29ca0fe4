import { describe, expect, it } from 'vitest';
import { RISK_IDS } from '../leavening';
import { CAUSES } from './data/causes';
import { CAUSE_IDS, FAULT_IDS, faultOfRisk, FAULTS, REPAIR_IDS } from './index';

describe('the faults of a bake', () => {
  it('each stands once, with causes and something to change first', () => {
    expect(FAULTS.map((f) => f.id)).toEqual([...FAULT_IDS]);
    for (const f of FAULTS) {
      expect(f.causes.length, f.id).toBeGreaterThan(0);
      expect(f.first.length, f.id).toBeGreaterThan(0);
      expect(new Set(f.causes).size).toBe(f.causes.length);
    }
  });

  it('no cause and no repair is there for nothing', () => {
    expect(new Set(FAULTS.flatMap((f) => f.causes))).toEqual(new Set(CAUSE_IDS));
    const changes = Object.values(CAUSES).map((c) => c.change);
    expect(new Set([...FAULTS.flatMap((f) => f.first), ...changes])).toEqual(new Set(REPAIR_IDS));
  });

  it('every risk that Lift foresees is one of them, and no two are the same', () => {
    const of = RISK_IDS.map(faultOfRisk);
    expect(of.every((f) => f !== null)).toBe(true);
    expect(new Set(of).size).toBe(RISK_IDS.length);
  });

  // Common practice, no source: the table bakers go by.
  it('says of a sunken top that water and proof come first, and of soap that soda met no acid', () => {
    const byId = new Map(FAULTS.map((f) => [f.id, f]));
    expect(byId.get('sunken')!.first).toEqual(['less_water', 'shorter_proof']);
    expect(byId.get('soapy')!.causes).toEqual(['soda_left']);
    expect(byId.get('gummy')!.causes).toEqual(expect.arrayContaining(['out_early', 'cut_warm']));
  });
});
