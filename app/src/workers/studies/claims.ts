import { claimOf, CLAIMS, type Claim } from '@tinder/core/studies/bench';
import { claimsStand, rangesOf, trailSetup, type ClaimStands } from '@tinder/core/studies/study';
import type { Subject } from '../subject';

/** How the sayings of the trade, and the walker's own, stand for the trip's dearest supper. */
export function claims({ trip, plan, rack }: Subject, { kitName }: { kitName: string }): ClaimStands[] {
  const own = rack.bench.claims.flatMap((c): Claim[] => {
    const claim = claimOf(c);
    return claim ? [claim] : [];
  });
  return claimsStand([...own, ...CLAIMS], trailSetup(trip, plan, kitName), rangesOf(trip, plan), rack.bench);
}
