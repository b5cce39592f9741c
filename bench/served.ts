import { spawn } from 'node:child_process';

/** A build served as the app is, on a port of its own, while `work` runs. Rejects where it is not built. */
export async function served<T>(port: number, dir: string, work: (address: string) => Promise<T>): Promise<T> {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    env: { ...process.env, PORT: String(port), APP_DIR: dir, NODE_ENV: 'production' },
  });
  try {
    await new Promise<void>((resolve, reject) => {
      server.stdout.once('data', () => resolve());
      server.once('exit', () => reject(new Error('the server did not start; run "npm run build" first')));
    });
    return await work(`http://127.0.0.1:${port}/`);
  } finally {
    server.kill('SIGTERM');
  }
}
