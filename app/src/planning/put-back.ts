import { afterTrip, type Walked } from '@tinder/core/domain/shelf';
import { meanCanC } from '@tinder/core/studies/study';
import type { WorkspaceStore } from '../store/workspace-store';
import { today } from '../ui/today';
import type { Planned } from './plan-service';

/** The shelf after the open trip, as one step; the trip takes nothing more from it. `carries` are what it did to its containers. */
export function putBack(store: WorkspaceStore, label: string, { plan }: Planned, carries: readonly Walked[]): boolean {
  const how = { on: today(), canC: meanCanC(plan), newId: () => crypto.randomUUID() };
  return store.editRackAndTrip(label, (rack, trip) => ({
    rack: { ...rack, shelf: afterTrip(rack.shelf, trip, carries, how) },
    trip: { ...trip, own: [] },
  }));
}
