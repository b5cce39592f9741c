import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';
import { createInstruments } from './instruments';
import { listen, portOf } from './listen';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');
const browserDir = path.resolve(root, process.env['APP_DIR'] ?? 'dist/app/browser');
if (!existsSync(path.join(browserDir, 'index.html'))) {
  console.error('The app is not built yet. Run "npm start", which builds and serves it, or "npm run build" first.');
  process.exit(1);
}

const port = portOf(process.env['PORT'], 3000);
const instruments = createInstruments();
listen(createApp(browserDir, instruments), port).then(
  ({ address, close }) => {
    console.log(`Restless Tinder is at ${address}`);
    for (const signal of ['SIGINT', 'SIGTERM'] as const)
      process.once(signal, () => {
        instruments.close();
        void close().then(() => process.exit(0));
      });
  },
  (error: unknown) => {
    console.error(error instanceof Error ? error.message : String(error));
    process.exit(1);
  },
);
