import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { METRIC, US_CUSTOMARY, type Quantity, type UnitPreferences } from '@tinder/core/foundation/units';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice, type Option } from '../ui/choice';
import { Commands } from '../commands/commands';
import { Dialog } from '../ui/dialog';
import { DRAWER } from '../ui/nz/drawer';

const OFFERED: readonly { quantity: Quantity; label: string; symbols: readonly string[] }[] = [
  { quantity: 'mass', label: 'Weights', symbols: ['g', 'oz'] },
  { quantity: 'volume', label: 'Water and alcohol', symbols: ['mL', 'fl oz', 'cups', 'L'] },
  { quantity: 'temperature', label: 'Temperatures', symbols: ['°C', '°F'] },
  { quantity: 'altitude', label: 'Heights', symbols: ['m', 'ft'] },
  { quantity: 'distance', label: 'Distances', symbols: ['km', 'mi'] },
  { quantity: 'speed', label: 'Wind', symbols: ['m/s', 'km/h', 'mph'] },
  { quantity: 'price', label: 'Money, not converted', symbols: ['€', '$', '£', 'kr'] },
  { quantity: 'length', label: 'Pots', symbols: ['mm', 'in'] },
];

/** Units per quantity, with two usual sets. */
@Component({
  selector: 'app-settings-drawer',
  imports: [Choice, DRAWER, Dialog, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-drawer [nzVisible]="commands.panel() === 'settings'" nzWidth="22.5rem" [nzClosable]="false" (nzOnClose)="commands.close()">
      <ng-container *nzDrawerContent>
        @if (commands.panel() === 'settings') {
          <section appDialog aria-labelledby="settings-title">
            <h2 id="settings-title">Units</h2>
            <p class="quiet">Shown everywhere. In a field you can type any unit.</p>
            @for (o of offered; track o.quantity) {
              <div class="line as-written">
                <span>{{ o.label }}</span>
                <app-choice
                  [label]="'Unit of ' + o.label"
                  [options]="options(o.symbols)"
                  [value]="store.preferences().units[o.quantity]"
                  (valueChange)="choose(o.quantity, $event)"
                />
              </div>
            }
            <p class="sets">
              <button nz-button nzSize="small" type="button" (click)="all(metric)">All metric</button>
              <button nz-button nzSize="small" type="button" (click)="all(us)">All US customary</button>
            </p>
            <button nz-button nzSize="small" type="button" (click)="commands.close()">Close <kbd>Esc</kbd></button>
          </section>
        }
      </ng-container>
    </nz-drawer>
  `,
  styles: `
    .line {
      display: grid;
      grid-template-columns: 8.125rem 1fr;
      padding: 0.25rem 0;
      border-top: 1px solid var(--hairline);
    }
    p {
      margin: 0 0 0.5rem;
    }
    .sets {
      display: flex;
      gap: 1.5rem;
      margin: 0;
      padding: 0.5rem 0 1rem;
      border-top: 1px solid var(--hairline);
    }
    kbd {
      margin-left: 0.375rem;
      font: inherit;
    }
  `,
})
export class SettingsDrawer {
  protected readonly commands = inject(Commands);
  protected readonly store = inject(WorkspaceStore);
  protected readonly offered = OFFERED;
  protected readonly metric = METRIC;
  protected readonly us = US_CUSTOMARY;

  protected options(symbols: readonly string[]): Option[] {
    return symbols.map((s) => ({ value: s, label: s }));
  }

  protected choose(quantity: Quantity, symbol: string): void {
    this.all({ ...this.store.preferences().units, [quantity]: symbol });
  }

  protected all(units: UnitPreferences): void {
    this.store.editPreferences('units', { units: { ...units } });
  }
}
