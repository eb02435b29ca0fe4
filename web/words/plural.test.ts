import { afterEach, describe, expect, it } from 'vitest';
import { language } from './language';
import { counted, either, listed } from './plural';

afterEach(() => language.take('en'));

describe('lists and plurals', () => {
  it('are those of the language that was taken up, also where this was loaded before', () => {
    expect(listed(['egg', 'milk', 'soya'])).toBe('egg, milk and soya');
    expect(either(['egg', 'milk'])).toBe('egg or milk');
    language.take('de');
    expect(listed(['Ei', 'Milch', 'Soja'])).toBe('Ei, Milch und Soja');
    expect(either(['Ei', 'Milch'])).toBe('Ei oder Milch');
    expect([counted(1, 'Zeile', 'Zeilen'), counted(0, 'Zeile', 'Zeilen')]).toEqual(['1 Zeile', '0 Zeilen']);
  });
});
