import { test } from '@playwright/test';
import { writeFile } from 'node:fs/promises';
import { TASKS } from '../guide/tasks';
import { open, standing } from '../tests/helpers';
import { asWebp } from './as-webp';

test.use({ viewport: { width: 1000, height: 620 } });

for (const [id, follow] of Object.entries(TASKS))
  test(`guide: ${id}`, async ({ page, browser }) => {
    await page.addInitScript(() => localStorage.setItem('has-started', 'true'));
    await open(page, '/carry');
    await follow(page);
    await standing(page);
    const png = await page.screenshot({ animations: 'disabled', caret: 'hide' });
    await writeFile(`../docs/guide/pictures/${id}.webp`, await asWebp(browser, png, { quality: 0.5, scale: 0.8 }));
  });
