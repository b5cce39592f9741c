import { done, refused, type Result } from '../errors';
import type { Preferences, Rack, ShelvedTrip } from '../model';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, archiveSchema, archiveV1Schema, LARGEST_ARCHIVE_BYTES, type Archive } from './archive';
import { migrateTripV1 } from './migrate-v1';
import { archiveFromV2 } from './migrate-v2';

/** Why a file was refused: data, put into words at the edge. */
export type ImportProblem =
  | { code: 'tooLarge'; bytes: number; limitBytes: number }
  | { code: 'notJson'; line: number; column: number }
  | { code: 'otherFormat' }
  /** `found` as it stands in the file, cut short. */
  | { code: 'otherVersion'; found: string; expected: number }
  | { code: 'badValues'; issues: { path: string; message: string }[] };

/** What a file held. */
export interface Imported {
  /** None in a file of the rack alone. */
  trips: ShelvedTrip[];
  rack?: Rack;
  /** In a backup of everything. */
  preferences?: Preferences;
  /** The version it was written in, where that is an older one. */
  migratedFrom?: number;
}

/** The text of a file holding trips, the rack or both, with a final newline; with `preferences` it is a backup of everything. */
export function exportArchive(trips: readonly ShelvedTrip[], more: Pick<Archive, 'rack' | 'preferences'> = {}): string {
  const archive: Archive = { format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, trips: [...trips], ...more };
  return JSON.stringify(archive, null, 2) + '\n';
}

/** Reads an exported file. Nothing is guessed: the first thing that is wrong decides the answer. */
export function importArchive(text: string): Result<Imported, ImportProblem> {
  if (text.length > LARGEST_ARCHIVE_BYTES) return refused({ code: 'tooLarge', bytes: text.length, limitBytes: LARGEST_ARCHIVE_BYTES });
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (e) {
    return refused({ code: 'notJson', ...placeOf(text, e) });
  }
  if (typeof raw !== 'object' || raw === null || !('format' in raw) || raw.format !== ARCHIVE_FORMAT)
    return refused({ code: 'otherFormat' });
  const version: unknown = 'version' in raw ? raw.version : undefined;
  if (version === 1) {
    const parsed = archiveV1Schema.safeParse(raw);
    if (!parsed.success) return refused(badValues(parsed.error.issues));
    return done({ trips: [{ trip: migrateTripV1(parsed.data.trip), archived: false }], migratedFrom: 1 });
  }
  if (version !== 2 && version !== ARCHIVE_VERSION)
    return refused({ code: 'otherVersion', found: named(version), expected: ARCHIVE_VERSION });
  const parsed = archiveSchema.safeParse(version === 2 ? archiveFromV2(raw) : raw);
  if (!parsed.success) return refused(badValues(parsed.error.issues));
  return done({ ...withoutUndefined(parsed.data), ...(version === 2 ? { migratedFrom: 2 } : {}) });
}

/** What stands where a version should be: a number or a word as it is, anything else by its kind (it may be nested without end). */
const named = (x: unknown): string =>
  x === undefined
    ? 'nothing'
    : typeof x === 'number' || typeof x === 'string'
      ? String(x).slice(0, 80)
      : Array.isArray(x)
        ? 'a list'
        : `${x === null ? 'null' : typeof x}`;

const withoutUndefined = ({ trips, rack, preferences }: Archive) => ({
  trips,
  ...(rack ? { rack } : {}),
  ...(preferences ? { preferences } : {}),
});

const badValues = (issues: readonly { path: PropertyKey[]; message: string }[]): ImportProblem => ({
  code: 'badValues',
  issues: issues.map((i) => ({ path: i.path.join('.'), message: i.message })),
});

/** Line and column of a JSON error, 1-based, from the offset engines give; the end of the text where they give none. */
function placeOf(text: string, error: unknown): { line: number; column: number } {
  const found = /position (\d+)/.exec(error instanceof Error ? error.message : '');
  const before = text.slice(0, found ? Number(found[1]) : text.length);
  const lines = before.split('\n');
  return { line: lines.length, column: lines[lines.length - 1].length + 1 };
}
