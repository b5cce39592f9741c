import { wordsOf, type WordsByCode } from './by-code';
import type { TooManyDays } from '@tinder/core/domain/trail';
import { wholeNumber } from '@tinder/core/foundation/units';
import type { OpeningProblem } from '../workers/track-reader';
import { cut } from './quoted';
import { megabytes } from './file-words';

const TRACK_PROBLEM_WORDS: WordsByCode<'code', OpeningProblem, []> = {
  tooLarge: (p) => `it is ${megabytes(p.bytes)}, above ${megabytes(p.limitBytes)}. Thin the track out or cut it in parts.`,
  notXml: (p) =>
    `it stops being XML at line ${p.line}, column ${p.column} (${cut(p.detail.replace(/\.$/, ''))}). Mend that place, or export it again.`,
  notGpx: (p) => `it is XML, but its first element is <${cut(p.root)}>, not <gpx> or <kml>. Export it as GPX, KML or GeoJSON.`,
  badPoint: (p) =>
    `the <${p.element}> at line ${p.line} has ${p.attribute}="${cut(p.found)}", which is no place on earth. Mend or remove that point.`,
  badHeight: (p) => `the <ele> of a <${p.element}> at line ${p.line} is “${cut(p.found)}”, not a number of metres. Mend or remove it.`,
  badCoordinates: (p) =>
    `“${cut(p.found)}” at line ${p.line} is no place on earth: longitude, latitude and perhaps a height are wanted. Mend or remove it.`,
  notJson: (p) => `it begins like JSON and stops being it (${cut(p.detail)}). Export it again.`,
  notGeoJson: (p) => `it is JSON, but “${cut(p.type)}” is nothing GeoJSON has. Export it as GeoJSON, GPX or KML.`,
  badPosition: (p) => `${p.at} is ${cut(p.found)}, which is no place on earth. Mend or remove that position.`,
  tooDeep: (p) => `its elements are nested deeper than a track goes, at line ${p.line}. Export it again.`,
  doctype: 'it declares a document type of its own (<!DOCTYPE>), which is not read. Export it as plain GPX or KML.',
  nothingInIt: 'it can be read, but there is no track, route or waypoint in it.',
  onlyWaypoints: 'it has waypoints, but no track or route to walk along. Export the track too.',
};

/** Why a file of tracks was refused, where, and what to do. */
export function trackProblemWords(p: OpeningProblem): string {
  return wordsOf(TRACK_PROBLEM_WORDS, 'code', p);
}

/** Between two stops there are more days than a trip can have. */
export const tooManyDaysWords = ({ from, to, days, limit }: TooManyDays): string =>
  `From ${from} to ${to} it comes to ${days} days; ${limit} is the most. Walk further a day, or choose a stop between.`;

/** Heights that were left out. */
export const voidHeightWords = (n: number): string =>
  `${wholeNumber(n)} ${n === 1 ? 'point has a height that is none' : 'points have heights that are none'} on earth; the height before stands for ${n === 1 ? 'it' : 'them'}.`;
