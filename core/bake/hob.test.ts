import { describe, expect, it } from 'vitest';
import { readFormula } from '../reading';
import { hobStepsOf } from './hob';

const steps = (method: string) =>
  hobStepsOf(
    readFormula({ text: '200 g rice flour\n200 g yoghurt\n1 tsp baking powder', method }).formula,
  ).map((s) => s.text);

describe('what is cooked on the hob', () => {
  it('is told by its steps there where nothing goes into an oven', () => {
    expect(
      steps('Mix to a dough.\nRoll out.\nDry-fry in a hot pan for 2 minutes each side.\nBrush with butter.'),
    ).toEqual(['Dry-fry in a hot pan for 2 minutes each side.']);
    expect(steps('Whisk it all.\nLadle into a hot pan. Cook 2 min, flip, 1 min more.')).toHaveLength(1);
  });
  it.each([
    ['is baked too', 'Fry each side 1 min in a pan.\nBake at 200C for 10 min.'],
    [
      'warms something on the way',
      'Cook the milk in a pan for 5 min.\nWhisk in the flour.\nChill overnight.',
    ],
    ['tells of no heat', 'Mix to a dough.\nRoll out.'],
  ])('is none where the method %s', (_, method) => expect(steps(method)).toEqual([]));
});
