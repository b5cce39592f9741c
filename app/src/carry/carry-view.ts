import { ChangeDetectionStrategy, Component, computed, inject, signal, viewChild } from '@angular/core';
import { DayRule } from '../charts/day-rule';
import { Ribbon } from '../charts/ribbon';
import { WeightChart } from '../charts/weight-chart';
import { CloserLook } from '../closer/closer-look';
import { PlanService } from '../planning/plan-service';
import { Sides } from '../commands/sides';
import { downloadFigureSvg } from '../platform/export-figure';
import { AnswerColumn } from '../answer/answer-column';
import { BalancePanel } from './balance-panel';
import { CrossingsPanel } from './crossings-panel';
import { KitLines } from './kit-lines-service';
import { KitPanel } from './kit-panel';
import { LegsPanel } from './legs-panel';
import { MealsPanel } from './meals-panel';
import { ShopPanel } from './shop-panel';
import { SupperMinutes } from './supper-minutes';
import { WalkPanel } from './walk-panel';
import { WeightCounting } from './weight-counting';
import { WeightSumsLine } from './weight-sums';
import { WhatIfPanel } from './what-if-panel';
import { inSteps } from '../ui/in-steps';
import { screenIs } from '../ui/wide-screen';

const SIDES = [
  { value: 'stop', label: 'out of the stop' },
  { value: 'legs', label: 'leg by leg' },
  { value: 'shop', label: 'at the shop' },
  { value: 'crossings', label: 'other lengths' },
  { value: 'balance', label: 'weight and risk' },
  { value: 'whatIf', label: 'what if' },
] as const;
type Side = (typeof SIDES)[number]['value'];
/** Ribbon, answer, chart, walk, kit, meals, the closer look. */
const PARTS = 7;

/** Carry: what leaves the stop, what it weighs along the way, and everything that moves it. */
@Component({
  selector: 'app-carry-view',
  imports: [
    AnswerColumn,
    BalancePanel,
    CloserLook,
    CrossingsPanel,
    DayRule,
    KitPanel,
    LegsPanel,
    MealsPanel,
    Ribbon,
    ShopPanel,
    Sides,
    SupperMinutes,
    WalkPanel,
    WeightChart,
    WeightCounting,
    WeightSumsLine,
    WhatIfPanel,
  ],
  providers: [KitLines],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Carry</h1>
    @if (step() >= 1 && plans.planned(); as p) {
      <div [class.answers]="side() === 'stop'">
        @if (step() >= axisStep()) {
          <div class="axis">
            <app-ribbon [plan]="p.plan" [low]="true" />
            <div class="heading">
              <app-sides label="What to look at" panelId="carry-side" [options]="sides" [value]="side()" (valueChange)="side.set($event)" />
              @if (weighs()) {
                <app-weight-counting (export)="save()" />
              }
            </div>
            @if (weighs() && step() >= 3) {
              <app-weight-chart #chart [plan]="p.plan" [others]="others()" [height]="140" />
            }
            <app-day-rule />
          </div>
        }
        @if (weighs() && step() >= 3) {
          <app-weight-sums />
        }
        <div id="carry-side" class="side" role="tabpanel" [attr.aria-labelledby]="'carry-side-' + side()">
          @switch (step() >= (side() === 'stop' ? answerStep() : 3) ? side() : undefined) {
            @case ('stop') {
              @if (plans.carry(); as carry) {
                <app-answer-column [carry]="carry" [plan]="p.plan" />
              }
              <div class="panels">
                @if (step() >= 4) {
                  <app-walk-panel />
                }
                @if (step() >= 5) {
                  <app-kit-panel />
                }
                @if (step() >= 6) {
                  <div class="meals">
                    <app-meals-panel [plan]="p.plan" />
                    @if (plans.carry(); as carry) {
                      <app-supper-minutes [carry]="carry" />
                    }
                  </div>
                }
              </div>
              @if (step() === PARTS) {
                <app-closer-look />
              }
            }
            @case ('legs') {
              <app-legs-panel />
            }
            @case ('shop') {
              <app-shop-panel />
            }
            @case ('crossings') {
              <app-crossings-panel />
            }
            @case ('balance') {
              <app-balance-panel />
            }
            @case ('whatIf') {
              <app-what-if-panel />
            }
          }
        </div>
      </div>
    }
  `,
  styleUrl: './carry-view.less',
})
export class CarryView {
  protected readonly plans = inject(PlanService);
  private readonly kitLines = inject(KitLines);
  private readonly chart = viewChild<WeightChart>('chart');
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('stop');
  /** The verdict first, then the view part by part. */
  protected readonly step = inSteps(PARTS, () => this.plans.planned() !== undefined);
  protected readonly PARTS = PARTS;
  /** Where the answer stands above all else (carry-view.less), so that nothing is drawn before it and pushed down. */
  private readonly answersFirst = screenIs('(max-width: 1180px)');
  protected readonly answerStep = computed(() => (this.answersFirst() ? 1 : 2));
  protected readonly axisStep = computed(() => (this.answersFirst() ? 2 : 1));
  /** Sides of which the carried weight is the subject. */
  protected readonly weighs = computed(() => this.side() === 'stop' || this.side() === 'legs');
  protected readonly others = computed(() => (this.kitLines.shown() ? (this.kitLines.lines()?.slice(1) ?? []) : []));

  protected save(): void {
    const drawn = this.chart()?.figure().nativeElement;
    if (drawn) downloadFigureSvg(drawn, 'carried-weight');
  }
}
