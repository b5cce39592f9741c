import { visit } from 'jsonc-parser';
import { done, refused, type Result } from '../../foundation/errors';
import { readAs, type BadValues, type Bench, type Preferences, type Rack, type ShelfItem, type ShelvedTrip } from '../../domain/model';
import { archiveSchema, archiveV1Schema, type Archive } from './archive';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, LARGEST_ARCHIVE_BYTES } from './archive-format';
import { beyondBounds, type BeyondBounds } from './json-bounds';
import { migrateTripV1 } from './migrate-v1';
import { archiveFromV2 } from './migrate-v2';
import { placeAt, type TextPlace } from './text-place';

/** Why a file was refused: data, put into words at the edge. */
export type ImportProblem =
  | { code: 'tooLarge'; bytes: number; limitBytes: number }
  | ({ code: 'notJson' } & TextPlace)
  /** Nested deeper, or with a longer list or text, than anything exported from here. */
  | ({ code: 'beyondBounds'; what: BeyondBounds['what'] } & TextPlace)
  | { code: 'otherFormat' }
  /** `found` as it stands in the file, cut short. */
  | { code: 'otherVersion'; found: string; expected: number }
  | BadValues;

/** What a file held. */
export interface Imported {
  /** None in a file of the rack alone. */
  trips: ShelvedTrip[];
  rack?: Rack;
  /** Of a file of the shelf alone. */
  shelf?: ShelfItem[];
  /** Of a file of the bench alone. */
  bench?: Bench;
  /** In a backup of everything. */
  preferences?: Preferences;
  /** The trip is somebody else's, to look at. */
  toLookAt?: true;
  /** The version it was written in, where that is an older one. */
  migratedFrom?: number;
}

/** A text as JSON of one of our formats, within the bounds of anything exported from here; what is in it is not looked at yet. */
export function readFormat(text: string, format: string): Result<object & { format: unknown }, ImportProblem> {
  if (text.length > LARGEST_ARCHIVE_BYTES) return refused({ code: 'tooLarge', bytes: text.length, limitBytes: LARGEST_ARCHIVE_BYTES });
  const beyond = beyondBounds(text);
  if (beyond) return refused({ code: 'beyondBounds', what: beyond.what, ...placeAt(text, beyond.offset) });
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return refused({ code: 'notJson', ...placeAt(text, offsetOfError(text)) });
  }
  if (typeof raw !== 'object' || raw === null || !('format' in raw) || raw.format !== format) return refused({ code: 'otherFormat' });
  return done(raw);
}

/** Reads an exported file. Nothing is guessed: the first thing that is wrong decides the answer. */
export function importArchive(text: string): Result<Imported, ImportProblem> {
  const json = readFormat(text, ARCHIVE_FORMAT);
  if (!json.ok) return json;
  const raw = json.value;
  const version: unknown = 'version' in raw ? raw.version : undefined;
  if (version === 1) {
    const read = readAs(archiveV1Schema, raw);
    return read.ok ? done({ trips: [{ trip: migrateTripV1(read.value.trip), archived: false }], migratedFrom: 1 }) : read;
  }
  if (version !== 2 && version !== ARCHIVE_VERSION)
    return refused({ code: 'otherVersion', found: named(version), expected: ARCHIVE_VERSION });
  const read = readAs(archiveSchema, version === 2 ? archiveFromV2(raw) : raw);
  return read.ok ? done({ ...withoutUndefined(read.value), ...(version === 2 ? { migratedFrom: 2 } : {}) }) : read;
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

const withoutUndefined = ({ trips, rack, shelf, bench, toLookAt, preferences }: Archive) => ({
  trips,
  ...(rack ? { rack } : {}),
  ...(shelf ? { shelf } : {}),
  ...(bench ? { bench } : {}),
  ...(toLookAt ? { toLookAt } : {}),
  ...(preferences ? { preferences } : {}),
});

/** Where a text stops being JSON: engines word it differently, or give no place. */
function offsetOfError(text: string): number {
  let offset = text.length;
  const stop = new Error('found');
  try {
    visit(
      text,
      {
        onError: (_code, at) => {
          offset = at;
          throw stop; // a text of noise has millions more
        },
      },
      { disallowComments: true },
    );
  } catch (e) {
    if (e !== stop) throw e;
  }
  return offset;
}
