import { backupFiles, exportArchive, exportToLookAt } from '@tinder/core/output/archive';
import type { Bench, Rack, ShelfItem, Trip } from '@tinder/core/domain/model';
import type { CalendarEntry } from '@tinder/core/output/calendar';
import { writeGpxWaypoints } from '@tinder/core/domain/trail';
import { download } from '../platform/download';
import type { Workspace } from './workspace';

/** "vesper-divide.json": a file name a walker can find again. */
export function tripFileName(trip: Trip, ending = 'json', what = ''): string {
  const slug = trip.name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return `${slug || 'trip'}${what}.${ending}`;
}

const downloadText = (name: string, text: string, type: string): void => download(name, new Blob([text], { type }));

export const downloadTrip = (trip: Trip): void =>
  downloadText(tripFileName(trip), exportArchive([{ trip, archived: false }]), 'application/json');

/** The trip for somebody else to look at. */
export const downloadToLookAt = (trip: Trip): void =>
  downloadText(tripFileName(trip, 'json', '-to-look-at'), exportToLookAt(trip), 'application/json');

/** Every trip, the rack and the preferences; a huge library in several files, each of which can be read back. */
export function downloadBackup({ library, preferences, rack }: Workspace, isoDate: string): void {
  const files = backupFiles(library, { preferences, rack });
  files.forEach((text, i) => {
    const part = files.length > 1 ? `-${i + 1}-of-${files.length}` : '';
    downloadText(`restless-tinder-${isoDate}${part}.json`, text, 'application/json');
  });
}

/** Pieces, kits and scores. */
export const downloadRack = (rack: Rack): void => downloadText('rack.json', exportArchive([], { rack }), 'application/json');
export const downloadTable = (name: string, csv: string): void => downloadText(`${name}.csv`, csv, 'text/csv');

/** The containers of the shelf. */
export const downloadShelf = (shelf: readonly ShelfItem[]): void =>
  downloadText('shelf.json', exportArchive([], { shelf: [...shelf] }), 'application/json');

/** The burns of the bench. */
export const downloadBench = (bench: Bench): void => downloadText('bench.json', exportArchive([], { bench }), 'application/json');

export const downloadMarkdown = (trip: Trip, markdown: string): void => downloadText(tripFileName(trip, 'md'), markdown, 'text/markdown');

/** The log of a walk. */
export const downloadLog = (trip: Trip, log: string): void => downloadText(tripFileName(trip, 'json', '-log'), log, 'application/json');

/** What is packed, bought, posted and watched, as data: lists, sheets, work at home and the brief, weights in grams. */
export const downloadPacked = (trip: Trip, packed: object): void =>
  downloadText(
    tripFileName(trip, 'json', '-packed'),
    JSON.stringify({ trip: trip.name, startDate: trip.startDate, ...packed }, null, 2) + '\n',
    'application/json',
  );

export const downloadLoadOuts = (trip: Trip, csv: string): void => downloadText(tripFileName(trip, 'csv', '-load-outs'), csv, 'text/csv');

export const downloadDishes = (trip: Trip, csv: string): void => downloadText(tripFileName(trip, 'csv'), csv, 'text/csv');

/** Resupply and posting days, and what else there is to do. */
export async function downloadCalendar(trip: Trip, now: Date, also: readonly CalendarEntry[] = []): Promise<void> {
  // the calendar package comes when a calendar is wanted: 20 kB
  const { writeIcs } = await import('@tinder/core/output/calendar');
  downloadText(tripFileName(trip, 'ics'), writeIcs(trip, `${now.toISOString().slice(0, 19)}Z`, also), 'text/calendar');
}

/** Stops and camps; only for trips along a track. */
export function downloadWaypoints(trip: Trip): void {
  const text = writeGpxWaypoints(trip);
  if (text) downloadText(tripFileName(trip, 'gpx'), text, 'application/gpx+xml');
}
