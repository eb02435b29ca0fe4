import type { AvoidId } from '../ingredients';

/**
 * Whose list of allergens a packet follows. Gluten is a rule set of its own: the US list names wheat only, so
 * barley, rye, malt and oats have to be read for wherever the packet is from.
 */
export const RULESETS = {
  gluten: {
    source: 'Codex STAN 118-1979; EU 828/2014; 21 CFR 101.91; FSANZ 1.2.7',
    avoids: ['gluten'],
  },
  eu: {
    source: 'Regulation (EU) 1169/2011, Annex II',
    avoids: [
      'gluten',
      'wheat',
      'crustacean',
      'egg',
      'fish',
      'peanut',
      'soy',
      'milk',
      'tree_nut',
      'celery',
      'mustard',
      'sesame',
      'sulphite',
      'lupin',
      'mollusc',
    ],
  },
  us: {
    source:
      'FALCPA 2004 and FASTER Act 2021, 21 U.S.C. 321(qq); pine nut by the FDA guidance of 2025, from memory',
    avoids: ['wheat', 'milk', 'egg', 'fish', 'crustacean', 'tree_nut', 'pine_nut', 'peanut', 'soy', 'sesame'],
  },
} as const satisfies Record<string, { source: string; avoids: readonly AvoidId[] }>;
export type RulesetId = keyof typeof RULESETS;
export const RULESET_IDS = Object.keys(RULESETS) as RulesetId[];

/**
 * True when a packet has to name the thing under that law. Chestnut is in neither list; pine nut in the US one only;
 * coconut is in neither today, though older US packs still print it among the tree nuts.
 */
export const isDeclared = (avoid: AvoidId, ruleset: RulesetId): boolean =>
  (RULESETS[ruleset].avoids as readonly AvoidId[]).includes(avoid);
