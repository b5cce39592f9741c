import { oneLine, type Position, type Trip } from '../model';

const escape = (s: string): string =>
  oneLine(s).replace(/[<>&"]/g, (c) => ({ '<': '&lt;', '>': '&gt;', '&': '&amp;', '"': '&quot;' })[c] ?? c);

/** Stops and camps whose place is known, as GPX 1.1 waypoints; undefined where the trip has no track behind it. */
export function writeGpxWaypoints(trip: Trip): string | undefined {
  const points: string[] = [];
  const add = (at: Position | undefined, name: string, type: string, altitudeM?: number): void => {
    if (!at) return;
    const height = altitudeM === undefined ? '' : `<ele>${altitudeM.toFixed(0)}</ele>`;
    points.push(
      `  <wpt lat="${at.latitudeDeg.toFixed(6)}" lon="${at.longitudeDeg.toFixed(6)}">${height}<name>${escape(name)}</name><type>${type}</type></wpt>`,
    );
  };
  let day = 0;
  trip.stops.forEach((stop, i) => {
    add(stop.at, stop.name, 'stop');
    const days = trip.legs[i]?.days ?? [];
    days.forEach((d, k) => {
      day++;
      if (k < days.length - 1) add(d.at, `camp ${day}`, 'camp', d.altitudeM); // the leg's last night is at its stop
    });
  });
  if (!points.length) return undefined;
  const head =
    '<?xml version="1.0" encoding="UTF-8"?>\n<gpx version="1.1" creator="Restless Tinder" xmlns="http://www.topografix.com/GPX/1/1">';
  return `${head}\n  <metadata><name>${escape(trip.name)}</name></metadata>\n${points.join('\n')}\n</gpx>\n`;
}
