import type { Opened } from '../workers/gpx-reader';

/** Why a GPX file was refused, where, and what to do. */
export function gpxProblemWords(p: Extract<Opened, { ok: false }>['problem']): string {
  switch (p.code) {
    case 'tooLarge':
      return `it is ${(p.bytes / 1e6).toFixed(0)} MB, above ${(p.limitBytes / 1e6).toFixed(0)} MB. Thin the track out or cut it in parts.`;
    case 'notXml':
      return `it stops being XML at line ${p.line}, column ${p.column} (${p.detail.replace(/\.$/, '')}). Mend that place, or export it again.`;
    case 'notGpx':
      return `it is XML, but its first element is <${p.root}>, not <gpx>. Export it as GPX.`;
    case 'badPoint':
      return `the <${p.element}> at line ${p.line} has ${p.attribute}="${p.found}", which is no place on earth. Mend or remove that point.`;
    case 'badHeight':
      return `the <ele> of a <${p.element}> at line ${p.line} is “${p.found}”, not a number of metres. Mend or remove it.`;
    case 'nothingInIt':
      return 'it is GPX, but without a track, route or waypoint.';
    case 'onlyWaypoints':
      return 'it has waypoints, but no track or route to walk along. Export the track too.';
  }
}
