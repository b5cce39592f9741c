import { BEEN_HERE } from '../been-here';
import { DB_NAME } from './schema';

/** Under this name local storage holds edits that have not reached the database. */
export const UNWRITTEN = 'unwritten';
/** A browser that has not said by then what it holds may hold something, ms. */
const PATIENCE_MS = 1000;

/** Is it certain that this browser holds nothing of the walker's? Said without opening a database, which takes all that reads one. */
export async function nothingIsKept(): Promise<boolean> {
  if (BEEN_HERE.read()) return false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<undefined>((resolve) => {
    timer = setTimeout(() => resolve(undefined), PATIENCE_MS);
  });
  try {
    const databases = await Promise.race([indexedDB.databases(), late]);
    return databases !== undefined && !databases.some(({ name }) => name === DB_NAME) && localStorage.getItem(UNWRITTEN) === null;
  } catch {
    return false; // forbidden, or a browser that does not say
  } finally {
    clearTimeout(timer);
  }
}
