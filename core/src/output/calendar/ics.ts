import ICAL from 'ical.js';
import { oneLine, type Trip } from '../../domain/model';
import { dateOfDay, stopDays } from '../../domain/trail';

/** Something to do on a day, as a calendar holds it. */
export interface CalendarEntry {
  id: string;
  date: string;
  title: string;
  about: string;
}

/** Resupply days and posting deadlines as an iCalendar file (RFC 5545), with what else there is to do. `stamp` is the moment of writing, "2027-08-16T09:00:00Z". */
export function writeIcs(trip: Trip, stamp: string, also: readonly CalendarEntry[] = []): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.addPropertyWithValue('version', '2.0');
  calendar.addPropertyWithValue('prodid', '-//Restless Tinder//EN');
  calendar.addPropertyWithValue('calscale', 'GREGORIAN');
  for (const entry of [...stopEntries(trip), ...also]) calendar.addSubcomponent(event(trip, entry, stamp));
  return `${calendar.toString()}\r\n`;
}

/** When each inner stop is reached, and when its box is posted. */
function stopEntries(trip: Trip): CalendarEntry[] {
  const at = stopDays(trip);
  return trip.stops.flatMap((stop, i): CalendarEntry[] => {
    const arrival = dateOfDay(trip.startDate, Math.max(1, at[i]!));
    const isInner = i > 0 && i < trip.stops.length - 1;
    const notes = [stop.openNote && `Open: ${stop.openNote}`, stop.detourKm > 0 && `Detour: ${stop.detourKm} km`];
    const posting = [stop.box?.note, `Reached on ${arrival}`, 'Check with the carrier what may be posted'];
    return [
      ...(isInner
        ? [{ id: `${stop.id}-arrive`, date: arrival, title: `Resupply at ${stop.name}, day ${at[i]}`, about: sentences(notes) }]
        : []),
      ...(stop.box?.postBy
        ? [{ id: `${stop.id}-post`, date: stop.box.postBy, title: `Post the box to ${stop.name}`, about: sentences(posting) }]
        : []),
    ];
  });
}

const sentences = (parts: readonly (string | false | undefined)[]): string => parts.filter(Boolean).join('. ');

/** An event of one day: without an end it ends with the day it is on (RFC 5545, 3.6.1). */
function event(trip: Trip, { id, date, title, about }: CalendarEntry, stamp: string): ICAL.Component {
  const made = new ICAL.Component('vevent');
  made.addPropertyWithValue('uid', `${oneLine(`${trip.id}-${id}`)}@restless-tinder`);
  made.addPropertyWithValue('dtstamp', ICAL.Time.fromDateTimeString(stamp));
  made.addPropertyWithValue('dtstart', ICAL.Time.fromDateString(date));
  made.addPropertyWithValue('summary', oneLine(title));
  if (about) made.addPropertyWithValue('description', oneLine(about));
  return made;
}
