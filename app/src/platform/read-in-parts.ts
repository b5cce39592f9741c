import { inATask } from './in-a-task';

/** What has been run already, by its name. */
const read = new Set<string>();

/** The browser's own, which runs a script once. */
const readScript = (file: string): Promise<unknown> => import(file) as Promise<unknown>;

/**
 * Reads scripts of the build: all of them are fetched at once and run one a task, the ones that others need first, so that a slow phone is held by
 * none of them for long. Gives what the last one, the one that was asked for, has. Rejects where one does not come.
 */
export async function readInParts(files: readonly string[], run = readScript): Promise<unknown> {
  const news = files.filter((file) => !read.has(file));
  document.head.append(...news.map(fetched));
  const asked = files[files.length - 1];
  for (const file of news.filter((f) => f !== asked)) {
    await run(file);
    read.add(file);
    await inATask();
  }
  const given = await run(asked);
  read.add(asked);
  return given;
}

function fetched(file: string): HTMLLinkElement {
  const link = document.createElement('link');
  link.rel = 'modulepreload';
  link.href = file;
  return link;
}
