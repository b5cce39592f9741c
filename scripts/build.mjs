// Builds the app: the guide, the app itself, then what is done to the files of it. A step that finds something wrong ends the build.
import { run } from './lib.mjs';

const step = (file) => run(file, 'node', [file]);

step('scripts/guide.mjs');
// few scripts instead of very many small ones: over a phone's line each of them costs the way there and back
run('ng build', 'npx', ['ng', 'build', 'app'], { NG_BUILD_OPTIMIZE_CHUNKS: '1' });
step('scripts/lean-styles.mjs');
step('scripts/budget.mjs');
step('scripts/not-found-page.mjs');
step('server/compress.mjs');
