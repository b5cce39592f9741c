import { exportArchive, importArchive, LARGEST_ARCHIVE_BYTES, type ImportProblem, type Trip } from '@tinder/core';

/** "vesper-divide.json": a file name a walker can find again. */
export function tripFileName(trip: Trip): string {
  const slug = trip.name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return `${slug || 'trip'}.json`;
}

/** Hands the trip to the browser as a download. */
export function downloadTrip(trip: Trip): void {
  const url = URL.createObjectURL(new Blob([exportArchive(trip)], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = tripFileName(trip);
  link.click();
  URL.revokeObjectURL(url);
}

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
      return [`The file is ${mb(problem.bytes)}; a trip is never above ${mb(problem.limitBytes)}. Choose a file exported from here.`];
    }
    case 'notJson':
      return [`The file stops being JSON at line ${problem.line}, column ${problem.column}. Mend that place, or export the trip again.`];
    case 'otherFormat':
      return ['The file is JSON, but not a trip: its "format" is not "restless-tinder". Choose a file exported from here.'];
    case 'otherVersion':
      return [
        `The file says version ${JSON.stringify(problem.found) ?? 'nothing'}; this program reads version ${problem.expected}. Open it with the program that wrote it.`,
      ];
    case 'badValues':
      return problem.issues.map((i) => `${i.path || 'the file'}: ${i.message}.`);
  }
}
