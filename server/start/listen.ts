import { createServer as plain, type RequestListener, type Server } from 'node:http';
import { createServer as encrypted } from 'node:https';
import { DEFAULT_PORT } from './options';
import type { Certificate } from './network';

const TRIED_PORTS = 20;
/**
 * A quiet line is kept so long, ms: longer than browsers (300 s) and proxies (60 to 75 s) keep theirs, figures from memory. It is
 * they who close it then: closed from here, a request that is just on its way gets no answer.
 */
const LINE_KEPT_MS = 310_000;

/** A port that was asked for is taken or refused; else the next free one is. */
function listen(server: Server, host: string, asked: number | null): Promise<number> {
  return new Promise((done, refuse) => {
    let port = asked ?? DEFAULT_PORT;
    server.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code !== 'EADDRINUSE') return refuse(error);
      if (asked !== null || port >= DEFAULT_PORT + TRIED_PORTS) {
        return refuse(new Error(`Port ${port} is in use. Stop what uses it, or choose another with --port.`));
      }
      port += 1;
      server.listen(port, host);
    });
    server.on('listening', () => {
      const address = server.address();
      done(typeof address === 'object' && address ? address.port : port);
    });
    server.listen(port, host);
  });
}

export type Listening = {
  server: Server;
  port: number;
  /** What answers from now on. What was asked before waits for it. */
  opened: (app: RequestListener) => void;
};

/**
 * Takes the port. It comes first of all: ended while its threads are still loading, Node 20 can die with a fatal error of
 * its own.
 */
export async function takePort(
  host: string,
  asked: number | null,
  tls: Certificate | null,
): Promise<Listening> {
  let opened!: (app: RequestListener) => void;
  const app = new Promise<RequestListener>((done) => (opened = done));
  const answer: RequestListener = (req, res) => void app.then((a) => a(req, res));
  const server = tls ? encrypted({ key: tls.key, cert: tls.cert }, answer) : plain(answer);
  server.keepAliveTimeout = LINE_KEPT_MS;
  return { server, port: await listen(server, host, asked), opened };
}
