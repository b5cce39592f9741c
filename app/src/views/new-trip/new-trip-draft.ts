import { computed, inject, Injectable, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, FormGroup } from '@angular/forms';
import { filter, map, merge } from 'rxjs';
import { build, tripWithKit } from '@tinder/core/domain/kit';
import type { Trip } from '@tinder/core/domain/model';
import { riskLimit } from '@tinder/core/planning/risk';
import { startTrip, starterAnswers, type StarterAnswers } from '@tinder/core/domain/trail';
import { DayMarker } from '../../planning/day-marker';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { withNewTrips } from '../../store/workspace';
import { WorkspaceStore } from '../../store/workspace-store';
import { riskWords, type RiskSaid } from '../../words/risk-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';

const OPEN_TRIPS_KIT = 'open';

/** The trip that is being answered for: it stays until it is made or given up, wherever the walker looks meanwhile; nothing of it is saved before. */
@Injectable({ providedIn: 'root' })
export class NewTripDraft {
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  private readonly worker = inject(StudyWorker);
  private readonly units = inject(Units);

  /** The kits that can be planned with, and that of the open trip; with the trip that lends them. */
  readonly kits = computed(() => {
    const [rack, open] = [this.store.rack(), this.store.trip()];
    const ofRack = rack.kits.flatMap((k) => {
      const changed = tripWithKit(open, build(rack, k));
      return changed.ok ? [{ value: k.id, label: sentenceStart(k.name), trip: changed.value }] : [];
    });
    return [{ value: OPEN_TRIPS_KIT, label: `As in ${open.name}`, trip: open }, ...ofRack];
  });
  /** One control for each question. Its answer is assumed while the control is pristine. */
  readonly form = new FormGroup(controlsOf(starterAnswers(this.store.trip(), nextYear())));
  readonly kitId = new FormControl(OPEN_TRIPS_KIT, { nonNullable: true });
  private readonly kitPicked = toSignal(this.kitId.valueChanges, { initialValue: OPEN_TRIPS_KIT });
  private readonly base = computed((): Trip => this.kits().find((k) => k.value === this.kitPicked())?.trip ?? this.store.trip());
  /** Is the form on screen? Only then is it planned. */
  private readonly isOpen = signal(false);
  private readonly answered = toSignal(this.form.valueChanges.pipe(map(() => this.read())), { initialValue: this.read() });
  readonly answers = computed((): StarterAnswers => this.answered().answers);

  readonly study = study(
    RESTING,
    () => (this.isOpen() ? { trip: this.base(), answers: this.answers() } : undefined),
    ({ trip, answers }, run) => this.worker.ask('draft', { trip }, { answers }, run),
  );
  /** What the answers come to; the one before while they are planned. */
  readonly draft = computed(() => this.study.last()?.answer);
  /** How its first leg stands against the limit; undefined while nothing is planned, and where nothing can run out. */
  readonly firstLegRisk = computed((): RiskSaid | undefined => {
    const d = this.draft();
    const risk = d?.risks[0];
    return d && risk && riskWords(risk, d.plan.carries[0], riskLimit(d.trip), this.units);
  });

  constructor() {
    const { supperAirC, breakfastAirC, fromClimate } = this.form.controls;
    merge(supperAirC.valueChanges, breakfastAirC.valueChanges) // air that is typed stands in place of the climate's
      .pipe(filter(() => (supperAirC.dirty || breakfastAirC.dirty) && fromClimate.value))
      .subscribe(() => fromClimate.setValue(false));
  }

  isAssumed(key: keyof StarterAnswers): boolean {
    return !this.answered().typed.has(key);
  }

  /** The form comes on screen; what was not answered yet is assumed of the open trip. */
  open(): void {
    const typed = this.answered().typed;
    const assumed = Object.entries(starterAnswers(this.store.trip(), nextYear())).filter(([key]) => !typed.has(key));
    this.form.patchValue(Object.fromEntries(assumed));
    this.isOpen.set(true);
  }

  close(): void {
    this.isOpen.set(false);
  }

  forget(): void {
    this.form.reset(starterAnswers(this.store.trip(), nextYear()));
    this.kitId.reset();
  }

  /** Makes the trip, opens it and forgets the answers; false where something cannot be read or could not be kept, and they stay. */
  make(): boolean {
    if (this.form.invalid) return false;
    const trip = startTrip(this.base(), this.answers(), () => crypto.randomUUID());
    if (!this.store.edit(`new trip, ${trip.name}`, (w) => withNewTrips(w, [{ trip, archived: false }]))) return false;
    this.forget();
    this.marker.release();
    this.marker.goTo(1);
    return true;
  }

  /** What the form holds, and which questions were answered by the walker. */
  private read(): { answers: StarterAnswers; typed: Set<string> } {
    const typed = Object.entries(this.form.controls).flatMap(([key, control]) => (control.dirty ? [key] : []));
    return { answers: this.form.getRawValue(), typed: new Set(typed) };
  }
}

const controlsOf = (a: StarterAnswers): { [K in keyof StarterAnswers]: FormControl<StarterAnswers[K]> } => {
  const of = <T>(value: T): FormControl<T> => new FormControl(value, { nonNullable: true });
  return Object.fromEntries(Object.entries(a).map(([key, value]) => [key, of(value)])) as ReturnType<typeof controlsOf>;
};

const nextYear = (): number => new Date().getFullYear() + 1;
