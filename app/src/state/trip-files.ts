import {
  exportArchive,
  importArchive,
  LARGEST_ARCHIVE_BYTES,
  writeGpxWaypoints,
  writeIcs,
  type ImportProblem,
  type Rack,
  type Trip,
} from '@tinder/core';
import { download } from '../ui/download';
import type { Workspace } from './workspace';

/** "vesper-divide.json": a file name a walker can find again. */
export function tripFileName(trip: Trip, ending = 'json'): string {
  const slug = trip.name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return `${slug || 'trip'}.${ending}`;
}

const downloadText = (name: string, text: string, type: string): void => download(name, new Blob([text], { type }));

export const downloadTrip = (trip: Trip): void =>
  downloadText(tripFileName(trip), exportArchive([{ trip, archived: false }]), 'application/json');

/** Every trip, the rack and the preferences. */
export const downloadBackup = ({ library, preferences, rack }: Workspace, isoDate: string): void =>
  downloadText(`restless-tinder-${isoDate}.json`, exportArchive(library, { preferences, rack }), 'application/json');

/** Pieces, kits and scores. */
export const downloadRack = (rack: Rack): void => downloadText('rack.json', exportArchive([], { rack }), 'application/json');
export const downloadRackTable = (name: string, csv: string): void => downloadText(`${name}.csv`, csv, 'text/csv');

/** Resupply and posting days. */
export const downloadCalendar = (trip: Trip, now: Date): void =>
  downloadText(tripFileName(trip, 'ics'), writeIcs(trip, now.toISOString().replace(/[-:]|\.\d+/g, '')), 'text/calendar');

/** Stops and camps; only for trips along a track. */
export function downloadWaypoints(trip: Trip): void {
  const text = writeGpxWaypoints(trip);
  if (text) downloadText(tripFileName(trip, 'gpx'), text, 'application/gpx+xml');
}

export const downloadLoadOuts = (trip: Trip, csv: string): void =>
  downloadText(tripFileName(trip, 'csv').replace('.csv', '-load-outs.csv'), csv, 'text/csv');

export const downloadDishes = (trip: Trip, csv: string): void => downloadText(tripFileName(trip, 'csv'), csv, 'text/csv');

/** Reads a chosen file; refuses a huge one before reading it. */
export async function readTripFile(file: File): Promise<ReturnType<typeof importArchive>> {
  if (file.size > LARGEST_ARCHIVE_BYTES)
    return { ok: false, problem: { code: 'tooLarge', bytes: file.size, limitBytes: LARGEST_ARCHIVE_BYTES } };
  return importArchive(await file.text());
}

/** Why a file was refused and what to do, in sentences. Nothing on screen has changed when these are shown. */
export function importProblemWords(problem: ImportProblem): string[] {
  switch (problem.code) {
    case 'tooLarge': {
      const mb = (bytes: number) => `${(bytes / 1e6).toFixed(0)} MB`;
      return [`The file is ${mb(problem.bytes)}; a library is never above ${mb(problem.limitBytes)}. Choose a file exported from here.`];
    }
    case 'notJson':
      return [`The file stops being JSON at line ${problem.line}, column ${problem.column}. Mend that place, or export the trip again.`];
    case 'otherFormat':
      return ['The file is JSON, but neither a trip nor a rack: its "format" is not "restless-tinder". Choose a file exported from here.'];
    case 'otherVersion':
      return [
        `The file says version ${JSON.stringify(problem.found) ?? 'nothing'}; this program reads up to version ${problem.expected}. Open it with the program that wrote it.`,
      ];
    case 'badValues':
      return problem.issues.map((i) => `${i.path || 'the file'}: ${i.message}.`);
  }
}
