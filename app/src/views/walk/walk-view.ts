import { ChangeDetectionStrategy, Component, computed, effect, inject, linkedSignal, signal, untracked } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Ribbon } from '../../charts/ribbon';
import { BEYOND_PX } from '../../charts/ribbon-geometry';
import { Sides } from '../../commands/sides';
import { DayMarker } from '../../planning/day-marker';
import { PlanService } from '../../planning/plan-service';
import { StudyNote } from '../../ui/study-note';
import { AfterPanel } from './after-panel';
import { AheadPanel } from './ahead-panel';
import { GuidePanel } from './guide-panel';
import { LogPanel } from './log-panel';
import { endsOfDays } from './taper-geometry';
import { StandPanel } from './stand-panel';
import { TimerBar } from './timer-bar';
import { TodayPanel } from './today-panel';
import { WalkLog } from './walk-log';
import { WalkStudy } from './walk-study';
import { MissingPart } from '../../ui/missing-part';

const SIDES = [
  { value: 'today', label: 'Today' },
  { value: 'log', label: 'Log' },
  { value: 'ahead', label: 'Will it last' },
  { value: 'wrong', label: 'Trouble' },
  { value: 'after', label: 'After the walk' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Walk: the phone at dusk. Steps, log, forecast, and what to do when it is tight. */
@Component({
  selector: 'app-walk-view',
  imports: [
    AfterPanel,
    AheadPanel,
    GuidePanel,
    LogPanel,
    MissingPart,
    NzButtonComponent,
    Ribbon,
    Sides,
    StandPanel,
    StudyNote,
    TimerBar,
    TodayPanel,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Walk</h1>
    @if (plans.plan(); as plan) {
      <app-ribbon [plan]="plan" [low]="true" [left]="left()" [roomBeyond]="beyond" [style.margin-right.px]="beyond" />
    }
    @if (isRoomKnown()) {
      @if (log.walked()) {
        <app-timer-bar />
        <app-stand-panel [class.stale]="!study.asked.fresh()" (others)="side.set('ahead')" />
        <app-study-note [study]="study.asked" />
        <app-sides
          label="What to look at on the way"
          panelId="walk-side"
          [options]="sides"
          [value]="side()"
          (valueChange)="side.set($event)"
        />
        <div id="walk-side" role="tabpanel" [attr.aria-labelledby]="'walk-side-' + side()">
          @switch (side()) {
            @case ('today') {
              @if (study.walking() || study.asked.problem()) {
                <app-today-panel />
              }
            }
            @case ('log') {
              @defer (on immediate) {
                <app-log-panel />
              } @error {
                <app-missing-part />
              }
            }
            @case ('ahead') {
              @defer (on immediate) {
                <app-ahead-panel />
              } @error {
                <app-missing-part />
              }
            }
            @case ('wrong') {
              @defer (on immediate) {
                <app-guide-panel />
              } @error {
                <app-missing-part />
              }
            }
            @case ('after') {
              @defer (on immediate) {
                <app-after-panel />
              } @error {
                <app-missing-part />
              }
            }
          }
        </div>
      } @else {
        <p class="big">
          On the way this page shows the next dish step by step with its timers, keeps the log, and says whether the fuel lasts. Everything
          works without a signal. Your own meals, readings and spills teach it how thirsty the stove really is.
        </p>
        <button nz-button nzType="primary" class="strong-act big" type="button" [disabled]="!plans.current()" (click)="log.begin()">
          Walk this trip
        </button>
      }
    }
  `,
  styleUrls: ['../../commands/sides-view.less', './walk.less'],
  styles: `
    :host {
      @media (max-width: 720px) {
        --gutter: 3.875rem;
      }
    }
    app-ribbon {
      display: block;
      margin-left: var(--gutter);
    }
    // room for what is said first, so that nothing jumps when it is known
    app-stand-panel {
      min-height: 9rem;
    }
    @media (max-width: 1180px) {
      app-stand-panel {
        min-height: 20rem;
      }
    }
  `,
})
export class WalkView {
  protected readonly beyond = BEYOND_PX;
  protected readonly plans = inject(PlanService);
  protected readonly log = inject(WalkLog);
  protected readonly study = inject(WalkStudy);
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('today');

  /** The ribbon has been there, or none came: what stands under it is not moved any more, and stays while another plan is on its way. */
  protected readonly isRoomKnown = linkedSignal<boolean, boolean>({
    source: () => !!this.plans.plan() || !!this.plans.failed() || this.plans.stopped(),
    computation: (isKnown, before) => isKnown || !!before?.value,
  });

  constructor() {
    const marker = inject(DayMarker);
    const day = computed(() => this.study.walking()?.here.day);
    // ribbon and verdict speak of where one stands
    effect(() => {
      const here = day();
      if (here !== undefined) untracked(() => marker.goTo(here));
    });
  }

  /** Ends of days on the ribbon: as they were known, then as they are reckoned with. */
  protected readonly left = computed(() => {
    const here = this.study.walking()?.here;
    return here ? endsOfDays(here) : [];
  });
}
