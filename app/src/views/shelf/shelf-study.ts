import { computed, inject, Injectable, signal } from '@angular/core';
import { isGas, burnerById } from '@tinder/core/domain/catalogue';
import type { BlendByMass } from '@tinder/core/physics/fuel';
import { badLook, type LookProblem, type Place, type ShelfItem } from '@tinder/core/domain/model';
import {
  asContainer,
  coldestAirC,
  placeOn,
  pricePerG,
  refreshed,
  seasonOf,
  stockOf,
  withItem,
  withPlace,
  type Stock,
} from '@tinder/core/domain/shelf';
import { SEA_LEVEL_PA } from '@tinder/core/physics/water';
import { WorkspaceStore } from '../../store/workspace-store';

/** A container with what is known of it. */
export interface Shelved {
  item: ShelfItem;
  stock: Stock;
  container: ReturnType<typeof asContainer>;
  /** The coldest air, at sea level, in which a can still feeds a usable flame, °C; absent for what no cold weakens. */
  coldestC?: number | undefined;
  season?: ReturnType<typeof seasonOf>;
  perG: number | undefined;
  place: Place;
}

/** An edit that a look speaks against. */
export interface Refusal {
  id: string;
  on: string;
  problem: LookProblem;
}

/** The shelf, the container that is looked at, and every edit. The open trip follows at once: it knows its containers as they stand. */
@Injectable({ providedIn: 'root' })
export class ShelfStudy {
  private readonly store = inject(WorkspaceStore);
  private readonly chosen = signal<string | undefined>(undefined);

  private readonly refusedSignal = signal<Refusal | undefined>(undefined);
  /** Why the last edit of a container was not taken; undefined where it was. */
  readonly refused = this.refusedSignal.asReadonly();

  readonly items = computed(() => this.store.rack().shelf);
  /** How this trip's burner takes gas from a can; vapour where it burns something else. */
  private readonly feed = computed(() => {
    const burner = burnerById(this.store.trip().kit.burnerId);
    return isGas(burner) ? burner.feed : 'vapour';
  });

  readonly shelved = computed((): Shelved[] => this.items().map((item) => this.shelvedOf(item)));
  readonly open = computed((): Shelved | undefined => {
    const list = this.shelved();
    return list.find((s) => s.item.id === this.chosen()) ?? list[0];
  });

  /** The coldest air, at sea level, in which such a liquid feeds this trip's burner, °C; undefined where it does so nowhere up to 30 °C. */
  coldestC(blend: BlendByMass): number | undefined {
    return coldestAirC(blend, this.feed(), SEA_LEVEL_PA);
  }

  private shelvedOf(item: ShelfItem): Shelved {
    const stock = stockOf(item);
    const coldestC = stock.blend && this.coldestC(stock.blend);
    return {
      item,
      stock,
      container: asContainer(item, stock),
      ...(stock.blend ? { coldestC, season: seasonOf(coldestC) } : {}),
      perG: pricePerG(item),
      place: placeOn(this.store.trip(), item.id),
    };
  }

  choose(id: string): void {
    this.refusedSignal.set(undefined);
    this.chosen.set(id);
  }

  /** Changes the shelf; the open trip knows it at once. */
  edit(label: string, change: (shelf: readonly ShelfItem[]) => ShelfItem[]): boolean {
    return this.store.editRackAndTrip(label, (rack, trip) => {
      const shelf = change(rack.shelf);
      return { rack: { ...rack, shelf }, trip: refreshed(trip, shelf) };
    });
  }

  /** Changes one container; false where a look at it would not go with it any more: then nothing has changed, and `refused` says why. */
  editItem(label: string, id: string, change: (item: ShelfItem) => ShelfItem): boolean {
    const item = this.items().find((c) => c.id === id);
    if (!item) return false;
    const changed = change(item);
    const bad = badLook(changed);
    this.refusedSignal.set(bad && { id, on: changed.looks[bad.look].on, problem: bad.problem });
    return !bad && this.edit(label, (shelf) => withItem(shelf, id, () => changed));
  }

  /** Where a container shall be on the open trip. */
  put(item: ShelfItem, place: Place): void {
    const words = place === 'home' ? 'leave at home' : 'take along';
    this.store.editTrip(`${words}: ${item.name}`, (t) => withPlace(t, item, place));
  }
}
