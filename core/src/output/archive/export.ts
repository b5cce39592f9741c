import type { ShelvedTrip, Trip } from '../../domain/model';
import type { Archive } from './archive';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, LARGEST_ARCHIVE_BYTES } from './archive-format';

/** The text of a file holding trips, the rack, the shelf, the bench or several of them, with a final newline; with `preferences` it is a backup of everything. */
export function exportArchive(trips: readonly ShelvedTrip[], more: Omit<Archive, 'format' | 'version' | 'trips'> = {}): string {
  const archive: Archive = { format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, trips: [...trips], ...more };
  return JSON.stringify(archive, null, 2) + '\n';
}

/** The text of a file with one trip for somebody else to look at; what was written down on the way stays at home. */
export function exportToLookAt({ walk: _atHome, ...trip }: Trip): string {
  return exportArchive([{ trip, archived: false }], { toLookAt: true });
}

/** No character of a text takes more than three bytes a code unit in UTF-8. */
const MOST_CHARACTERS = Math.floor(LARGEST_ARCHIVE_BYTES / 3);

/**
 * Everything, in as few files as can each be read back by themselves: one, unless the library is huge. The first is the backup, with rack
 * and preferences; the others hold trips to be added to it.
 */
export function backupFiles(
  trips: readonly ShelvedTrip[],
  more: Pick<Archive, 'rack' | 'preferences'>,
  mostCharacters = MOST_CHARACTERS,
): string[] {
  const whole = exportArchive(trips, more);
  if (whole.length <= mostCharacters || trips.length < 2) return [whole];
  const half = Math.ceil(trips.length / 2);
  return [...backupFiles(trips.slice(0, half), more, mostCharacters), ...backupFiles(trips.slice(half), {}, mostCharacters)];
}
