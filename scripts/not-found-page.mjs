// A host that only holds files answers with this page where it does not know an address: it is the app's own.
import { copyFileSync } from 'node:fs';
import path from 'node:path';
import { APP } from './lib.mjs';

copyFileSync(path.join(APP, 'index.html'), path.join(APP, '404.html'));
