import type { WhatIf } from '@tinder/core/model';
import type { Mishaps } from '@tinder/core/risk';
import { whatIfColumn, type WhatIfColumn } from '@tinder/core/study';
import type { Subject } from '../subject';

/** One column: the trip as it would go if that came; undefined for the trip as it is. */
export const whatIf = (
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { whatIf: it, mishaps }: { whatIf: WhatIf | undefined; mishaps: Mishaps },
): WhatIfColumn => whatIfColumn(trip, plan, it, mishaps);
