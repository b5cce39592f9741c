import { computed, inject, Injectable, signal } from '@angular/core';
import { build, tripWithKit } from '@tinder/core/kit';
import type { Trip } from '@tinder/core/model';
import { riskLimit } from '@tinder/core/risk';
import { startTrip, starterAnswers, type StarterAnswers } from '@tinder/core/trail';
import { DayMarker } from '../planning/day-marker';
import { RESTING, study } from '../planning/study';
import { StudyWorker } from '../planning/study-worker';
import { withNewTrips } from '../store/workspace';
import { WorkspaceStore } from '../store/workspace-store';
import { riskWords, type RiskSaid } from '../words/risk-words';
import { sentenceStart } from '../words/sentence-start';
import { Units } from '../words/units';

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
  readonly kitId = signal(OPEN_TRIPS_KIT);
  private readonly base = computed((): Trip => this.kits().find((k) => k.value === this.kitId())?.trip ?? this.store.trip());
  /** Is the form on screen? Only then is it planned. */
  readonly isOpen = signal(false);
  private readonly answered = signal<Partial<StarterAnswers>>({});
  private readonly assumed = computed(() => starterAnswers(this.store.trip(), nextYear()));
  readonly answers = computed((): StarterAnswers => ({ ...this.assumed(), ...this.answered() }));

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

  isAssumed(key: keyof StarterAnswers): boolean {
    return !(key in this.answered());
  }

  /** Answers; air that is typed stands in place of the climate's. */
  set(change: Partial<StarterAnswers>): void {
    const isAir = 'supperAirC' in change || 'breakfastAirC' in change;
    this.answered.update((a) => ({ ...a, ...(isAir ? { fromClimate: false } : {}), ...change }));
  }

  forget(): void {
    this.answered.set({});
    this.kitId.set(OPEN_TRIPS_KIT);
  }

  /** Makes the trip, opens it and forgets the answers; false where it could not be kept, and they stay. */
  make(): boolean {
    const trip = startTrip(this.base(), this.answers(), () => crypto.randomUUID());
    if (!this.store.edit(`new trip, ${trip.name}`, (w) => withNewTrips(w, [{ trip, archived: false }]))) return false;
    this.forget();
    this.marker.release();
    this.marker.goTo(1);
    return true;
  }
}

const nextYear = (): number => new Date().getFullYear() + 1;
