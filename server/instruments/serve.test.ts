import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { WebSocket } from 'ws';
import { measured, type InstrumentList, type Measurement } from '../../core/bench';
import { serveInstruments } from './serve';

let served: Awaited<ReturnType<typeof serveInstruments>>;
beforeEach(async () => {
  served = await serveInstruments(0);
});
afterEach(() => served.close());

/** Connects, and reads packets with the decoder that reads real instruments. */
async function connect(origin?: string) {
  const socket = new WebSocket(`ws://127.0.0.1:${served.port}`, origin ? { origin } : {});
  const read = new Map<string, Measurement[]>();
  let list: InstrumentList['instruments'] = [];
  socket.on('message', (data: Buffer, binary) => {
    if (!binary) {
      list = (JSON.parse(data.toString('utf8')) as InstrumentList).instruments;
      return;
    }
    const { id, characteristic } = list[data[0]!]!;
    const m = measured(characteristic, new DataView(data.buffer, data.byteOffset + 1, data.length - 1));
    expect(m).not.toBeNull();
    read.set(id, [...(read.get(id) ?? []), m!]);
  });
  await new Promise((done, fail) => {
    socket.once('open', done);
    socket.once('error', fail);
  });
  const last = (id: string): Measurement | undefined => read.get(id)?.at(-1);
  return { socket, last, count: (id: string) => read.get(id)?.length ?? 0 };
}

describe('instruments that are none, as a process of their own', () => {
  it('tell what there is, and send packets that the decoder of real ones reads', async () => {
    const { socket, last, count } = await connect('http://localhost:4600');
    socket.send(JSON.stringify({ put: 182 }));
    await expect.poll(() => last('fine')?.value, { timeout: 5000 }).toBeCloseTo(182, -0.5);
    await expect.poll(() => last('coarse')?.value, { timeout: 5000 }).toBe(180);
    expect(last('fine')).toMatchObject({ unit: 'kg', step: 0.1 });
    await expect.poll(() => last('probe')?.value, { timeout: 5000 }).toBeGreaterThan(15);

    // Ounces are told, and read in grams.
    socket.send(JSON.stringify({ unit: 'lb' }));
    await expect.poll(() => last('fine')?.unit).toBe('lb');
    expect(last('fine')!.value!).toBeGreaterThan(178);

    // One that falls silent sends nothing more until it wakes.
    socket.send(JSON.stringify({ silent: 'fine' }));
    await expect
      .poll(async () => {
        const before = count('fine');
        await new Promise((r) => setTimeout(r, 300));
        return count('fine') - before;
      })
      .toBe(0);
    socket.send(JSON.stringify({ wake: 'fine' }));
    const silent = count('fine');
    await expect.poll(() => count('fine')).toBeGreaterThan(silent);
    socket.close();
  });

  it('go on whatever is sent to them, each connection for itself', async () => {
    const [a, b] = [await connect(), await connect()];
    for (const text of [
      '',
      '{',
      'null',
      '7',
      '[]',
      '{"put":"much"}',
      '{"put":1e99}',
      '{"unit":"stone"}',
      '{"quick":-1}',
    ])
      a.socket.send(text);
    a.socket.send(Buffer.from([1, 2, 3]));
    a.socket.send(JSON.stringify({ put: 50 }));
    await expect.poll(() => a.last('fine')?.value, { timeout: 5000 }).toBeGreaterThan(45);
    expect(b.last('fine')?.value ?? 0).toBeLessThan(5);
    a.socket.close();
    b.socket.close();
  });

  it('turn away a page of another host', async () => {
    await expect(connect('https://elsewhere.example')).rejects.toThrow(/401/);
  });
});
