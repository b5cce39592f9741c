import { signal } from '@angular/core';
import type { CsvProblem, CsvRows, UnknownTable } from '@tinder/core/output/tables';
import type { Result } from '@tinder/core/foundation/errors';
import type { readFile } from '../platform/read-file';
import type { TooLarge } from '../workers/file-reader';
import { readTable, type TableRead } from './read-table';
import type { Offer } from './table-offer';

type Reader = Parameters<Parameters<typeof readFile>[0]>[0];

/** How tables of one kind come in: into what they are read, how, what is said of them, and what taking one does (false where it was not taken). */
export interface IntakeParts<Into, T> {
  into: () => Into;
  read: (reader: Reader, file: File, into: Into) => Promise<Result<T, CsvProblem | UnknownTable | TooLarge>>;
  offered: (file: string, table: T) => Pick<Offer, 'words' | 'take'>;
  take: (table: T) => boolean;
}

/** A table that was chosen and waits for the walker's word. Where what it was read into has changed since, it is read anew before it is taken. */
export class TableIntake<Into, T extends Pick<CsvRows<unknown>, 'bad'>> {
  private readonly offerSignal = signal<TableRead<T> | undefined>(undefined);
  private chosen: { file: File; into: Into } | undefined;
  readonly offer = this.offerSignal.asReadonly();

  constructor(private readonly parts: IntakeParts<Into, T>) {}

  async choose(file: File): Promise<void> {
    const { parts } = this;
    const into = parts.into();
    const read = await readTable(
      file,
      async (reader) => await parts.read(reader, file, into),
      (table: T) => parts.offered(file.name, table),
    );
    this.offerSignal.set(read);
    this.chosen = { file, into };
  }

  async take(): Promise<void> {
    if (this.chosen && this.chosen.into !== this.parts.into()) await this.choose(this.chosen.file);
    const table = this.offerSignal()?.table;
    if (!table || this.parts.take(table)) this.leave();
  }

  leave(): void {
    this.offerSignal.set(undefined);
  }
}
