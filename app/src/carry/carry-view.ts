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
import { MissingPart } from '../ui/missing-part';

const SIDES = [
  { value: 'stop', label: 'out of the stop' },
  { value: 'legs', label: 'leg by leg' },
  { value: 'shop', label: 'at the shop' },
  { value: 'crossings', label: 'other lengths' },
  { value: 'balance', label: 'weight and risk' },
  { value: 'whatIf', label: 'what if' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Carry: what leaves the stop, what it weighs along the way, and everything that moves it. */
@Component({
  selector: 'app-carry-view',
  imports: [
    MissingPart,
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
    @if (plans.planned(); as p) {
      <div [class.answers]="side() === 'stop'">
        <div class="axis">
          <app-ribbon [plan]="p.plan" [low]="true" />
          <div class="heading">
            <app-sides label="What to look at" panelId="carry-side" [options]="sides" [value]="side()" (valueChange)="side.set($event)" />
            @if (weighs()) {
              <app-weight-counting (export)="save()" />
            }
          </div>
          @if (weighs()) {
            <app-weight-chart #chart [plan]="p.plan" [others]="others()" [height]="140" />
          }
          <app-day-rule />
        </div>
        @if (weighs()) {
          <app-weight-sums />
        }
        <div id="carry-side" class="side" role="tabpanel" [attr.aria-labelledby]="'carry-side-' + side()">
          @switch (side()) {
            @case ('stop') {
              @if (plans.carry(); as carry) {
                <app-answer-column [carry]="carry" [plan]="p.plan" />
              }
              <div class="panels">
                <app-walk-panel />
                <app-kit-panel />
                <div class="meals">
                  <app-meals-panel [plan]="p.plan" />
                  @if (plans.carry(); as carry) {
                    <app-supper-minutes [carry]="carry" />
                  }
                </div>
              </div>
              @defer (on idle) {
                <app-closer-look />
              } @error {
                <app-missing-part />
              } @placeholder {
                <div class="coming"></div>
              }
            }
            @case ('legs') {
              @defer (on immediate) {
                <app-legs-panel />
              } @error {
                <app-missing-part />
              }
            }
            @case ('shop') {
              @defer (on immediate) {
                <app-shop-panel />
              } @error {
                <app-missing-part />
              }
            }
            @case ('crossings') {
              @defer (on immediate) {
                <app-crossings-panel />
              } @error {
                <app-missing-part />
              }
            }
            @case ('balance') {
              @defer (on immediate) {
                <app-balance-panel />
              } @error {
                <app-missing-part />
              }
            }
            @case ('whatIf') {
              @defer (on immediate) {
                <app-what-if-panel />
              } @error {
                <app-missing-part />
              }
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
  /** Sides of which the carried weight is the subject. */
  protected readonly weighs = computed(() => this.side() === 'stop' || this.side() === 'legs');
  protected readonly others = computed(() => (this.kitLines.shown() ? (this.kitLines.lines()?.slice(1) ?? []) : []));

  protected save(): void {
    const drawn = this.chart()?.figure().nativeElement;
    if (drawn) downloadFigureSvg(drawn, 'carried-weight');
  }
}
