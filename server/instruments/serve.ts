import type { AddressInfo } from 'node:net';
import { WebSocketServer, type WebSocket } from 'ws';
import {
  ProbeStandIn,
  ScaleStandIn,
  USUAL_SCALE,
  type CharacteristicId,
  type InstrumentList,
  type StandInDeed,
} from '../../core/bench';

/** Ten readings a second of a scale, one of a probe. */
const SCALE_MS = 100;
const PROBE_MS = 1000;
const LOOPBACK = /^https?:\/\/(?:localhost|127\.0\.0\.1|\[::1\])(?::\d+)?$/;

/** What stands there: a fine scale, a Bluetooth one in steps of five grams, a probe. Their place in the list is the first byte of a packet. */
const THERE: { id: string; name: string; characteristic: CharacteristicId }[] = [
  { id: 'fine', name: 'Fine scale that is none', characteristic: 'fineWeight' },
  { id: 'coarse', name: 'Bluetooth scale that is none', characteristic: 'weight' },
  { id: 'probe', name: 'Probe that is none', characteristic: 'temperature' },
];

function deedIn(text: string): StandInDeed | null {
  try {
    const deed = JSON.parse(text) as Partial<StandInDeed> | null;
    return deed !== null && typeof deed === 'object' ? deed : null;
  } catch {
    return null;
  }
}

/**
 * Serves stand-ins on loopback: whoever connects is told in one text message what there is, and gets binary ones from then on, a
 * byte for the instrument and the packet as a real one sends it. Text messages back say what is done with them; each who connects
 * has a set of their own. Pages of other hosts are turned away.
 */
export function serveInstruments(port: number): Promise<{ port: number; close: () => Promise<void> }> {
  const sockets = new WebSocketServer({
    host: '127.0.0.1',
    port,
    maxPayload: 10_000,
    verifyClient: ({ origin }: { origin?: string }) => !origin || LOOPBACK.test(origin),
  });
  sockets.on('connection', (socket) => attend(socket));
  return new Promise((done, fail) => {
    sockets.once('error', fail);
    sockets.once('listening', () =>
      done({
        port: (sockets.address() as AddressInfo).port,
        close: () =>
          new Promise((closed) => {
            for (const c of sockets.clients) c.terminate();
            sockets.close(() => closed());
          }),
      }),
    );
  });
}

function attend(socket: WebSocket): void {
  const began = performance.now();
  const fine = new ScaleStandIn({ ...USUAL_SCALE, stepG: 0.1, noiseG: 0.05 }, 3);
  const coarse = new ScaleStandIn({ ...USUAL_SCALE, stepG: 5, noiseG: 0.8 }, 5);
  const scales = [fine, coarse];
  const silent = new Set<string>();
  /** An oven of 180 °C with something in it that is through in forty minutes, so many times as quick. */
  let quick = 1;
  const probe = new ProbeStandIn((min) => 98 - 78 * Math.exp(-min / 14));
  const ms = (): number => performance.now() - began;
  const send = (at: number, packet: Uint8Array | null): void => {
    if (packet === null || silent.has(THERE[at]!.id) || socket.readyState !== socket.OPEN) return;
    // A page that does not read is not waited for.
    if (socket.bufferedAmount < 100_000) socket.send(new Uint8Array([at, ...packet]));
  };
  socket.send(JSON.stringify({ instruments: THERE } satisfies InstrumentList));
  const weighs = setInterval(() => {
    send(0, fine.packet(ms(), 'fineWeight'));
    send(1, coarse.packet(ms(), 'weight'));
  }, SCALE_MS);
  const takes = setInterval(() => send(2, probe.packet((quick * ms()) / 60_000)), PROBE_MS);
  socket.on('message', (data, binary) => {
    const deed = binary ? null : deedIn((data as Buffer).toString('utf8'));
    if (!deed) return;
    const on = deed.on === 'coarse' ? [coarse] : deed.on === 'fine' ? [fine] : scales;
    if (typeof deed.put === 'number' && Math.abs(deed.put) <= 50_000)
      for (const s of on) s.put(deed.put, ms());
    if (deed.unit === 'kg' || deed.unit === 'lb') for (const s of on) s.set.unit = deed.unit;
    if (typeof deed.silent === 'string') silent.add(deed.silent);
    if (typeof deed.wake === 'string') silent.delete(deed.wake);
    if (typeof deed.quick === 'number' && deed.quick > 0 && deed.quick <= 600) quick = deed.quick;
  });
  const end = (): void => {
    clearInterval(weighs);
    clearInterval(takes);
  };
  socket.on('close', end);
  socket.on('error', end);
}
