import { inject, Injectable } from '@angular/core';
import { formatNumber, formatQuantity, unitBySymbol, type Quantity, type Unit } from '@tinder/core';
import { WorkspaceStore } from '../state/workspace-store';

/** Numbers in the units the walker prefers. Reading it inside a template or `computed` follows the preference. */
@Injectable({ providedIn: 'root' })
export class Units {
  private readonly store = inject(WorkspaceStore);

  unit(quantity: Quantity): Unit {
    return unitBySymbol(quantity, this.store.preferences().units[quantity]);
  }

  /** "14.8 g", "0.52 oz". */
  text(value: number, quantity: Quantity, decimals?: number): string {
    return formatQuantity(value, quantity, this.unit(quantity).symbol, decimals);
  }

  /** "14.8" */
  number(value: number, quantity: Quantity, decimals?: number): string {
    return formatNumber(value, quantity, this.unit(quantity).symbol, decimals);
  }

  /** A single meal's fuel: tenths of a gram, hundredths of an ounce. */
  mealMass(massG: number): string {
    return this.text(massG, 'mass', this.unit('mass').symbol === 'g' ? 1 : undefined);
  }
}
