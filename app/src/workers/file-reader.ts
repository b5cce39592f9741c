import { importArchive, LARGEST_ARCHIVE_BYTES, type Imported, type ImportProblem } from '@tinder/core/output/archive';
import { refused, type Result } from '@tinder/core/foundation/errors';
import type { Rack } from '@tinder/core/domain/model';
import {
  readDishCsv,
  readLogger,
  readRackCsv,
  readShelfCsv,
  type CsvProblem,
  type DishRows,
  type LoggerProblem,
  type LoggerTable,
  type RackTable,
  type ShelfTable,
  type UnknownTable,
} from '@tinder/core/output/tables';

/** Larger tables are refused before they are read. */
const LARGEST_TABLE_BYTES = 5_000_000;

/** Refused for its size. */
export interface TooLarge {
  code: 'tooLarge';
  bytes: number;
  limitBytes: number;
}
const tooLarge = (file: Blob, limitBytes: number): TooLarge | undefined =>
  file.size > limitBytes ? { code: 'tooLarge', bytes: file.size, limitBytes } : undefined;

/** Reads chosen files off the page's thread: parsing and validating a large one takes seconds. */
export class FileReader {
  /** Trips, a rack or a backup. */
  async archive(file: Blob): Promise<Result<Imported, ImportProblem>> {
    const huge = tooLarge(file, LARGEST_ARCHIVE_BYTES);
    return huge ? refused(huge) : importArchive(await file.text());
  }

  /** A table of dishes. */
  async dishes(file: Blob): Promise<Result<DishRows, CsvProblem | TooLarge>> {
    const huge = tooLarge(file, LARGEST_TABLE_BYTES);
    return huge ? refused(huge) : readDishCsv(await file.text());
  }

  /** A table of containers, and what the shelf would be with it. */
  async shelfTable(file: Blob, rack: Rack): Promise<Result<ShelfTable, CsvProblem | TooLarge>> {
    const huge = tooLarge(file, LARGEST_TABLE_BYTES);
    return huge ? refused(huge) : readShelfCsv(await file.text(), rack, () => crypto.randomUUID());
  }

  /** Readings of a logger. */
  async logger(file: Blob): Promise<Result<LoggerTable, LoggerProblem | TooLarge>> {
    const huge = tooLarge(file, LARGEST_TABLE_BYTES);
    return huge ? refused(huge) : readLogger(await file.text());
  }

  /** A table of pieces, kits or scores, and what the rack would be with it. */
  async rackTable(file: Blob, rack: Rack): Promise<Result<RackTable, CsvProblem | UnknownTable | TooLarge>> {
    const huge = tooLarge(file, LARGEST_TABLE_BYTES);
    return huge ? refused(huge) : readRackCsv(await file.text(), rack, () => crypto.randomUUID());
  }
}
