import { inferBlend, type CanSeen, type InferredBlend } from '@tinder/core/studies/study';
import { tripOnLeg } from '@tinder/core/domain/trail';
import type { Subject } from '../subject';

/** What a boil seen tells of the can's blend; undefined for a kit without a can. */
export const blend = ({ trip }: Pick<Subject, 'trip'>, { leg, seen }: { leg: number; seen: CanSeen }): InferredBlend | undefined =>
  inferBlend(tripOnLeg(trip, leg), seen);
