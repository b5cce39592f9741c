import type { TooManyDays } from '@tinder/core/trail';
import { wholeNumber } from '@tinder/core/units';
import type { OpeningProblem } from '../workers/track-reader';
import { cut } from './quoted';
import { megabytes } from './file-words';

/** Why a file of tracks was refused, where, and what to do. */
export function trackProblemWords(p: OpeningProblem): string {
  switch (p.code) {
    case 'tooLarge':
      return `it is ${megabytes(p.bytes)}, above ${megabytes(p.limitBytes)}. Thin the track out or cut it in parts.`;
    case 'notXml':
      return `it stops being XML at line ${p.line}, column ${p.column} (${cut(p.detail.replace(/\.$/, ''))}). Mend that place, or export it again.`;
    case 'notGpx':
      return `it is XML, but its first element is <${cut(p.root)}>, not <gpx> or <kml>. Export it as GPX, KML or GeoJSON.`;
    case 'badPoint':
      return `the <${p.element}> at line ${p.line} has ${p.attribute}="${cut(p.found)}", which is no place on earth. Mend or remove that point.`;
    case 'badHeight':
      return `the <ele> of a <${p.element}> at line ${p.line} is “${cut(p.found)}”, not a number of metres. Mend or remove it.`;
    case 'badCoordinates':
      return `“${cut(p.found)}” at line ${p.line} is no place on earth: longitude, latitude and perhaps a height are wanted. Mend or remove it.`;
    case 'notJson':
      return `it begins like JSON and stops being it (${cut(p.detail)}). Export it again.`;
    case 'notGeoJson':
      return `it is JSON, but “${cut(p.type)}” is nothing GeoJSON has. Export it as GeoJSON, GPX or KML.`;
    case 'badPosition':
      return `${p.at} is ${cut(p.found)}, which is no place on earth. Mend or remove that position.`;
    case 'tooDeep':
      return `its elements are nested deeper than a track goes, at line ${p.line}. Export it again.`;
    case 'doctype':
      return 'it declares a document type of its own (<!DOCTYPE>), which is not read. Export it as plain GPX or KML.';
    case 'nothingInIt':
      return 'it can be read, but there is no track, route or waypoint in it.';
    case 'onlyWaypoints':
      return 'it has waypoints, but no track or route to walk along. Export the track too.';
  }
}

/** Between two stops there are more days than a trip can have. */
export const tooManyDaysWords = ({ from, to, days, limit }: TooManyDays): string =>
  `From ${from} to ${to} it comes to ${days} days; ${limit} is the most. Walk further a day, or choose a stop between.`;

/** Heights that were left out. */
export const voidHeightWords = (n: number): string =>
  `${wholeNumber(n)} ${n === 1 ? 'point has a height that is none' : 'points have heights that are none'} on earth; the height before stands for ${n === 1 ? 'it' : 'them'}.`;
