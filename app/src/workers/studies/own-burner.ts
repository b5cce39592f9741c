import type { Calibration } from '@tinder/core/model';
import type { Mishaps } from '@tinder/core/risk';
import { ownBurnerEffect, type OwnBurnerEffect } from '@tinder/core/study';
import type { Subject } from '../subject';

/** What a burner of one's own does to the trip. */
export const ownBurner = (
  { trip }: Pick<Subject, 'trip'>,
  { calibration, mishaps }: { calibration: Calibration; mishaps: Mishaps },
): OwnBurnerEffect => ownBurnerEffect(trip, calibration, mishaps);
