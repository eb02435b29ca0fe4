import { Duplex } from 'node:stream';
import type { MessagePort } from 'node:worker_threads';
import type { PGlite } from '@electric-sql/pglite';

/**
 * PostgreSQL's own protocol between node-postgres and a PGlite, as bytes over a MessagePort: no socket, no file, no port
 * that others could reach, and the driver is the one a server would be spoken to with. One end serves (beside PGlite,
 * in its thread), the other is the `stream` of a pg client.
 */

/** So much of an answer is sent at a time, bytes. */
const CHUNK = 64 * 1024;
/** Message types of the protocol ("Message Formats" in PostgreSQL's manual). */
const READY = 'Z'.charCodeAt(0);
const IDLE = 'I'.charCodeAt(0);
const TERMINATE = 'X'.charCodeAt(0);
/** The length of a ReadyForQuery message, and of what of it follows its type. */
const READY_BYTES = 6;
const READY_LENGTH = 5;

/** What goes wrong beside the protocol: the serving end says why and answers no more. */
export type Fatal = { fatal: string; code: string };
const isFatal = (m: unknown): m is Fatal => typeof m === 'object' && m !== null && 'fatal' in m;

type Connection = { port: MessagePort; queue: Uint8Array[] };

/** Chunks gathered into pieces of a size that is sent at a time, and the last bytes of what came. */
class Answer {
  readonly pieces: Uint8Array[] = [];
  private parts: Uint8Array[] = [];
  private size = 0;
  private tail = new Uint8Array(0);
  add(data: Uint8Array): void {
    const own = data.slice();
    this.parts.push(own);
    this.size += own.length;
    this.tail = own.length >= READY_BYTES ? own.subarray(own.length - READY_BYTES) : own;
    if (this.size >= CHUNK) this.gather();
  }
  gather(): void {
    if (this.size === 0) return;
    const whole = new Uint8Array(this.size);
    let at = 0;
    for (const p of this.parts) {
      whole.set(p, at);
      at += p.length;
    }
    this.parts = [];
    this.size = 0;
    this.pieces.push(whole);
  }
  /** What the session is in when it is ready for the next query; null where it is not ready. */
  get ready(): number | null {
    const { tail } = this;
    return tail.length === READY_BYTES && tail[0] === READY && tail[4] === READY_LENGTH ? tail[5]! : null;
  }
}

/**
 * Serves connections from one PGlite, whose single session they share: whoever is inside a transaction keeps it. `settle`
 * is called when a batch is done and before its answer goes out. What it throws, or PGlite, ends the serving.
 */
export function serveWire(
  db: PGlite,
  settle: () => void,
  onFatal: (error: Error) => void,
): (port: MessagePort) => void {
  const connections: Connection[] = [];
  let holder: Connection | null = null;
  let dead: Fatal | null = null;

  function run(c: Connection, bytes: Uint8Array): void {
    const answer = new Answer();
    // Runs to its end before it returns: the session is this connection's meanwhile.
    void db.execProtocolRawStream(bytes, { syncToFs: false, onRawData: (data) => answer.add(data) });
    if (answer.ready !== null) holder = answer.ready === IDLE ? null : c;
    else if (bytes[0] !== 0 && bytes[0] !== TERMINATE) holder = c;
    answer.gather();
    // What the answer confirms is on the disk before it goes out.
    settle();
    for (const whole of answer.pieces) c.port.postMessage(whole, [whole.buffer as ArrayBuffer]);
  }

  function fail(error: Error): void {
    if (dead) return;
    dead = { fatal: error.message, code: (error as NodeJS.ErrnoException).code ?? '' };
    for (const c of connections) c.port.postMessage(dead);
    onFatal(error);
  }

  function pump(): void {
    try {
      while (!dead) {
        const c = holder ?? connections.find((x) => x.queue.length > 0);
        const bytes = c?.queue.shift();
        if (!c || !bytes) return;
        // The one that was served goes to the end of the row.
        connections.splice(connections.indexOf(c), 1);
        connections.push(c);
        run(c, bytes);
      }
    } catch (error) {
      fail(error instanceof Error ? error : new Error(String(error)));
    }
  }

  return (port) => {
    const c: Connection = { port, queue: [] };
    if (dead) {
      port.postMessage(dead);
      return;
    }
    connections.push(c);
    port.on('message', (bytes: Uint8Array) => {
      c.queue.push(bytes);
      pump();
    });
    port.on('close', () => {
      const at = connections.indexOf(c);
      if (at >= 0) connections.splice(at, 1);
      if (holder !== c) return;
      holder = null;
      void db.exec('ROLLBACK').then(pump, fail);
    });
  };
}

/** A node-postgres stream over a port. An answer is handed on a chunk a turn, so that a large one never holds the loop. */
export class PortStream extends Duplex {
  readonly #port: MessagePort;
  readonly #in: Uint8Array[] = [];
  #busy = false;

  constructor(port: MessagePort) {
    super({ writableHighWaterMark: 1 << 20 });
    this.#port = port;
    port.on('message', (m: Uint8Array | Fatal) => {
      if (isFatal(m)) {
        this.destroy(Object.assign(new Error(m.fatal), { code: m.code || 'store.restarted' }));
        return;
      }
      this.#in.push(m);
      this.#take();
    });
    port.on('close', () =>
      this.destroy(Object.assign(new Error('the database thread is gone'), { code: 'store.restarted' })),
    );
  }

  #take(): void {
    const next = this.#busy ? undefined : this.#in.shift();
    if (!next) return;
    this.#busy = true;
    this.push(Buffer.from(next.buffer, next.byteOffset, next.byteLength));
    setImmediate(() => {
      this.#busy = false;
      this.#take();
    });
  }

  /** What node-postgres calls on a socket. */
  connect(): this {
    process.nextTick(() => this.emit('connect'));
    return this;
  }
  setNoDelay(): this {
    return this;
  }
  setKeepAlive(): this {
    return this;
  }
  ref(): this {
    this.#port.ref();
    return this;
  }
  unref(): this {
    this.#port.unref();
    return this;
  }

  override _read(): void {
    // Whatever comes is pushed as it comes.
  }
  override _write(chunk: Buffer, _encoding: BufferEncoding, done: () => void): void {
    this.#send(chunk);
    done();
  }
  override _writev(list: { chunk: Buffer }[], done: () => void): void {
    this.#send(Buffer.concat(list.map((l) => l.chunk)));
    done();
  }
  #send(chunk: Buffer): void {
    const own = new Uint8Array(chunk);
    this.#port.postMessage(own, [own.buffer]);
  }
  override _final(done: () => void): void {
    this.#port.close();
    this.push(null);
    done();
  }
  override _destroy(error: Error | null, done: (error: Error | null) => void): void {
    this.#port.close();
    done(error);
  }
}
