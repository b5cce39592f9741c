import { inject, Injectable } from '@angular/core';
import { unitBySymbol, type Quantity, type Unit } from '@tinder/core/foundation/units';
import { Units } from '../words/units';
import { WorkspaceStore } from './workspace-store';

/** The units of the walker's preferences. */
@Injectable({ providedIn: 'root' })
export class PreferredUnits extends Units {
  private readonly store = inject(WorkspaceStore);

  unit(quantity: Quantity): Unit {
    return unitBySymbol(quantity, this.store.preferences().units[quantity]);
  }
}
