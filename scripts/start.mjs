// Fresh clone to running demo: installs if needed, builds if stale, serves, prints the address.
import { spawn } from 'node:child_process';
import { build, install, root } from './lib.mjs';

install();
build();
const server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, NODE_ENV: 'production' },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
