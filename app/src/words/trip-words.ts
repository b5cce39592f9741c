import type { ShelvedTrip } from '@tinder/core/domain/model';
import { dayCount } from '@tinder/core/domain/trail';
import { dateText } from './date-text';

/** "17 days, 4 stops, from 2026-06-01, put away". */
export function shelvedTripWords({ trip, archived }: ShelvedTrip): string {
  const days = dayCount(trip);
  const stops = trip.stops.length - 2;
  const between = stops === 0 ? 'no stop between' : stops === 1 ? 'one stop' : `${stops} stops`;
  return `${days} ${days === 1 ? 'day' : 'days'}, ${between}, from ${dateText(trip.startDate)}${archived ? ', archived' : ''}`;
}
