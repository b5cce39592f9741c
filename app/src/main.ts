import { inATask } from './platform/in-a-task';
import { readInParts } from './platform/read-in-parts';

// what is read later is asked for by it: the scripts that it needs are known when all are built (scripts/merge-chunks.mjs)
Object.assign(globalThis, { readInParts });

/** Reading a script is a task that holds a slow phone: the first page is read in five. The built page has all of it fetched at once (scripts/merge-chunks.mjs). */
async function begin(): Promise<void> {
  const { planEarly } = await import('./first/plan');
  planEarly();
  await inATask();
  await import('./first/framework');
  await inATask();
  await import('./first/pieces');
  await inATask();
  await import('./first/demo');
  await inATask();
  const { beginApp } = await import('./first/frame');
  await inATask();
  await beginApp();
}
begin().catch((error: unknown) => console.error(error));
