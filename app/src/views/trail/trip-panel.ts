import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { daysOf, LIMITS } from '@tinder/core/domain/model';
import { dayCount } from '@tinder/core/domain/trail';
import { Commands } from '../../commands/commands';
import { WorkspaceStore } from '../../store/workspace-store';
import { DateField } from '../../ui/date-field';
import { QuantityField } from '../../ui/quantity-field';
import { Units } from '../../words/units';
import { takeName } from '../../ui/take-name';

/** The trip as a whole: its name, when and where; and the ways in and out of it. */
@Component({
  selector: 'app-trip-panel',
  imports: [DateField, NzButtonComponent, NzInputDirective, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Trip</h2>
    @let t = store.trip();
    <div class="line">
      <label class="name" for="trip-name">Name</label>
      <input id="trip-name" nz-input class="left" maxlength="80" [value]="t.name" (change)="rename($any($event.target))" />
    </div>
    <div class="line">
      <label class="name" for="start-date">Starts</label>
      <app-date-field fieldId="start-date" [value]="t.startDate" (valueChange)="start($event)" />
    </div>
    <div class="line">
      <span class="name">Latitude</span>
      <app-quantity-field
        label="Latitude, south below zero"
        quantity="latitude"
        [value]="t.latitudeDeg"
        [limits]="L.latitudeDeg"
        (valueChange)="latitude($event)"
      />
    </div>
    <p class="sum">{{ sums() }}</p>
    <p class="acts">
      @for (id of ['newTrip', 'trips', 'calendar', 'waypoints', 'export']; track id) {
        @let c = command(id);
        <button nz-button nzSize="small" type="button" [disabled]="!c?.enabled" (click)="commands.run(id)">{{ c?.label }}</button>
      }
    </p>
    @if (!command('waypoints')?.enabled) {
      <p class="quiet note">Only a trip made from a GPX track has waypoints to export.</p>
    }
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    input.left {
      width: 100%;
      text-align: left;
    }
    app-quantity-field {
      width: 4.75rem;
    }
    .sum {
      margin: 0.5rem 0;
    }
    .acts {
      display: grid;
      justify-items: start;
      margin: 0;
    }
  `,
})
export class TripPanel {
  protected readonly store = inject(WorkspaceStore);
  protected readonly commands = inject(Commands);
  private readonly units = inject(Units);
  protected readonly L = LIMITS;

  protected readonly sums = computed(() => {
    const trip = this.store.trip();
    const days = daysOf(trip);
    const km = days.reduce((sum, d) => sum + d.km, 0);
    const ascentM = days.reduce((sum, d) => sum + d.ascentM, 0);
    const off = days.filter((d) => d.km === 0).length;
    return `${dayCount(trip)} days${off ? `, ${off} of them without walking` : ''}; ${this.units.text(km, 'distance')} and ${this.units.text(ascentM, 'altitude')} up.`;
  });

  protected command(id: string) {
    return this.commands.list().find((c) => c.id === id);
  }

  protected rename(field: HTMLInputElement): void {
    const name = takeName(field, this.store.trip().name);
    this.store.editTrip('name', (t) => (t.name === name ? t : { ...t, name }));
  }

  protected start(startDate: string): void {
    this.store.editTrail('start', (t) => ({ ...t, startDate }));
  }

  protected latitude(latitudeDeg: number): void {
    this.store.editTrail('latitude', (t) => ({ ...t, latitudeDeg }));
  }
}
