import type { Kitchen } from '../../../contract/dto';

/** Measures that go together, for the first question: each can be changed by itself in Kitchen. */
export const COUNTRIES = {
  europe: {
    name: 'Grams and °C',
    about: 'metric cups and spoons, European eggs and packets, €',
    kitchen: { cup: 'metric', spoon: 'metric', eggs: 'eu', heat: 'c', ruleset: 'eu', currency: '€' },
  },
  britain: {
    name: 'Grams and °C, as in Britain',
    about: 'metric cups and spoons, British eggs and packets (read as the European), £',
    kitchen: { cup: 'metric', spoon: 'metric', eggs: 'eu', heat: 'c', ruleset: 'eu', currency: '£' },
  },
  states: {
    name: 'Cups and °F',
    about: 'US cups and spoons, US eggs and packets, $',
    kitchen: { cup: 'us', spoon: 'us', eggs: 'us', heat: 'f', ruleset: 'us', currency: '$' },
  },
  australia: {
    name: 'Cups of 250 mL and °C',
    about: 'metric cups, spoons of 20 mL, packets read as the European, $',
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
