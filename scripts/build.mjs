// Builds the app: the guide, the app itself, then what stands beside its files. A step that finds something wrong ends the build.
import { run } from './lib.mjs';

const step = (file) => run(file, 'node', [file]);

step('scripts/guide.mjs');
// the builder's own switch: without it the first page asks for 139 scripts, and over a slow line takes twice as long
run('ng build', 'npx', ['ng', 'build', 'app'], { NG_BUILD_OPTIMIZE_CHUNKS: '1' });
step('scripts/budget.mjs');
step('scripts/not-found-page.mjs');
step('server/compress.mjs');
