// Builds the app: the guide, the app itself, then what is done to the files of it. A step that finds something wrong ends the build.
import { run } from './lib.mjs';

const step = (file) => run(file, 'node', [file]);

step('scripts/guide.mjs');
run('ng build', 'npx', ['ng', 'build', 'app']);
step('scripts/merge-chunks.mjs');
step('scripts/lean-styles.mjs');
// the service worker trusts a file only by its hash
run('ngsw-config', 'npx', ['ngsw-config', 'dist/app/browser', 'app/ngsw-config.json', '/']);
step('scripts/budget.mjs');
step('scripts/not-found-page.mjs');
step('server/compress.mjs');
