import { WorkspaceDb, type DbEvents } from './workspace-db';

/** A storage that has not answered by then is taken to be stuck, ms. */
const PATIENCE_MS = 8000;

const named = (name: string, message: string): Error => Object.assign(new Error(message), { name });

/** Opens the database, or says why not: there is none, or it does not answer. What another tab holds up is waited for: the walker is told. */
export async function openInTime(events: DbEvents): Promise<WorkspaceDb> {
  if (typeof indexedDB === 'undefined') throw named('MissingStorage', 'there is no storage');
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(named('SilentStorage', 'the storage does not answer')), PATIENCE_MS);
  });
  try {
    const blocked = (): void => {
      clearTimeout(timer);
      events.blocked();
    };
    return await Promise.race([WorkspaceDb.open({ ...events, blocked }), late]);
  } finally {
    clearTimeout(timer);
  }
}
