import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fromCsv, toCsv } from './csv';

describe('CSV', () => {
  // The leads that spreadsheets take for formulas, as OWASP's page on CSV injection lists them.
  it.each(['=1+1', '+1', '-1', '@sum(a1)', '\t=1', '\r=1'])(
    'a cell that begins like %j is text there',
    async (cell) => {
      const text = await toCsv([{ name: cell, note: '' }], ['name', 'note']);
      expect(text.split('\n').at(1)?.replace(/^"/, '').startsWith("'")).toBe(true);
      expect((await fromCsv<{ name: string }>(text)).data[0]!.name).toBe(cell);
    },
  );

  it('whatever goes out comes back', async () => {
    const cell = fc.string({ maxLength: 20 }).filter((s) => !/^'[=+\-@\t\r]/.test(s) && s.trim() !== '');
    await fc.assert(
      fc.asyncProperty(fc.array(cell, { minLength: 1, maxLength: 5 }), async (cells) => {
        const rows = cells.map((name) => ({ name, note: 'x' }));
        expect((await fromCsv(await toCsv(rows, ['name', 'note']))).data).toEqual(rows);
      }),
    );
  });
});
