import { describe, expect, it } from 'vitest';
import { readLine } from '../../../core/reading';
import { correctLine } from '../../working/correctLine';
import { confidenceOf, howRead } from './howRead';

const of = (written: string) => readLine(written, 'l1').line;

describe('how a line was read', () => {
  it.each([
    ['250 g sorghum flour', 'weighed', 'sure'],
    ['8 oz butter', '8 oz', 'sure'],
    ['2 large eggs', '2 at 50 g each', 'likely'],
    ['1 1/2 cups buttermilk', '1½ cups at 245 g', 'likely'],
    ['2-3 tbsp honey', '2 to 3 tbsp at 21 g', 'likely'],
    ['1 1/3 cups buttermilk', '1⅓ cups at 245 g', 'likely'],
    ['0.3 dl buttermilk', '0.3 dL at 104 g', 'likely'],
    ['3 drops almond extract', '3 drops', 'likely'],
    ['100 ml milk', '100 ml', 'likely'],
    ['10 tbsp honey', '10 tbsp at 21 g', 'likely'],
    ['20 oz butter', '20 oz', 'sure'],
    ['butter for greasing', 'as needed', 'sure'],
    ['salt', 'not known', 'unknown'],
    ['50 g moon dust', 'weighed', 'unknown'],
  ])('%s: %s, %s', (written, how, sure) => {
    expect([howRead(of(written)), confidenceOf(of(written))]).toEqual([how, sure]);
  });

  it('a mass given by the baker is sure and says so', () => {
    const line = of('2 large eggs');
    const source = {
      schema: 1 as const,
      title: '',
      parts: [{ id: 'p', name: '', classId: 'batter' as const, lines: [line] }],
      method: [],
      avoids: [],
      originalText: '',
    };
    const [mended] = correctLine(source, { lineId: 'l1', massG: 104 }).parts[0]!.lines;
    expect([howRead(mended!), confidenceOf(mended!)]).toEqual(['entered by you', 'sure']);
  });
});
