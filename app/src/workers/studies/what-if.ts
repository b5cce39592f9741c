import type { WhatIf } from '@tinder/core/domain/model';
import type { Mishaps } from '@tinder/core/planning/risk';
import { whatIfColumn, type WhatIfColumn } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** One column: the trip as it would go if that came; undefined for the trip as it is. */
export const whatIf = (
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { whatIf: it, mishaps }: { whatIf: WhatIf | undefined; mishaps: Mishaps },
  { tripsDrawn, cache }: StudySetting,
): WhatIfColumn => whatIfColumn(trip, plan, it, mishaps, { trips: tripsDrawn, cache });
