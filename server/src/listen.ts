import type { Express } from 'express';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';

export interface Listening {
  address: string;
  /** Stops taking connections, ends idle ones, and resolves when the last request is answered; those still open after 5 s are cut off. */
  close: () => Promise<void>;
}

const HOST = '127.0.0.1';
/** A half-open connection must not keep a server alive that is told to end. */
const CLOSE_WITHIN_MS = 5000;

/** The port asked for in the environment; not a number where what stands there is none, an empty one included. */
export const portOf = (said: string | undefined, usual: number): number =>
  said === undefined ? usual : /^\d+$/.test(said.trim()) ? Number(said) : Number.NaN;

/** Serves `app` on this machine only; rejects with a sentence that says what to do when the port cannot be had. */
export function listen(app: Express, port: number): Promise<Listening> {
  return new Promise((resolve, reject) => {
    if (!Number.isInteger(port) || port < 0 || port > 65_535) {
      reject(new Error('PORT must be a whole number from 0 to 65535, for example PORT=3000.'));
      return;
    }
    const server = createServer(app);
    server.once('error', (e: NodeJS.ErrnoException) => {
      const why =
        e.code === 'EADDRINUSE'
          ? `Port ${port} is taken by another program. Stop that one, or choose another port: PORT=${port + 1} npm start`
          : e.code === 'EACCES'
            ? `Port ${port} needs more rights than this account has. Choose one above 1023: PORT=3000 npm start`
            : e.message;
      reject(new Error(why));
    });
    server.listen(port, HOST, () => {
      resolve({
        address: `http://${HOST}:${(server.address() as AddressInfo).port}/`,
        close: () =>
          new Promise((done) => {
            const cutOff = setTimeout(() => server.closeAllConnections(), CLOSE_WITHIN_MS);
            server.close(() => {
              clearTimeout(cutOff);
              done();
            });
            server.closeIdleConnections();
          }),
      });
    });
  });
}
