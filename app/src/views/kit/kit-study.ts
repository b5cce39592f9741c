import { computed, inject, Injectable, signal } from '@angular/core';
import {
  addToKit,
  build,
  editRackKit,
  hardwareOfG,
  isInStep,
  tripAfterRackEdit,
  tripWithKit,
  type BuiltKit,
} from '@tinder/core/domain/kit';
import type { Piece, Rack, RackKit } from '@tinder/core/domain/model';
import { WorkspaceStore } from '../../store/workspace-store';

/**
 * The kit that is looked at, and every edit of the rack. A trip that carries a kit as it is on the rack follows its edits.
 */
@Injectable({ providedIn: 'root' })
export class KitStudy {
  private readonly store = inject(WorkspaceStore);
  private readonly chosen = signal<string | undefined>(undefined);

  readonly rack = this.store.rack;
  readonly kit = computed((): RackKit | undefined => {
    const { kits } = this.rack();
    const of = (id: string | undefined) => kits.find((k) => k.id === id);
    return of(this.chosen()) ?? of(this.store.trip().rackKitId) ?? kits[0];
  });
  /** Every kit with its base weight, g. */
  readonly weighed = computed(() => {
    const rack = this.rack();
    return rack.kits.map((kit) => ({ kit, massG: hardwareOfG(build(rack, kit).pieces) }));
  });
  readonly built = computed((): BuiltKit | undefined => {
    const kit = this.kit();
    return kit && build(this.rack(), kit);
  });
  /** How the open trip stands to a kit: carried as it is on the rack, carried and changed since, or not. */
  readonly carried = computed(() => {
    const trip = this.store.trip();
    const kit = this.rack().kits.find((k) => k.id === trip.rackKitId);
    return kit && { id: kit.id, inStep: isInStep(trip, this.rack()) };
  });

  open(id: string): void {
    this.chosen.set(id);
  }

  editRack(label: string, change: (r: Rack) => Rack): boolean {
    return this.store.editRackAndTrip(label, (rack, trip) => {
      const after = change(rack);
      return { rack: after, trip: tripAfterRackEdit(trip, rack, after) };
    });
  }

  editKit(label: string, change: (k: RackKit) => RackKit): void {
    const id = this.kit()?.id;
    if (id) this.editRack(label, (r) => editRackKit(r, id, change));
  }

  addPiece(piece: Piece): void {
    const id = this.kit()?.id;
    if (id) this.editRack(`add ${piece.name}`, (r) => addToKit(r, id, piece, () => crypto.randomUUID()));
  }

  /** Plans the open trip with a kit; what could not be planned changes nothing. */
  carry(kit: RackKit): void {
    this.store.editTrip(`carry ${kit.name}`, (trip) => {
      const changed = tripWithKit(trip, build(this.rack(), kit));
      return changed.ok ? changed.value : trip;
    });
  }
}
