import { CHARACTERISTIC_IDS, type InstrumentList } from '../../core/bench';
import type { InstrumentStore } from './store';

export const USUAL_ADDRESS = 'ws://localhost:4310';
const AGAIN_MS = [500, 1000, 3000, 5000];
/** Only what runs on this machine is asked: the page's own policy allows nothing else. */
export const isAddress = (text: string): boolean =>
  /^ws:\/\/(?:localhost|127\.0\.0\.1)(?::\d{1,5})?\/?$/.test(text);

function listIn(text: unknown): InstrumentList['instruments'] {
  try {
    const said = JSON.parse(String(text)) as Partial<InstrumentList> | null;
    const list = Array.isArray(said?.instruments) ? said.instruments : [];
    return list.filter(
      (i) =>
        typeof i.id === 'string' &&
        typeof i.name === 'string' &&
        CHARACTERISTIC_IDS.includes(i.characteristic),
    );
  } catch {
    return [];
  }
}

/** Follows the instruments of a process, as long as wanted: a line that is cut is tried again. Returns what ends it. */
export function followProcess(
  address: string,
  store: InstrumentStore,
  tell: (state: 'connected' | 'trying') => void,
): () => void {
  let over = false;
  let tries = 0;
  let socket: WebSocket | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let ids: string[] = [];
  const connect = (): void => {
    socket = new WebSocket(address);
    socket.binaryType = 'arraybuffer';
    socket.onmessage = ({ data }: MessageEvent<unknown>) => {
      if (data instanceof ArrayBuffer) {
        if (data.byteLength < 1) return;
        const id = ids[new DataView(data).getUint8(0)];
        if (id) store.packet(id, new DataView(data, 1), performance.now());
        return;
      }
      tries = 0;
      ids = listIn(data).map((i) => {
        const id = `process:${i.id}`;
        store.add({ id, name: i.name, from: 'process', characteristic: i.characteristic });
        return id;
      });
      tell('connected');
    };
    socket.onclose = () => {
      if (over) return;
      for (const id of ids) store.gone(id);
      tell('trying');
      timer = setTimeout(connect, AGAIN_MS[Math.min(tries, AGAIN_MS.length - 1)]);
      tries += 1;
    };
  };
  connect();
  return () => {
    over = true;
    clearTimeout(timer);
    socket?.close();
    for (const id of ids) store.remove(id);
  };
}
