import { describe, expect, it } from 'vitest';
import { DEFAULT_KITCHEN, type Kitchen } from '../../contract/dto';
import { asWanted, kitchenLine, kitchenLineReducer } from './kitchenSlice';

const at = (altitudeM: number): Kitchen => ({ ...DEFAULT_KITCHEN, altitudeM });
const none = kitchenLineReducer(undefined, { type: 'begin' });
const { changed, undone, redone } = kitchenLine;

describe('the line of kitchens', () => {
  it('undo goes back one, redo forward, in order', () => {
    // 0 → 1 → 2, then back twice and forward once: what is passed is the kitchen that was left.
    let line = [changed(at(0)), changed(at(1))].reduce(kitchenLineReducer, none);
    expect(line.past).toEqual([at(0), at(1)]);
    line = kitchenLineReducer(line, undone(at(2)));
    line = kitchenLineReducer(line, undone(at(1)));
    expect(line).toMatchObject({ past: [], future: [at(1), at(2)] });
    line = kitchenLineReducer(line, redone(at(0)));
    expect(line).toMatchObject({ past: [at(0)], future: [at(2)] });
  });

  it('a new change leaves nothing to be done again', () => {
    const line = [changed(at(0)), undone(at(1)), changed(at(0))].reduce(kitchenLineReducer, none);
    expect(line).toMatchObject({ past: [at(0)], future: [] });
  });

  it('does not grow without end', () => {
    const many = Array.from({ length: 300 }, (_, i) => changed(at(i))).reduce(kitchenLineReducer, none);
    expect(many.past).toHaveLength(100);
    expect(many.past.at(-1)).toEqual(at(299));
  });

  it('a press shows at once, beside others that are still on their way, and is gone where it could not be kept', () => {
    const { asked, answered } = kitchenLine;
    const shown = (s: typeof none) => asWanted(at(0), s.wanted);
    let line = kitchenLineReducer(none, asked({ id: 1, more: { heat: 'f' } }));
    line = kitchenLineReducer(line, asked({ id: 2, more: { ounces: true } }));
    expect(shown(line)).toMatchObject({ altitudeM: 0, heat: 'f', ounces: true });
    line = kitchenLineReducer(line, answered(1));
    expect(shown(line)).toEqual({ ...at(0), ounces: true });
    expect(shown(kitchenLineReducer(line, answered(2)))).toEqual(at(0));
  });
});
