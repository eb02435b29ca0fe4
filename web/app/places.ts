/** The places, in the order of a baker's day. */
export const PLACES = [
  { to: '/', name: 'Formulas' },
  { to: '/days', name: 'Bake days' },
  { to: '/notebook', name: 'Notebook' },
  { to: '/pantry', name: 'Pantry' },
  { to: '/kitchen', name: 'Kitchen' },
  { to: '/handbook', name: 'Handbook' },
] as const;
