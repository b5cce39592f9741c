import type { CsvProblem, CsvRows, UnknownTable } from '@tinder/core/output/tables';
import type { Result } from '@tinder/core/foundation/errors';
import { readFile } from '../platform/read-file';
import { badRowWords, tableProblemWords } from '../words/table-words';
import { unreadWords } from '../words/file-words';
import type { TooLarge } from '../workers/file-reader';
import type { Offer } from './table-offer';

type Reader = Parameters<Parameters<typeof readFile>[0]>[0];

/** An offer with the table that would be taken; without one where nothing could be read. */
export type TableRead<T> = Offer & { table?: T };

/** Reads a table off the page's thread and says what it offers, or why it was not taken. */
export async function readTable<T extends Pick<CsvRows<unknown>, 'bad'>>(
  file: File,
  read: (reader: Reader) => Promise<Result<T, CsvProblem | UnknownTable | TooLarge>>,
  offered: (table: T) => Pick<Offer, 'words' | 'take'>,
): Promise<TableRead<T>> {
  const nothing = { bad: [], take: undefined };
  try {
    const found = await readFile(read);
    if (!found.ok) return { ...nothing, words: tableProblemWords(file.name, found.problem) };
    return { ...offered(found.value), bad: badRowWords(found.value), table: found.value };
  } catch (e) {
    return { ...nothing, words: unreadWords(file.name, e) };
  }
}
