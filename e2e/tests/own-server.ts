import { spawn } from 'node:child_process';

/** Starts a server of its own on a port, for tests in which it is really stopped; gives back its address and how to stop it. */
export async function ownServer(port: number): Promise<{ address: string; stop: () => Promise<void> }> {
  const server = spawn(process.execPath, ['--import', 'tsx', '../server/src/main.ts'], { env: { ...process.env, PORT: String(port) } });
  const stop = async (): Promise<void> => {
    const gone = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGTERM');
    await gone;
  };
  await new Promise<void>((resolve, reject) => {
    server.stdout.on('data', () => resolve());
    server.once('exit', (code) => reject(new Error(`server ended with ${code}`)));
  });
  return { address: `http://127.0.0.1:${port}/`, stop };
}
