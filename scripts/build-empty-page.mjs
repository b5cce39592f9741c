// Builds the pages that the bench measures visits against, as the app is built: an empty one, and one with a button of NG-ZORRO.
import { run } from './lib.mjs';

for (const [page, configuration] of [
  ['empty-page', []],
  ['button-page', ['--configuration', 'button']],
]) {
  run(`ng build ${page}`, 'npx', ['ng', 'build', 'empty-page', ...configuration], { NG_BUILD_OPTIMIZE_CHUNKS: '1' });
  run('compressing', 'node', ['server/compress.mjs', `dist/${page}/browser`]);
}
