import { oneLine, type Trip } from '../model';
import { dateOfDay } from './dates';
import { stopDays } from './edit';

const LINE_OCTETS = 75;

/** Something to do on a day, as a calendar holds it. */
export interface CalendarEntry {
  id: string;
  date: string;
  title: string;
  about: string;
}

/** Resupply days and posting deadlines as an iCalendar file (RFC 5545), with what else there is to do. `stamp` is the moment of writing, "20270816T090000Z". */
export function writeIcs(trip: Trip, stamp: string, also: readonly CalendarEntry[] = []): string {
  const at = stopDays(trip);
  const events = trip.stops.flatMap((stop, i) => {
    const list: string[][] = [];
    const inner = i > 0 && i < trip.stops.length - 1;
    const arrival = dateOfDay(trip.startDate, Math.max(1, at[i]));
    const notes = [stop.openNote && `Open: ${stop.openNote}`, stop.detourKm > 0 && `Detour: ${stop.detourKm} km`]
      .filter(Boolean)
      .join('. ');
    if (inner) list.push(event(`${stop.id}-arrive`, arrival, `Resupply at ${stop.name}, day ${at[i]}`, notes, trip, stamp));
    if (stop.box?.postBy) {
      const about = [stop.box.note, `Reached on ${arrival}`, 'Check with the carrier what may be posted'].filter(Boolean).join('. ');
      list.push(event(`${stop.id}-post`, stop.box.postBy, `Post the box to ${stop.name}`, about, trip, stamp));
    }
    return list;
  });
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Restless Tinder//EN',
    'CALSCALE:GREGORIAN',
    ...events.flat(),
    ...also.flatMap((e) => event(e.id, e.date, e.title, e.about, trip, stamp)),
    'END:VCALENDAR',
  ];
  return lines.map(fold).join('\r\n') + '\r\n';
}

/** An event of one day: without an end it ends with the day it is on (RFC 5545, 3.6.1). */
function event(id: string, date: string, title: string, about: string, trip: Trip, stamp: string): string[] {
  const plain = (d: string): string => d.replaceAll('-', '');
  return [
    'BEGIN:VEVENT',
    `UID:${escape(`${trip.id}-${id}`)}@restless-tinder`,
    `DTSTAMP:${stamp}`,
    `DTSTART;VALUE=DATE:${plain(date)}`,
    `SUMMARY:${escape(title)}`,
    ...(about ? [`DESCRIPTION:${escape(about)}`] : []),
    'END:VEVENT',
  ];
}

const escape = (s: string): string => oneLine(s).replace(/[\\;,]/g, (c) => `\\${c}`);

/** Lines above 75 octets go on after a line break and a space (RFC 5545, 3.1); characters are not cut apart. */
function fold(line: string): string {
  const octets = (text: string): number => encodeURIComponent(text).replace(/%[0-9A-F]{2}/g, 'x').length;
  const out: string[] = [];
  let part = '';
  for (const c of line) {
    if (octets(part + c) > LINE_OCTETS) {
      out.push(part);
      part = ' ';
    }
    part += c;
  }
  return [...out, part].join('\r\n');
}
