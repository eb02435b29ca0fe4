import { createReadStream, createWriteStream, mkdtempSync, rmSync } from 'node:fs';
import { once } from 'node:events';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MOST_BACKUP_BYTES, MOST_LINE_CHARS, type BackupLine } from '../../contract/backup';
import type { LineAnswer, LineSummary } from '../../contract/lines';
import type { Compute } from '../work/compute';
import { olderAsLines } from './backup-older';
import { refuse } from './fail';

/** So many lines, or so many characters of them, are looked at together. */
const LINES_AT_ONCE = 64;
const CHARS_AT_ONCE = 500_000;
/** Groups of lines that are looked at at a time. */
const SIDE_BY_SIDE = 2;

/** Lines of a stream of bytes; one that is longer than can be held is refused. Empty ones are left out. */
export async function* linesIn(stream: AsyncIterable<Buffer | string>): AsyncGenerator<string> {
  const decoder = new TextDecoder('utf-8', { fatal: false });
  let rest = '';
  const tooLong = () => rest.length > MOST_LINE_CHARS && refuse('backup.tooLarge');
  for await (const chunk of stream) {
    rest += typeof chunk === 'string' ? chunk : decoder.decode(chunk, { stream: true });
    let from = 0;
    for (let at = rest.indexOf('\n'); at >= 0; at = rest.indexOf('\n', from)) {
      const line = rest.slice(from, at).trim();
      if (line !== '') yield line;
      from = at + 1;
    }
    rest = rest.slice(from);
    tooLong();
  }
  if (rest.trim() !== '') yield rest.trim();
}

/** Looks whether the lines hang together, as they come: what is wrong is refused with the line it stands in. */
class Whole {
  #formula: string | null = null;
  #known = new Set<string>();
  readonly #seen = new Set<string>();
  readonly #counts = { formulas: 0, versions: 0, pantry: 0, copies: 0, runs: 0, trials: 0, photos: 0 };
  #begun = false;
  #ended = false;

  add(line: LineSummary, number: number): void {
    const where = `line ${number}`;
    if (line.key === 'head' ? this.#begun : !this.#begun || this.#ended) refuse('backup.notOurs', where);
    this.#begun = true;
    switch (line.key) {
      case 'head':
        return;
      case 'pantry':
        this.#counts.pantry += line.rows;
        return;
      case 'formula':
        this.#once(line.id, line.title, where);
        this.#formula = line.id;
        this.#known = new Set();
        this.#counts.formulas += 1;
        return;
      case 'version': {
        if (this.#formula === null) refuse('backup.torn', where, { what: line.name || line.id });
        this.#once(line.id, line.name, where);
        for (const id of [line.parentId, line.targetId])
          if (id !== null && !this.#known.has(id))
            refuse('backup.torn', where, { what: line.name || line.id });
        this.#known.add(line.id);
        this.#counts.versions += 1;
        return;
      }
      case 'run':
        this.#once(line.id, line.title, where);
        this.#counts.runs += 1;
        return;
      case 'trial':
        this.#once(line.id, line.title, where);
        this.#counts.trials += 1;
        return;
      case 'photo':
        this.#once(line.id, 'photo', where);
        this.#counts.photos += 1;
        return;
      case 'draft':
      case 'aside':
        if (this.#formula === null) refuse('backup.torn', where, { what: line.key });
        this.#counts.copies += 1;
        return;
      case 'end': {
        const { formulas, versions, pantry, copies, runs, trials, photos } = this.#counts;
        if (
          line.formulas !== formulas ||
          line.versions !== versions ||
          line.pantry !== pantry ||
          // Files of before did not count the working copies, and had no runs.
          (line.copies ?? copies) !== copies ||
          (line.runs ?? runs) !== runs ||
          (line.trials ?? trials) !== trials ||
          (line.photos ?? photos) !== photos
        )
          refuse('backup.cut', where);
        this.#ended = true;
      }
    }
  }

  end(): void {
    if (!this.#begun) refuse('backup.notOurs');
    if (!this.#ended) refuse('backup.cut');
  }

  #once(id: string, what: string, where: string): void {
    if (this.#seen.has(id)) refuse('backup.twice', where, { what: (what || id).slice(0, 60) });
    this.#seen.add(id);
  }
}

export type Received = {
  count: number;
  lines: () => AsyncGenerator<{ line: BackupLine; text: string }>;
  drop: () => void;
};

/**
 * Takes a file in to the disk, every line checked, before anything is done with it. A file that is not right is refused;
 * the rest of it is still taken from the sender, who would otherwise never hear the answer.
 */
export async function receive(stream: AsyncIterable<Buffer>, compute: Compute): Promise<Received> {
  const dir = mkdtempSync(join(tmpdir(), 'new-crumb-in-'));
  const file = join(dir, 'lines');
  const drop = () => rmSync(dir, { recursive: true, force: true });
  const out = createWriteStream(file);
  const failed = new Promise<never>((_done, refused) => out.on('error', refused));
  failed.catch(() => undefined);
  const whole = new Whole();
  let number = 0;
  let bytes = 0;
  let group: string[] = [];
  let groupChars = 0;
  let groups = 0;

  /** What came of some lines, in their order: the first fault is refused, else they are noted and written down. */
  async function settle(texts: string[], first: number, answer: LineAnswer): Promise<void> {
    if ('torn' in answer)
      refuse(first + answer.at === 1 ? 'backup.notOurs' : 'backup.cut', `line ${first + answer.at}`);
    if ('invalid' in answer) {
      const { path, message } = answer.invalid;
      const at = `line ${first + answer.at}${path ? `: ${path}` : ''}`;
      if (first + answer.at === 1 && path === '') refuse('backup.notOurs', at);
      refuse(path.endsWith('newCrumb') ? 'backup.edition' : 'body.invalid', at, { message });
    }
    for (const [i, line] of answer.summaries.entries()) whole.add(line, first + i);
    if (!out.write(`${texts.join('\n')}\n`)) await Promise.race([once(out, 'drain'), failed]);
  }
  // Groups are looked at side by side and settled one after another.
  const underWay: Promise<void>[] = [];
  let last: Promise<void> = Promise.resolve();
  async function look(): Promise<void> {
    const texts = group;
    group = [];
    groupChars = 0;
    if (texts.length === 0) return;
    const first = number - texts.length + 1;
    const answer = compute.run('lines', { texts }, { client: `file ${(groups += 1) % SIDE_BY_SIDE}` });
    last = Promise.all([last, answer]).then(([, said]) => settle(texts, first, said));
    last.catch(() => undefined);
    underWay.push(last);
    if (underWay.length >= SIDE_BY_SIDE) await underWay.shift();
  }
  const counted = async function* () {
    for await (const chunk of stream) {
      bytes += chunk.length;
      if (bytes > MOST_BACKUP_BYTES) refuse('backup.tooLarge');
      yield chunk;
    }
  };
  const source = counted();
  try {
    for await (const line of olderAsLines(linesIn(source))) {
      number += 1;
      group.push(line);
      groupChars += line.length;
      if (group.length >= LINES_AT_ONCE || groupChars >= CHARS_AT_ONCE) await look();
    }
    await look();
    await last;
    whole.end();
    out.end();
    await Promise.race([once(out, 'finish'), failed]);
  } catch (error) {
    out.destroy();
    drop();
    throw error;
  }
  return {
    count: number,
    drop,
    lines: async function* () {
      for await (const line of linesIn(createReadStream(file)))
        yield { line: JSON.parse(line) as BackupLine, text: line };
    },
  };
}
