import type { Calibration } from '@tinder/core/domain/model';
import type { Mishaps } from '@tinder/core/planning/risk';
import { ownBurnerEffect, type OwnBurnerEffect } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** What a burner of one's own does to the trip. */
export const ownBurner = (
  { trip }: Pick<Subject, 'trip'>,
  { calibration, mishaps }: { calibration: Calibration; mishaps: Mishaps },
  { cache }: StudySetting,
): OwnBurnerEffect => ownBurnerEffect(trip, calibration, mishaps, cache);
