import { CHARACTERISTICS, CHARACTERISTIC_IDS } from '../../core/bench';
import type { InstrumentStore } from './store';
import { appWords } from '../words/data/en/app';

const W = appWords.bluetooth;

/** What of Web Bluetooth (W3C community group draft) is used: TypeScript's own library does not know it. */
type Characteristic = EventTarget & { value?: DataView; startNotifications: () => Promise<unknown> };
type Service = { getCharacteristic: (id: number | string) => Promise<Characteristic> };
type Server = { getPrimaryService: (id: number | string) => Promise<Service> };
type Device = EventTarget & {
  id: string;
  name?: string;
  gatt?: { connect: () => Promise<Server>; disconnect: () => void };
};
type Bluetooth = {
  requestDevice: (asked: { filters: { services: (number | string)[] }[] }) => Promise<Device>;
};

/** The browser's Bluetooth; null where it has none. */
export const bluetooth = (): Bluetooth | null =>
  (navigator as Navigator & { bluetooth?: Bluetooth }).bluetooth ?? null;

const AGAIN_MS = 3000;

/** Why no instrument came of it: the baker chose none, or what was chosen sends none of what is read here. */
export type NotFound = 'none' | 'other' | 'failed';

/**
 * Lets the baker choose a scale or a probe and follows it, as long as wanted; one that goes out of reach is tried again. Returns what
 * ends it, or why there is none.
 */
export async function followBluetooth(store: InstrumentStore): Promise<(() => void) | NotFound> {
  const there = bluetooth();
  if (!there) return 'none';
  let device: Device;
  try {
    device = await there.requestDevice({
      filters: CHARACTERISTIC_IDS.map((id) => ({ services: [CHARACTERISTICS[id].service] })),
    });
  } catch {
    return 'none';
  }
  let over = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const ids = new Set<string>();
  const connect = async (): Promise<number> => {
    const server = await device.gatt!.connect();
    let found = 0;
    for (const characteristic of CHARACTERISTIC_IDS) {
      const { service, characteristic: uuid } = CHARACTERISTICS[characteristic];
      try {
        const of = await (await server.getPrimaryService(service)).getCharacteristic(uuid);
        const id = `bluetooth:${device.id}:${characteristic}`;
        of.addEventListener('characteristicvaluechanged', () => {
          if (of.value && !over) store.packet(id, of.value, performance.now());
        });
        await of.startNotifications();
        store.add({ id, name: device.name ?? W.bluetoothInstrument, from: 'bluetooth', characteristic });
        ids.add(id);
        found += 1;
      } catch {
        // It has no such service: most have one of the three.
      }
    }
    return found;
  };
  const again = (): void => {
    if (over) return;
    timer = setTimeout(() => void connect().catch(again), AGAIN_MS);
  };
  device.addEventListener('gattserverdisconnected', () => {
    for (const id of ids) store.gone(id);
    again();
  });
  try {
    if ((await connect()) === 0) return 'other';
  } catch {
    return 'failed';
  }
  return () => {
    over = true;
    clearTimeout(timer);
    device.gatt?.disconnect();
    for (const id of ids) store.remove(id);
  };
}
