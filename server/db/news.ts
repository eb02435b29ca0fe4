import { randomUUID } from 'node:crypto';
import { EventEmitter } from 'node:events';
import pg from 'pg';

/** On what channel of the database processes tell each other. */
export const CHANNEL = 'new_crumb';
/** What may be told: something was added to a run or changed of a day, the pantry is another, or who may come in. */
export type Topic = 'run' | 'day' | 'pantry' | 'people';
export type News = {
  /** Tells everyone on this store, this process too. What it is they ask for. */
  tell: (kitchen: number, topic: Topic, id?: string) => void;
  /** Hears of one thing until it is told to stop; with no id of every one of its kind. */
  follow: (kitchen: number, topic: Topic, id: string | null, hear: () => void) => () => void;
  /** Hears of a kind of thing in whatever kitchen; of null where it may have been told of any and did not arrive. */
  followAll: (topic: Topic, hear: (kitchen: number | null) => void) => () => void;
  close: () => Promise<void>;
};

const keyOf = (kitchen: number, topic: Topic, id: string | null): string => `${kitchen} ${topic} ${id ?? ''}`;

function hearing(send: (text: string) => void): {
  news: Omit<News, 'close'>;
  came: (text: string) => void;
  missed: () => void;
} {
  const heard = new EventEmitter().setMaxListeners(0);
  const on = (key: string, hear: (kitchen: number | null) => void): (() => void) => {
    heard.on(key, hear);
    return () => void heard.off(key, hear);
  };
  return {
    news: {
      tell: (kitchen, topic, id = '') => send(keyOf(kitchen, topic, id)),
      follow: (kitchen, topic, id, hear) => on(keyOf(kitchen, topic, id), () => hear()),
      followAll: (topic, hear) => on(topic, hear),
    },
    came: (text) => {
      const [kitchen = '', topic = '', id = ''] = text.split(' ');
      heard.emit(text, Number(kitchen));
      if (id !== '') heard.emit(keyOf(Number(kitchen), topic as Topic, null), Number(kitchen));
      heard.emit(topic, Number(kitchen));
    },
    // What was told meanwhile nobody knows: whoever follows something looks again.
    missed: () => {
      for (const key of heard.eventNames()) heard.emit(key, null);
    },
  };
}

/** News within this process. */
export function newsHere(): News {
  const { news, came } = hearing((text) => came(text));
  return { ...news, close: () => Promise.resolve() };
}

/** Waits between tries to listen again, ms. */
const AGAIN_MS = 1000;

/**
 * News over PostgreSQL's LISTEN and NOTIFY, on a connection of its own. One that is lost is made again, and whoever follows
 * something is told to look: what was told meanwhile did not arrive.
 */
export async function newsOf(
  config: pg.ClientConfig,
  send: (text: string) => Promise<unknown>,
): Promise<News> {
  const me = randomUUID();
  const { news, came, missed } = hearing((text) => {
    // This process hears at once, before whoever did it has their answer; the others over the database.
    came(text);
    void send(`${me} ${text}`).catch(() => undefined);
  });
  let closing = false;
  let client: pg.Client | null = null;
  async function listen(): Promise<void> {
    const next = new pg.Client({ ...config, keepAlive: true });
    next.on('notification', ({ payload }) => {
      const [from = ''] = (payload ?? '').split(' ', 1);
      if (from !== me) came((payload ?? '').slice(from.length + 1));
    });
    next.on('error', () => undefined);
    next.once('end', () => {
      if (client !== next) return;
      client = null;
      again();
    });
    await next.connect();
    await next.query(`listen ${CHANNEL}`);
    client = next;
  }
  function again(): void {
    if (!closing) setTimeout(() => void listen().then(missed, again), AGAIN_MS).unref();
  }
  await listen();
  return {
    ...news,
    close: async () => {
      closing = true;
      await client?.end();
    },
  };
}
