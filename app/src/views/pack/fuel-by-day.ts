import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { ContainerDays } from '@tinder/core/output/pack';
import { containerMarks } from '../../charts/container-marks';
import { containerWords } from '../../words/container-words';
import { levelsWords, levelWords } from '../../words/fuel-by-day-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';

/** Each container of a leg with the level planned for the end of each day: the marks to draw on it. */
@Component({
  selector: 'app-fuel-by-day',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (c of drawn(); track c.number) {
      <figure>
        @if (c.marks; as m) {
          <svg role="img" [attr.aria-label]="c.said" [attr.viewBox]="'0 0 108 ' + m.height">
            <path [attr.d]="m.outline" />
            @for (mark of m.marks; track mark.day) {
              <line x1="3" [attr.x2]="m.width - 3" [attr.y1]="mark.y" [attr.y2]="mark.y" />
              <line [attr.x1]="m.width - 3" [attr.x2]="m.width + 6" [attr.y1]="mark.y" [attr.y2]="mark.labelY" />
              <text [attr.x]="m.width + 8" [attr.y]="mark.labelY + 4">{{ mark.words }}</text>
            }
          </svg>
        } @else {
          <p>{{ c.said }}</p>
        }
        <figcaption>#{{ c.number }}, {{ c.name }}</figcaption>
      </figure>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 1mm 4mm;
      align-items: flex-end;
    }
    figure {
      margin: 0;
      max-width: 100%;
    }
    p {
      margin: 0;
    }
    /* 12 units of the drawing are one line of the type around it */
    svg {
      display: block;
      width: 9em;
      overflow: visible;
    }
    path,
    line {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.2;
    }
    text {
      fill: var(--ink);
      font-size: 12px;
    }
  `,
})
export class FuelByDay {
  readonly fuel = input.required<readonly ContainerDays[]>();
  private readonly units = inject(Units);

  protected readonly drawn = computed(() =>
    this.fuel().map((of, i) => {
      const marks = containerMarks(of);
      return {
        number: i + 1,
        name: sentenceStart(containerWords(of.container, (v, q, d) => this.units.text(v, q, d))),
        said: levelsWords(of, this.units),
        marks: marks && {
          ...marks,
          marks: marks.marks.map((m) => ({ ...m, words: `${m.day}: ${levelWords(m.left, this.units)}` })),
        },
      };
    }),
  );
}
