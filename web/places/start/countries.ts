import type { Kitchen } from '../../../contract/dto';
import { startWords } from '../../words/data/en/start';

const W = startWords.countries;

/** Measures that go together, for the first question: each can be changed by itself in Kitchen. */
export const COUNTRIES = {
  europe: {
    name: W.gramsAndC,
    about: W.metricCupsAndSpoonsEuropean,
    kitchen: { cup: 'metric', spoon: 'metric', eggs: 'eu', heat: 'c', ruleset: 'eu', currency: '€' },
  },
  britain: {
    name: W.gramsAndCAsIn,
    about: W.metricCupsAndSpoonsBritish,
    kitchen: { cup: 'metric', spoon: 'metric', eggs: 'eu', heat: 'c', ruleset: 'eu', currency: '£' },
  },
  states: {
    name: W.cupsAndF,
    about: W.usCupsAndSpoonsUs,
    kitchen: { cup: 'us', spoon: 'us', eggs: 'us', heat: 'f', ruleset: 'us', currency: '$' },
  },
  australia: {
    name: W.cupsOf250MlAnd,
    about: W.metricCupsSpoonsOf20,
    kitchen: { cup: 'metric', spoon: 'australian', eggs: 'eu', heat: 'c', ruleset: 'eu', currency: '$' },
  },
} as const satisfies Record<string, { name: string; about: string; kitchen: Partial<Kitchen> }>;
export type CountryId = keyof typeof COUNTRIES;
export const COUNTRY_IDS = Object.keys(COUNTRIES) as CountryId[];

/** Which of them a kitchen is; null where it is none of them. */
export const countryOf = (kitchen: Kitchen): CountryId | null =>
  COUNTRY_IDS.find((id) =>
    Object.entries(COUNTRIES[id].kitchen).every(([key, value]) => kitchen[key as keyof Kitchen] === value),
  ) ?? null;
