import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { DRESSES, LIMITS, type CoolingTest } from '@tinder/core/domain/model';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { today } from '../../ui/today';
import { DRESS_WORDS } from '../../words/bench-words';
import { BenchStudy, TRIP_KIT } from './bench-study';
import { LoggerIntake, type TakenCurve } from './logger-intake';

/** A pot that cooled: its readings out of a logger’s file, and what they were read of. */
@Component({
  selector: 'app-cooling-intake',
  imports: [LoggerIntake, NzInputDirective, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-logger-intake (taken)="take($event)">
      <div class="heads two">
        <label class="name" for="cooling-name">Called</label>
        <input nz-input class="left" id="cooling-name" maxlength="80" [value]="name()" (input)="name.set($any($event.target).value)" />
        <app-pick-field label="Pot of" [options]="kits()" [value]="kitId()" (valueChange)="kitId.set($event)" />
        <app-pick-field label="Worn" [options]="dresses" [value]="dress()" (valueChange)="dress.set($event)" />
        <span class="name">Water in it</span>
        <app-quantity-field
          label="Water that cools"
          quantity="volume"
          [value]="waterMl()"
          [limits]="L.waterMl"
          (valueChange)="waterMl.set($event)"
        />
        <span class="name">Air</span>
        <app-quantity-field
          label="Air it cools in"
          quantity="temperature"
          [value]="airC()"
          [limits]="L.airC"
          (valueChange)="airC.set($event)"
        />
        <span class="name">Wind at the pot</span>
        <app-quantity-field
          label="Wind it cools in"
          quantity="speed"
          [decimals]="1"
          [value]="windMps()"
          [limits]="L.flameMps"
          (valueChange)="windMps.set($event)"
        />
      </div>
    </app-logger-intake>
  `,
  styleUrls: ['../../ui/rows.less', './bench.less'],
})
export class CoolingIntake {
  private readonly study = inject(BenchStudy);
  protected readonly L = LIMITS;
  protected readonly dresses = DRESSES.map((value) => ({ value, label: DRESS_WORDS[value] }));
  protected readonly name = signal('');
  protected readonly kitId = signal(TRIP_KIT);
  protected readonly dress = signal<CoolingTest['dress']>('lid');
  protected readonly waterMl = signal(500);
  protected readonly airC = signal(15);
  protected readonly windMps = signal(0);
  protected readonly kits = computed(() => this.study.kits().map((k) => ({ value: k.id, label: `${k.name}, ${k.kit.pot.name}` })));

  protected take({ file, points }: TakenCurve): void {
    const kit = this.study.kits().find((k) => k.id === this.kitId()) ?? this.study.kits()[0];
    if (!kit) return;
    const cooling: CoolingTest = {
      id: crypto.randomUUID(),
      on: today(),
      name: this.name().trim() || file.replace(/\.[a-z]+$/i, '').slice(0, 80) || DRESS_WORDS[this.dress()],
      pot: kit.kit.pot,
      dress: this.dress(),
      waterMl: this.waterMl(),
      airC: this.airC(),
      windMps: this.windMps(),
      curve: points,
    };
    if (this.study.edit('a pot that cooled', (b) => ({ ...b, coolings: [...b.coolings, cooling] }))) this.name.set('');
  }
}
