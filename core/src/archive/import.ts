import {
  ARCHIVE_FORMAT,
  ARCHIVE_VERSION,
  archiveSchema,
  archiveV1Schema,
  LARGEST_ARCHIVE_BYTES,
  type Archive,
  type Preferences,
  type ShelvedTrip,
} from './archive';
import { migrateTripV1 } from './migrate';
import type { Rack } from './rack-schema';

/** Why a file was refused: data, put into words at the edge. */
export type ImportProblem =
  | { code: 'tooLarge'; bytes: number; limitBytes: number }
  | { code: 'notJson'; line: number; column: number }
  | { code: 'otherFormat' }
  | { code: 'otherVersion'; found: unknown; expected: number }
  | { code: 'badValues'; issues: { path: string; message: string }[] };

export type Imported =
  | {
      ok: true;
      /** None in a file of the rack alone. */
      trips: ShelvedTrip[];
      rack?: Rack;
      /** In a backup of everything. */
      preferences?: Preferences;
      /** The version it was written in, where that is an older one. */
      migratedFrom?: number;
    }
  | { ok: false; problem: ImportProblem };

/** The text of a file holding trips, the rack or both, with a final newline; with `preferences` it is a backup of everything. */
export function exportArchive(trips: readonly ShelvedTrip[], more: Pick<Archive, 'rack' | 'preferences'> = {}): string {
  const archive: Archive = { format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, trips: [...trips], ...more };
  return JSON.stringify(archive, null, 2) + '\n';
}

/** Reads an exported file. Nothing is guessed: the first thing that is wrong decides the answer. */
export function importArchive(text: string): Imported {
  if (text.length > LARGEST_ARCHIVE_BYTES) return refuse({ code: 'tooLarge', bytes: text.length, limitBytes: LARGEST_ARCHIVE_BYTES });
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (e) {
    return refuse({ code: 'notJson', ...placeOf(text, e) });
  }
  if (typeof raw !== 'object' || raw === null || !('format' in raw) || raw.format !== ARCHIVE_FORMAT)
    return refuse({ code: 'otherFormat' });
  const version: unknown = 'version' in raw ? raw.version : undefined;
  if (version === 1) {
    const parsed = archiveV1Schema.safeParse(raw);
    return parsed.success
      ? { ok: true, trips: [{ trip: migrateTripV1(parsed.data.trip), archived: false }], migratedFrom: 1 }
      : refuse(badValues(parsed.error.issues));
  }
  if (version !== ARCHIVE_VERSION) return refuse({ code: 'otherVersion', found: version, expected: ARCHIVE_VERSION });
  const parsed = archiveSchema.safeParse(raw);
  return parsed.success ? { ok: true, ...withoutUndefined(parsed.data) } : refuse(badValues(parsed.error.issues));
}

const withoutUndefined = ({ trips, rack, preferences }: Archive) => ({
  trips,
  ...(rack ? { rack } : {}),
  ...(preferences ? { preferences } : {}),
});

const badValues = (issues: readonly { path: PropertyKey[]; message: string }[]): ImportProblem => ({
  code: 'badValues',
  issues: issues.map((i) => ({ path: i.path.join('.'), message: i.message })),
});

const refuse = (problem: ImportProblem): Imported => ({ ok: false, problem });

/** Line and column of a JSON error, 1-based, from the offset engines give; the end of the text where they give none. */
function placeOf(text: string, error: unknown): { line: number; column: number } {
  const found = /position (\d+)/.exec(error instanceof Error ? error.message : '');
  const before = text.slice(0, found ? Number(found[1]) : text.length);
  const lines = before.split('\n');
  return { line: lines.length, column: lines[lines.length - 1].length + 1 };
}
