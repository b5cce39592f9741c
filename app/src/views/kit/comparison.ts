import { computed, inject, Injectable } from '@angular/core';
import { JUDGED, rank, toBeat, type Ranking } from '@tinder/core/domain/kit';
import { CRITERIA, type Criterion } from '@tinder/core/domain/model';
import type { KitOnTrip } from '@tinder/core/studies/study';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { againstWords, missedWords } from '../../words/compare-words';
import { CRITERION_WORDS, measureText } from '../../words/kit-words';
import { Units } from '../../words/units';
import { KitStudy } from './kit-study';

/** One kit's cell in a row of the comparison. */
export interface CompareCell {
  id: string;
  name: string;
  points: number | null;
  /** Length of its bar, %. */
  share: number;
  judged: boolean;
  /** Points are typed here, the measure is not shown. */
  typed: boolean;
  /** The measure. */
  text: string;
  note: string;
  /** Of the measure to the first kit's. */
  difference: string;
}

/** The kits side by side, measured on this trip and ranked by the walker's weights; provided by the comparison. */
@Injectable()
export class Comparison {
  private readonly kitStudy = inject(KitStudy);
  private readonly units = inject(Units);
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);

  /** Weights and points of the score are no part of it: dragging them measures nothing anew. */
  readonly study = study(
    RESTING,
    () => {
      const trip = this.plans.current()?.trip;
      const { pieces, kits, spreadTrips, score } = this.kitStudy.rack();
      return trip && { trip, pieces, kits, spreadTrips, compared: score.compared };
    },
    ({ trip, compared }, run) => this.worker.ask('kits', { rack: this.kitStudy.rack(), trip }, { ids: compared }, run),
  );
  readonly measured = computed(() => this.study.last()?.answer);
  readonly stale = computed(() => !this.study.fresh());
  readonly score = computed(() => this.kitStudy.rack().score);

  /** The kits side by side that could be planned, in the walker's order. */
  readonly kits = computed((): KitOnTrip[] => this.score().compared.flatMap((id) => this.measured()?.kits.find((k) => k.id === id) ?? []));
  readonly ranking = computed((): Ranking => rank(this.kits(), this.score()));
  /** What would bring the second level with the first. */
  readonly toWin = computed(() => {
    const [first, second] = this.ranking().ranked;
    return second ? toBeat(this.kits(), this.score(), second.id, first.id) : [];
  });

  readonly columns = computed(() => {
    const { ranked } = this.ranking();
    const carried = this.kitStudy.carried();
    return this.score().compared.map((id) => {
      const kit = this.kits().find((k) => k.id === id);
      const at = ranked.findIndex((r) => r.id === id);
      return {
        id,
        name: this.nameOf(id),
        rank: at >= 0 ? `${at + 1}` : '',
        total: ranked[at]?.total.toFixed(2) ?? '',
        carried: carried?.id === id && carried.inStep,
        missed: missedWords(kit?.mealsMissed ?? 0),
      };
    });
  });
  readonly rows = computed(() =>
    CRITERIA.map((criterion) => ({
      criterion,
      words: CRITERION_WORDS[criterion],
      weight: this.score().weights[criterion],
      warm: criterion === 'fuelG',
      cells: this.score().compared.map((id) => this.cell(criterion, id)),
    })),
  );

  nameOf(id: string): string {
    return this.kitStudy.rack().kits.find((k) => k.id === id)?.name ?? '';
  }

  private cell(criterion: Criterion, id: string): CompareCell {
    const kit = this.kits().find((k) => k.id === id);
    const { points, judged } = this.ranking().ranked.find((r) => r.id === id)?.cells[criterion] ?? {};
    const value = kit?.measures[criterion];
    const difference = this.difference(criterion, kit, value);
    return {
      id,
      name: this.nameOf(id),
      difference,
      points: points ?? null,
      share: 20 * (points ?? 0),
      judged: judged ?? false,
      typed: this.score().inPoints || JUDGED.includes(criterion),
      text: this.text(criterion, kit),
      note: this.note(criterion, value) ?? difference,
    };
  }

  private text(criterion: Criterion, kit: KitOnTrip | undefined): string {
    const value = kit?.measures[criterion];
    if (value === undefined) return 'not known';
    return `${measureText(criterion, value, this.units)}${criterion === 'pricePerTrip' && kit?.price.assumed ? ' ≈' : ''}`;
  }

  /** Beside points the measure; undefined where the measure itself is shown. */
  private note(criterion: Criterion, value: number | undefined): string | undefined {
    if (!this.score().inPoints) return undefined;
    return value === undefined || JUDGED.includes(criterion) ? '' : measureText(criterion, value, this.units);
  }

  private difference(criterion: Criterion, kit: KitOnTrip | undefined, value: number | undefined): string {
    const reference = this.kits()[0];
    const was = reference?.measures[criterion];
    return kit === reference || was === undefined || value === undefined ? '' : againstWords(criterion, value, was, this.units);
  }
}
