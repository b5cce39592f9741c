import type { Browser } from '@playwright/test';

/** A picture as WebP, for what ships with the app: Chromium draws it, so no library is needed. */
export async function asWebp(browser: Browser, png: Buffer, { quality = 0.75, scale = 1 } = {}): Promise<Buffer> {
  const page = await browser.newPage();
  const url = await page.evaluate(
    async ([base64, q, by]) => {
      const image = new Image();
      image.src = `data:image/png;base64,${base64}`;
      await image.decode();
      const canvas = Object.assign(document.createElement('canvas'), { width: by * image.width, height: by * image.height });
      canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
      return canvas.toDataURL('image/webp', q);
    },
    [png.toString('base64'), quality, scale] as const,
  );
  await page.close();
  return Buffer.from(url.slice(url.indexOf(',') + 1), 'base64');
}
