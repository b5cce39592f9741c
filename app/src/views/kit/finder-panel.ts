import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { AXES, bestOfSchools, type FoundKit } from '@tinder/core/studies/found';
import { weightSums } from '@tinder/core/planning/plan';
import { stoveMinutesADay } from '@tinder/core/studies/study';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { StudyNote } from '../../ui/study-note';
import { AXIS_LABELS, type FrontAxis } from '../../words/finder-words';
import { FinderChart, type OwnPoint } from './finder-chart';
import { FinderFrom } from './finder-from';
import { FinderSchools } from './finder-schools';
import { FinderSearch } from './finder-search';
import { FinderWish } from './finder-wish';
import { FoundKitCard, type OwnKit } from './found-kit-card';

/** Which stove, fuel, pot and way of cooking for this trip, out of everything there is: the front that nothing beats, the answer, the best of each school. */
@Component({
  selector: 'app-finder-panel',
  imports: [Choice, FinderChart, FinderFrom, FinderSchools, FinderWish, FoundKitCard, NzButtonComponent, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="hidden-text">Find the best kit for {{ store.trip().name }}</h2>
    <div class="one-look stacked">
      <div class="first">
        <div class="line">
          <app-finder-from />
          @if (chosen()) {
            <span class="pair">
              <span class="name">Weight against</span>
              <app-choice label="What weight is set against" [options]="axes()" [value]="axis()" (valueChange)="wantedAxis.set($event)" />
            </span>
          }
        </div>
        @if (!search.asked()) {
          <div class="ask">
            <p>
              Every kit that your gear and the catalogue allow is tried on {{ store.trip().name }}, leg by leg: a few hundred, some ten
              seconds.
            </p>
            <button nz-button nzType="primary" nzSize="large" type="button" (click)="search.asked.set(true)">Find</button>
          </div>
        } @else {
          <app-study-note [study]="search.study" of="kits settled" />
        }
        @if (state(); as s) {
          @if (!s.isDone || !search.study.fresh()) {
            <p class="quiet" role="status">So far: better ones may still come.</p>
          }
          @if (chosen(); as c) {
            <app-finder-chart
              [kits]="s.kits"
              [axis]="axis()"
              [worthOf]="worthOf()"
              [chosen]="c"
              [own]="ownPoint()"
              (chosenChange)="choose($event)"
            />
          } @else {
            <p class="error">
              No kit cooks every wanted meal here. Loosen the conditions, or look below for what comes nearest and why it is no answer.
            </p>
          }
        }
        <app-finder-wish />
        @if (state(); as s) {
          <p class="quiet">
            {{ s.total }} kits compared, {{ s.planned }} of them planned in full. Every point cooks each wanted meal on every leg.
          </p>
        }
      </div>
      @if (chosen(); as c) {
        <app-found-kit class="answer" [found]="c" [own]="own()" />
      }
      @if (state()) {
        <app-finder-schools class="then" [schools]="schools()" (chosenChange)="choose($event)" />
      }
    </div>
  `,
  styleUrl: '../../parts/answer/one-look.less',
  styles: `
    :host {
      display: block;
    }
    .line {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem 1.5rem;
      justify-content: space-between;
      align-items: center;
      margin-bottom: 0.75rem;
    }
    .pair {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 0.75rem;
      align-items: center;
    }
    .ask {
      display: grid;
      gap: 0.75rem;
      place-content: center;
      justify-items: center;
      min-height: 16rem;
      margin-bottom: 0.75rem;
      background: var(--ground-sunk);
      text-align: center;
      p {
        max-width: 48ch;
        margin: 0;
      }
    }
  `,
})
export class FinderPanel {
  protected readonly search = inject(FinderSearch);
  protected readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);

  /** Chances take a little longer: they are offered once they are there. */
  protected readonly axes = computed(() =>
    [...AXES, ...(this.search.chances() ? (['runsOut'] as const) : [])].map((value) => ({ value, label: AXIS_LABELS[value] })),
  );
  protected readonly wantedAxis = signal<FrontAxis>('minutesADay');
  protected readonly axis = computed(() => (this.wantedAxis() === 'runsOut' && !this.search.chances() ? 'minutesADay' : this.wantedAxis()));
  protected readonly state = this.search.state;
  protected readonly worthOf = computed(() => {
    const [axis, chances] = [this.axis(), this.search.chances()];
    return (found: FoundKit): number => (axis === 'runsOut' ? (chances?.get(found.number) ?? 1) : found.measured[axis]);
  });
  /** The trip as it is planned now. */
  protected readonly own = computed((): OwnKit | undefined => {
    const plan = this.plans.plan();
    return plan && { averageG: weightSums(plan).averageG, minutesADay: stoveMinutesADay(plan) };
  });
  /** The same on the axes; its chance of running out is told leg by leg, elsewhere. */
  protected readonly ownPoint = computed((): OwnPoint | undefined => {
    const [own, axis] = [this.own(), this.axis()];
    if (!own || axis === 'runsOut') return undefined;
    return { averageG: own.averageG, worth: axis === 'price' ? 0 : own.minutesADay };
  });
  protected readonly schools = computed(() => bestOfSchools(this.state()?.kits ?? []));
  private readonly chosenNumber = signal<number | undefined>(undefined);
  /** The best of all where none is chosen. */
  protected readonly chosen = computed((): FoundKit | undefined => {
    const answers = (this.state()?.kits ?? []).filter((f) => !f.fails);
    const [best] = this.schools();
    return answers.find((f) => f.number === this.chosenNumber()) ?? (best?.fails ? undefined : best);
  });

  protected choose(number: number): void {
    this.chosenNumber.set(number);
  }
}
