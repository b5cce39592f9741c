// Builds the empty page that the bench measures visits against, as the app is built.
import { run } from './lib.mjs';

run('ng build', 'npx', ['ng', 'build', 'empty-page'], { NG_BUILD_OPTIMIZE_CHUNKS: '1' });
run('compressing', 'node', ['server/compress.mjs', 'dist/empty-page/browser']);
