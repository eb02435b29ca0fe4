import { plainPhase, type BakeSetup } from '../bake';

/** The reference loaf of the trade: 1.2 kg in a 9 x 5 in tin at 190 °C, still air. */
export const LOAF: BakeSetup = {
  classId: 'yeast_loaf',
  make: { water: 0.46, protein: 0.045, fat: 0.03, carbohydrate: 0.415, fibre: 0.03, ash: 0.02 },
  massG: 1200,
  density: 0.7,
  vessel: { kind: 'long', halfCm: 6, lengthCm: 22, wallCm: 9, count: 1 },
  metal: 'tin',
  startC: 25,
  browning: { sugars: 0.03, ph: null },
  hot: false,
  phases: [plainPhase(190)],
  doors: [],
  pressurePa: 101_325,
};
