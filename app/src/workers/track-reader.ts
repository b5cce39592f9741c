import { done, refused, type Result } from '@tinder/core/foundation/errors';
import type { Trip } from '@tinder/core/domain/model';
import {
  LARGEST_TRACK_BYTES,
  layOutTrip,
  lengthKm,
  readTrack,
  stopCandidates,
  trailLine,
  type TrackProblem,
  type TooManyDays,
  type Pace,
  type StopCandidate,
  type TrailLine,
} from '@tinder/core/domain/trail';

/** What a file holds, without its points. */
export interface OpenedTracks {
  lines: LineSummary[];
  /** Heights that are none on earth, left out. */
  voidHeights: number;
}
/** A track or route of the file, without its points. */
export interface LineSummary {
  name: string;
  kind: 'track' | 'route';
  points: number;
  km: number;
  ascentM: number;
  hasHeights: boolean;
  /** Waypoints of the file as it passes them. */
  candidates: StopCandidate[];
}
export type OpeningProblem = TrackProblem | { code: 'onlyWaypoints' };

/** Holds an opened file in its worker, so that a hundred thousand points never cross to the page. */
export class TrackReader {
  private lines: { line: TrailLine; candidates: StopCandidate[] }[] = [];

  async open(file: Blob, progress: (share: number) => void): Promise<Result<OpenedTracks, OpeningProblem>> {
    if (file.size > LARGEST_TRACK_BYTES) return refused({ code: 'tooLarge', bytes: file.size, limitBytes: LARGEST_TRACK_BYTES });
    const read = readTrack(await file.text(), progress);
    if (!read.ok) return read;
    const tracks = read.value;
    if (!tracks.lines.length) return refused({ code: 'onlyWaypoints' });
    this.lines = tracks.lines.map((l) => {
      const line = trailLine(l.points);
      return { line, candidates: stopCandidates(line, tracks.waypoints) };
    });
    return done({
      voidHeights: tracks.voidHeights,
      lines: tracks.lines.map(({ name, kind, points }, i) => ({
        name,
        kind,
        points: points.length,
        km: lengthKm(this.lines[i].line),
        ascentM: this.lines[i].line.ascentM[points.length - 1],
        hasHeights: this.lines[i].line.hasHeights,
        candidates: this.lines[i].candidates,
      })),
    });
  }

  /** A trip along line `index`, stopping at the candidates of these places in its list. */
  layOut(index: number, base: Trip, chosen: readonly number[], pace: Pace, ids: readonly string[]): Result<Trip, TooManyDays> {
    const { line, candidates } = this.lines[index];
    return layOutTrip(
      base,
      line,
      candidates.filter((_, i) => chosen.includes(i)),
      pace,
      (n) => ids[n],
    );
  }
}
