import type { Kitchen } from '../../contract/dto';

/** The bakery's ovens and tins. Names and figures are our own. */
export const DEMO_KITCHEN: Partial<Kitchen> = {
  ovens: [
    { id: 'stern', name: 'Stern oven', offsetC: 12, fan: true, widthCm: 45, racks: 2 },
    { id: 'little', name: 'Little gas oven', offsetC: -8, fan: false, widthCm: 34, racks: 1 },
  ],
  ovenId: 'stern',
  tins: [
    {
      id: 'long',
      name: 'Long loaf tin',
      metal: 'dark',
      tin: {
        shape: 'loaf',
        written: '30 x 11 x 8 cm loaf tin',
        volumeMl: { value: 2250, basis: 'user' },
        count: 1,
        cm: { wide: 11, long: 30, high: 8 },
      },
    },
    {
      id: 'pot',
      name: 'Iron pot with a lid',
      metal: 'iron',
      tin: {
        shape: 'pot',
        written: '24 cm lidded pot',
        volumeMl: { value: 4500, basis: 'user' },
        count: 1,
        cm: { wide: 24 },
      },
    },
    {
      id: 'deep',
      name: 'Deep cake tin',
      metal: 'tin',
      tin: {
        shape: 'round',
        written: '20 cm round tin',
        volumeMl: { value: 2200, basis: 'user' },
        count: 1,
        cm: { wide: 20, high: 7 },
      },
    },
  ],
};
