import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { applyMend, hardwareOfG, hintsFor, settingsOf, standing, tripAfterRackEdit, tripKitOf, type Mend } from '@tinder/core/domain/kit';
import { WorkspaceStore } from '../../store/workspace-store';
import { Notice } from '../../ui/notice';
import { takeName } from '../../ui/take-name';
import { hintWords, mendWords, lackWords, standingWords } from '../../words/kit-words';
import { burnerOfKitWords } from '../../words/own-burner-words';
import { Units } from '../../words/units';
import { KitStudy } from './kit-study';

/** What the open kit weighs, whether this trip carries it, what it lacks there with a mend each, and how it stands. */
@Component({
  selector: 'app-kit-answer',
  imports: [Notice, NzButtonComponent, NzInputDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (study.kit(); as k) {
      <label class="hidden-text" for="kit-name">Name of the kit</label>
      <input id="kit-name" nz-input class="name" maxlength="80" [value]="k.name" (change)="rename($any($event.target))" />
      <p class="sum">
        <span class="big">{{ units.text(totalG(), 'mass') }}</span>
        <span class="quiet">base kit weight, no fuel or containers</span>
      </p>
      @switch (state()) {
        @case ('inStep') {
          <p class="quiet">Carried on {{ store.trip().name }}: edits here move its plan.</p>
        }
        @case ('changed') {
          <p>Carried on {{ store.trip().name }} and changed there since.</p>
          <button nz-button type="button" (click)="takeChanges()">Take its flame, measure and fuel here</button>
          <button nz-button type="button" (click)="study.carry(k)">Carry it as it is here</button>
        }
        @case ('other') {
          <button nz-button nzType="primary" nzSize="large" nzBlock type="button" (click)="study.carry(k)">
            Carry it on {{ store.trip().name }}
          </button>
        }
        @default {
          <p class="error">It cannot be carried yet: {{ state() }}.</p>
        }
      }
      @if (own(); as words) {
        <p class="quiet">{{ words }}</p>
      }
      @if (hints().length) {
        <h2>What it lacks on this trip</h2>
        <ul class="lacks">
          @for (h of hints(); track h.words) {
            <li>
              {{ h.words }}
              @if (h.mend; as m) {
                <button nz-button nzSize="small" class="mend" type="button" (click)="mend(m)">{{ h.mendWords }}</button>
              }
            </li>
          }
        </ul>
      } @else if (study.built()?.pieces?.length) {
        <p class="quiet">It lacks nothing that this trip and menu ask for.</p>
      }
      @if (stands().length) {
        <h2>How it stands</h2>
        @for (s of stands(); track s.words) {
          @if (s.bad) {
            <app-notice kind="warning">{{ s.words }}</app-notice>
          } @else {
            <p>{{ s.words }}</p>
          }
        }
      }
      <label class="keep">
        <span class="quiet">I keep this one anyway, because</span>
        <input nz-input maxlength="300" [value]="k.keepBecause" (change)="keep($any($event.target).value)" />
      </label>
    } @else {
      <h2>No kit yet</h2>
      <p>Start a new kit and add gear by name, paste your own weights, or copy the kit of this trip.</p>
    }
  `,
  styleUrl: '../../parts/answer/answer-sums.less',
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    h2 {
      margin: 0.75rem 0 0.25rem;
    }
    ul.lacks {
      display: block;
      margin: 0;
      padding: 0;
    }
    ul.lacks li {
      display: block;
      padding: 0.375rem 0;
      border-top: 1px solid var(--hairline);
      line-height: 1.3;
    }
    p {
      margin: 0.25rem 0;
      line-height: 1.35;
    }
    input {
      width: 100%;
      text-align: left;
    }
    .mend {
      display: block;
      margin-top: 0.25rem;
      text-align: left;
      white-space: normal;
    }
    .keep {
      display: block;
      margin-top: 0.75rem;
    }
    button + button {
      margin-top: 0.375rem;
    }
  `,
})
export class KitAnswer {
  protected readonly study = inject(KitStudy);
  protected readonly store = inject(WorkspaceStore);
  protected readonly units = inject(Units);

  protected readonly totalG = computed(() => hardwareOfG(this.study.built()?.pieces ?? []));
  /** What tests made of its stove; nothing where it is the catalogue’s. */
  protected readonly own = computed(() => {
    const built = this.study.built();
    const kit = built && tripKitOf(built);
    return kit?.ok ? burnerOfKitWords(kit.value) : '';
  });
  protected readonly hints = computed(() => {
    const kit = this.study.kit();
    if (!kit) return [];
    return hintsFor(this.study.rack(), this.store.trip(), kit).map((h) => ({
      words: hintWords(h),
      mend: h.mend,
      mendWords: h.mend ? mendWords(h.mend, this.units) : '',
    }));
  });
  protected readonly stands = computed(() => standingWords(standing(this.store.trip(), this.study.built()?.pieces ?? []), this.units));
  /** How the trip stands to this kit, or why it cannot be carried. */
  protected readonly state = computed(() => {
    const built = this.study.built();
    const carried = this.study.carried();
    if (built && carried?.id === built.kit.id) return carried.inStep ? 'inStep' : 'changed';
    const kit = built && tripKitOf(built);
    return lackWords(kit) ?? 'other';
  });

  protected rename(field: HTMLInputElement): void {
    const name = takeName(field, this.study.kit()?.name ?? '');
    this.study.editKit('name of the kit', (k) => ({ ...k, name }));
  }

  protected takeChanges(): void {
    const settings = settingsOf(this.store.trip().kit);
    this.study.editKit('take the trip’s habits', (k) => ({ ...k, settings }));
  }

  protected keep(words: string): void {
    this.study.editKit('why it stays', (k) => ({ ...k, keepBecause: words.trim() }));
  }

  protected mend(mend: Mend): void {
    const id = this.study.kit()?.id;
    if (!id) return;
    this.store.editRackAndTrip('mend the kit', (rack, trip) => {
      const mended = applyMend(rack, trip, id, mend, () => crypto.randomUUID());
      return { rack: mended.rack, trip: tripAfterRackEdit(mended.trip, rack, mended.rack) };
    });
  }
}
