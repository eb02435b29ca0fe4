import { describe, expect, it } from 'vitest';
import { fineWeightPacket, temperaturePacket, weightPacket } from '../../core/bench';
import { isAddress } from './process';
import { InstrumentStore, kindOf } from './store';

const view = (bytes: Uint8Array): DataView => new DataView(bytes.buffer);
const scale = (id: string) => ({ id, name: id, from: 'process', characteristic: 'fineWeight' }) as const;

describe('what instruments send', () => {
  it('is read by the characteristic of each; what is no packet is counted and changes nothing', () => {
    const store = new InstrumentStore();
    let told = 0;
    store.subscribe(() => (told += 1));
    store.add(scale('fine'));
    store.add({ id: 'coarse', name: 'coarse', from: 'bluetooth', characteristic: 'weight' });
    store.add({ id: 'probe', name: 'probe', from: 'bluetooth', characteristic: 'temperature' });
    store.packet('fine', view(fineWeightPacket(182.5)), 100);
    store.packet('coarse', view(weightPacket(180, 'lb')), 100);
    store.packet('probe', view(temperaturePacket(61.5)), 100);
    store.packet('fine', new DataView(new ArrayBuffer(2)), 200);
    store.packet('nobody', view(fineWeightPacket(1)), 200);
    const { all } = store.snapshot();
    expect(all.map((i) => Math.round(10 * i.last!.value!) / 10)).toEqual([182.5, 181.4, 61.5]);
    expect(all.map((i) => i.last!.unit)).toEqual(['kg', 'lb', 'C']);
    expect(all.map(kindOf)).toEqual(['mass', 'mass', 'temperature']);
    expect(all[0]!.bad).toBe(1);
    expect(told).toBe(7);
  });

  it('of two scales the chosen one counts while it sends, else the one that something was put on', () => {
    const store = new InstrumentStore();
    store.add(scale('a'));
    store.add(scale('b'));
    const both = (at: number, a: number, b: number): void => {
      store.packet('a', view(fineWeightPacket(a)), at);
      store.packet('b', view(fineWeightPacket(b)), at);
    };
    both(0, 0, 0);
    both(1000, 0, 50);
    const now = (at: number): string | undefined =>
      InstrumentStore.counting(store.snapshot(), 'mass', at)?.id;
    expect(now(1000)).toBe('b');
    store.choose('mass', 'a');
    expect(now(1000)).toBe('a');
    store.packet('b', view(fineWeightPacket(50)), 9000);
    expect(now(9000)).toBe('b');
    store.remove('b');
    expect(now(9000)).toBe('a');
  });

  it('one that comes back is the same, with what it sent before', () => {
    const store = new InstrumentStore();
    store.add(scale('a'));
    store.packet('a', view(fineWeightPacket(10)), 0);
    store.gone('a');
    expect(store.snapshot().all[0]!.gone).toBe(true);
    store.add(scale('a'));
    expect(store.snapshot().all).toHaveLength(1);
    expect(store.snapshot().all[0]).toMatchObject({ gone: false, readings: [{ at: 0, value: 10 }] });
  });

  it('only this machine is asked', () => {
    for (const good of ['ws://localhost:4310', 'ws://127.0.0.1', 'ws://localhost:4310/'])
      expect(isAddress(good)).toBe(true);
    for (const bad of [
      '',
      'http://localhost:4310',
      'ws://kitchen.example:4310',
      'ws://localhost.example',
      'wss://localhost',
    ])
      expect(isAddress(bad)).toBe(false);
  });
});
