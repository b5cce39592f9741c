import { ChangeDetectionStrategy, Component, computed, DestroyRef, ElementRef, inject, signal } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzTagComponent } from 'ng-zorro-antd/tag';
import { clamp, LIMITS } from '@tinder/core/domain/model';
import { addDays, daysBetween } from '@tinder/core/domain/trail';
import { Commands } from '../../commands/commands';
import { Choice } from '../../ui/choice';
import { DateField } from '../../ui/date-field';
import { FormItem } from '../../ui/form-item';
import { Opened } from '../../ui/opened';
import { optionsOf, PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { SwitchField } from '../../ui/switch-field';
import { dayCountWords, WATER_WORDS } from '../../words/leg-words';
import { Units } from '../../words/units';
import { windSpeeds } from '../../words/wind-words';
import { DraftAnswer } from './draft-answer';
import { DraftRibbon } from './draft-ribbon';
import { NewTripDraft } from './new-trip-draft';
import { NumberAnswer } from './number-answer';

/** A new trip in one form: every question has an answer that is assumed until it is typed over, and the plan of it stands beside. */
@Component({
  selector: 'app-new-trip-view',
  imports: [
    Choice,
    DateField,
    DraftAnswer,
    DraftRibbon,
    FormItem,
    NzButtonComponent,
    NumberAnswer,
    NzTagComponent,
    Opened,
    PickField,
    QuantityField,
    ReactiveFormsModule,
    SwitchField,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './new-trip-view.html',
  styleUrl: './new-trip-view.less',
})
export class NewTripView {
  protected readonly draft = inject(NewTripDraft);
  protected readonly commands = inject(Commands);
  private readonly router = inject(Router);
  private readonly units = inject(Units);
  protected readonly nightLimits = { min: 1, max: LIMITS.tripDays.max - 1 };
  protected readonly lengths = [
    { value: 'nights', label: 'Nights' },
    { value: 'dates', label: 'Dates' },
  ] as const;
  protected readonly ends = optionsOf({ breakfast: 'Breakfast', supper: 'Dinner' });
  protected readonly waters = WATER_WORDS;
  protected readonly winds = computed(() => windSpeeds(this.units));
  protected readonly length = signal<'nights' | 'dates'>('nights');
  protected readonly days = computed(() => dayCountWords(this.draft.answers().nights + 1));
  protected readonly lastDay = computed(() => addDays(this.draft.answers().startDate, this.draft.answers().nights));
  protected readonly wayWords = computed(() => {
    const { kmADay, ascentM, stops } = this.draft.answers();
    const way = `${this.units.text(kmADay, 'distance')}, ${this.units.text(ascentM, 'altitude')} up a day`;
    return stops ? `${way}, ${stops} ${stops === 1 ? 'stop' : 'stops'}` : way;
  });
  protected readonly wayAssumed = computed(() =>
    (['kmADay', 'ascentM', 'stops', 'altitudeM'] as const).every((k) => this.draft.isAssumed(k)),
  );
  /** Something on the form could not be read when the trip was to be made. */
  protected readonly unread = signal(false);
  private readonly page = inject<ElementRef<HTMLElement>>(ElementRef);

  constructor() {
    this.draft.open();
    inject(DestroyRef).onDestroy(() => this.draft.close());
  }

  /** The last day moves the number of nights, within what can be planned. */
  protected endOn(day: string): void {
    const { nights } = this.draft.form.controls;
    nights.markAsDirty();
    nights.setValue(clamp(daysBetween(this.draft.answers().startDate, day), this.nightLimits));
  }

  protected make(): void {
    this.unread.set(this.draft.form.invalid);
    if (this.unread()) return this.page.nativeElement.querySelector<HTMLElement>('[aria-invalid=true]')?.focus();
    if (this.draft.make()) void this.router.navigateByUrl('/carry');
  }

  protected cancel(): void {
    this.draft.forget();
    void this.router.navigateByUrl('/carry');
  }
}
