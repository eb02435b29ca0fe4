import { Agent, get, type IncomingMessage } from 'node:http';
import { describe, expect, it } from 'vitest';
import { takePort } from './listen';

describe('the port', () => {
  it('a line is kept for as long as a browser keeps it, and what was asked early waits for the answer', async () => {
    const { server, port, opened } = await takePort('127.0.0.1', 0, null);
    const agent = new Agent({ keepAlive: true });
    const asked = new Promise<IncomingMessage>((done, refuse) => {
      get({ port, agent }, done).on('error', refuse);
    });
    opened((_req, res) => void res.end('here'));
    const res = await asked;
    res.resume();
    expect(Number(/timeout=(\d+)/.exec(String(res.headers['keep-alive']))?.[1])).toBeGreaterThan(300);
    agent.destroy();
    await new Promise((done) => server.close(done));
  });

  it('one that is taken is refused where it was asked for', async () => {
    const { server, port } = await takePort('127.0.0.1', 0, null);
    await expect(takePort('127.0.0.1', port, null)).rejects.toThrow(/is in use/);
    await new Promise((done) => server.close(done));
  });
});
