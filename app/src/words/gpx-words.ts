import type { TooManyDays } from '@tinder/core/trail';
import type { OpeningProblem } from '../workers/gpx-reader';
import { cut } from './quoted';
import { megabytes } from './file-words';

/** Why a GPX file was refused, where, and what to do. */
export function gpxProblemWords(p: OpeningProblem): string {
  switch (p.code) {
    case 'tooLarge':
      return `it is ${megabytes(p.bytes)}, above ${megabytes(p.limitBytes)}. Thin the track out or cut it in parts.`;
    case 'notXml':
      return `it stops being XML at line ${p.line}, column ${p.column} (${cut(p.detail.replace(/\.$/, ''))}). Mend that place, or export it again.`;
    case 'notGpx':
      return `it is XML, but its first element is <${cut(p.root)}>, not <gpx>. Export it as GPX.`;
    case 'badPoint':
      return `the <${p.element}> at line ${p.line} has ${p.attribute}="${cut(p.found)}", which is no place on earth. Mend or remove that point.`;
    case 'badHeight':
      return `the <ele> of a <${p.element}> at line ${p.line} is “${cut(p.found)}”, not a number of metres. Mend or remove it.`;
    case 'tooDeep':
      return `its elements are nested deeper than GPX goes, at line ${p.line}. Export it again.`;
    case 'doctype':
      return 'it declares a document type of its own (<!DOCTYPE>), which is not read. Export it as plain GPX.';
    case 'nothingInIt':
      return 'it is GPX, but without a track, route or waypoint.';
    case 'onlyWaypoints':
      return 'it has waypoints, but no track or route to walk along. Export the track too.';
  }
}

/** Between two stops there are more days than a trip can have. */
export const tooManyDaysWords = ({ from, to, days, limit }: TooManyDays): string =>
  `From ${from} to ${to} it comes to ${days} days; ${limit} is the most. Walk further a day, or choose a stop between.`;

/** Heights that were left out. */
export const voidHeightWords = (n: number): string =>
  `${n.toLocaleString('en-US')} ${n === 1 ? 'point has a height that is none' : 'points have heights that are none'} on earth; the height before stands for ${n === 1 ? 'it' : 'them'}.`;
