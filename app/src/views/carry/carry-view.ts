import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, type ElementRef, inject, signal, viewChild } from '@angular/core';
import { Ribbon } from '../../charts/ribbon';
import { BEYOND_PX } from '../../charts/ribbon-geometry';
import { WeightChart } from '../../charts/weight-chart';
import { CloserLook } from '../../parts/closer/closer-look';
import { PlanService } from '../../planning/plan-service';
import { Sides } from '../../commands/sides';
import { downloadFiguresSvg } from '../../platform/export-figure';
import { AnswerColumn } from '../../parts/answer/answer-column';
import { MissingPart } from '../../ui/missing-part';
import { answerFirstScreen } from '../../ui/wide-screen';
import { Opened } from '../../ui/opened';
import { ChartTools } from './chart-tools';
import { ConditionsPanel } from './conditions-panel';
import { KitLines } from './kit-lines-service';
import { KitPanel } from './kit-panel';
import { LegsPanel } from './legs-panel';
import { MealsPanel } from './meals-panel';
import { ShopPanel } from './shop-panel';
import { WeightSumsLine } from './weight-sums';
import { WhatIfSide } from './what-if-side';

const SIDES = [
  { value: 'leg', label: 'This leg' },
  { value: 'legs', label: 'All legs' },
  { value: 'shop', label: 'Shopping' },
  { value: 'whatIf', label: 'What if' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Carry: what leaves the stop, what it weighs along the way, and everything that moves it. */
@Component({
  selector: 'app-carry-view',
  imports: [
    AnswerColumn,
    ChartTools,
    CloserLook,
    ConditionsPanel,
    KitPanel,
    LegsPanel,
    MealsPanel,
    MissingPart,
    NgTemplateOutlet,
    Opened,
    Ribbon,
    ShopPanel,
    Sides,
    WeightChart,
    WeightSumsLine,
    WhatIfSide,
  ],
  providers: [KitLines],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Carry</h1>
    @if (plans.planned(); as p) {
      <div class="layout" [class.answers]="side() === 'leg'">
        <app-sides label="What to look at" panelId="carry-side" [options]="sides" [value]="side()" (valueChange)="side.set($event)" />
        @if (weighs()) {
          <app-chart-tools (exportDrawing)="save()" />
        }
        <div class="figure">
          <div #figure class="axis" [style.margin-right.px]="beyond">
            <app-ribbon [plan]="p.plan" [low]="true" [roomBeyond]="beyond" />
            @if (weighs()) {
              <app-weight-chart [plan]="p.plan" [others]="others()" [height]="160" />
            }
          </div>
          @if (weighs()) {
            <app-weight-sums />
          }
        </div>
        <div id="carry-side" class="side" role="tabpanel" [attr.aria-labelledby]="'carry-side-' + side()">
          @switch (side()) {
            @case ('leg') {
              <ng-template #answer>
                @if (plans.carry(); as carry) {
                  <app-answer-column [carry]="carry" [plan]="p.plan" />
                }
              </ng-template>
              @if (answerFirst()) {
                <ng-container [ngTemplateOutlet]="answer" />
              }
              <div class="panels">
                <app-conditions-panel />
                <app-kit-panel />
                <app-meals-panel [plan]="p.plan" />
              </div>
              @if (!answerFirst()) {
                <ng-container [ngTemplateOutlet]="answer" />
              }
              <details class="closer" appOpened #closer="opened">
                <summary>A closer look: flame, cold, dose, rest</summary>
                @if (closer.once()) {
                  @defer (on immediate) {
                    <app-closer-look />
                  } @error {
                    <app-missing-part />
                  }
                }
              </details>
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
            @case ('whatIf') {
              @defer (on immediate) {
                <app-what-if-side />
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
  private readonly figure = viewChild<ElementRef<HTMLElement>>('figure');
  protected readonly sides = SIDES;
  protected readonly beyond = BEYOND_PX;
  protected readonly answerFirst = answerFirstScreen();
  protected readonly side = signal<Side>('leg');
  /** Sides of which the carried weight is the subject. */
  protected readonly weighs = computed(() => this.side() === 'leg' || this.side() === 'legs');
  protected readonly others = computed(() => this.kitLines.drawn()?.slice(1) ?? []);

  protected save(): void {
    const drawn = this.figure()?.nativeElement.querySelectorAll('svg') ?? [];
    downloadFiguresSvg([...drawn], 'trail-and-weight');
  }
}
