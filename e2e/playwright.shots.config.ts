import config from './playwright.config';

/** Takes the pictures of docs/screenshots from the demo: "npm run shots". */
export default { ...config, testDir: './shots', workers: 1 };
