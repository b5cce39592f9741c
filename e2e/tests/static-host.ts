import { readFile } from 'node:fs/promises';
import { createServer } from 'node:http';
import path from 'node:path';

const APP = '../dist/app/browser';
const TYPES: Record<string, string> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.svg': 'image/svg+xml',
  '.json': 'application/json',
  '.webmanifest': 'application/manifest+json',
};

/** A host that holds the built files and nothing else: no services, and 404.html for what it does not know. */
export async function staticHost(port: number): Promise<{ address: string; stop: () => Promise<void> }> {
  const server = createServer((req, res) => {
    const asked = new URL(req.url ?? '/', 'http://host').pathname;
    const name = asked === '/' ? '/index.html' : asked;
    const send = (status: number, file: string, body: Buffer): void => {
      res
        .writeHead(status, { 'content-type': TYPES[path.extname(file)] ?? 'application/octet-stream' })
        .end(req.method === 'GET' ? body : undefined);
    };
    readFile(path.join(APP, name)).then(
      (body) => send(req.method === 'GET' ? 200 : 405, name, body),
      async () => send(404, '404.html', await readFile(path.join(APP, '404.html'))),
    );
  });
  await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
  const stop = (): Promise<void> => {
    server.closeAllConnections();
    return new Promise((resolve) => server.close(() => resolve()));
  };
  return { address: `http://127.0.0.1:${port}/`, stop };
}
