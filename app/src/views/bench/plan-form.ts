import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { contrastOf, CONTRAST_IDS, fairOrder, nextArm, SPEEDS, type ContrastId, type Speed } from '@tinder/core/studies/bench';
import { newSetup, type Arm, type TestSeries } from '@tinder/core/domain/model';
import { Choice } from '../../ui/choice';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { today } from '../../ui/today';
import { contrastSaid } from '../../words/contrast-words';
import { Units } from '../../words/units';
import { BenchStudy, TRIP_KIT, type Asked } from './bench-study';
import { BurnRun, type Draft } from './burn-run';
import { SetupFields } from './setup-fields';

const WHERE = [
  { value: 'real', label: 'For real' },
  { value: 'garden', label: 'in the simulated garden' },
] as const;
/** Another garden hides another truth. */
const ANOTHER = { value: 'another', label: 'in another one' } as const;
type Where = (typeof WHERE)[number]['value'] | typeof ANOTHER.value;

/** A test before it is burnt: what is asked, with what, in what, and what one believes will come of it. */
@Component({
  selector: 'app-plan-form',
  imports: [Choice, NzButtonComponent, NzInputDirective, PickField, QuantityField, SetupFields],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Plan a burn</h2>
    @for (o of open(); track o.id) {
      <p class="open">
        <b>{{ o.question }}</b> <span class="quiet">{{ o.next }}</span>
        <button nz-button nzSize="small" type="button" (click)="goOn(o.asked)">Burn the next one</button>
      </p>
    }
    <div class="heads">
      <app-pick-field label="I want to know" [options]="questions()" [value]="question()" (valueChange)="question.set($event)" />
      <app-pick-field label="With" [options]="kits()" [value]="kitId()" (valueChange)="kitId.set($event)" />
      @if (contrast()) {
        <label class="name" for="expected">I expect, because</label>
        <input id="expected" nz-input class="left" maxlength="300" [value]="expected()" (input)="expected.set($any($event.target).value)" />
        <span class="name">Pairs</span>
        <app-quantity-field
          label="Pairs"
          quantity="count"
          [bare]="true"
          [value]="pairs()"
          [limits]="{ min: 1, max: 20 }"
          [whole]="true"
          (valueChange)="pairs.set($event)"
        />
      }
      <span class="name">Burnt</span>
      <app-choice label="Burnt" [options]="places()" [value]="where()" (valueChange)="where.set($event)" />
      @if (where() !== 'real') {
        <span class="name">Its clock goes</span>
        <app-choice label="The garden’s clock goes" [options]="speeds" [value]="speed()" (valueChange)="speed.set($event)" />
      }
    </div>
    @if (setup(); as s) {
      <app-setup-fields [setup]="s" (setupChange)="setup.set($event)" />
      <p class="says">{{ says() }}</p>
      <p><button nz-button nzType="primary" class="strong-act" type="button" (click)="begin()">Start</button></p>
      <p class="quiet">
        Outdoors, on level ground that cannot burn, nothing above it; water, sand or a lid at hand. Weigh a canister cold, dry and shut.
        Fill and light by the maker’s manual; where open flames are forbidden there is no test.
      </p>
    }
  `,
  styleUrls: ['../../ui/rows.less', './bench.less'],
  styles: `
    .heads app-quantity-field {
      width: 3.75rem;
    }
    .open {
      margin: 0.25rem 0;
    }
    .says {
      max-width: 80ch;
      margin: 0.5rem 0 0;
      font-weight: 600;
      line-height: 1.3;
    }
    p.quiet {
      max-width: 80ch;
      margin: 0.25rem 0;
      font-size: 0.8125rem;
      line-height: 1.3;
    }
  `,
})
export class PlanForm {
  private readonly study = inject(BenchStudy);
  private readonly run = inject(BurnRun);
  private readonly units = inject(Units);
  protected readonly places = computed(() => (this.lastSeed() === undefined ? WHERE : [...WHERE, ANOTHER]));
  /** Of the garden that was burnt in last. */
  private readonly lastSeed = computed(() => this.study.bench().tests.findLast((t) => t.garden !== null)?.garden ?? undefined);
  protected readonly speeds = SPEEDS.map((s) => ({ value: String(s), label: s === 1 ? 'as ours' : `${s} times as fast` }));

  protected readonly kitId = signal(TRIP_KIT);
  protected readonly kits = computed(() => this.study.kits().map((k) => ({ value: k.id, label: k.name })));
  private readonly kit = computed(() => this.study.kits().find((k) => k.id === this.kitId()) ?? this.study.kits()[0]);
  protected readonly question = linkedSignal<string, ContrastId | 'burner'>({ source: this.kitId, computation: () => 'burner' });
  protected readonly expected = signal('');
  protected readonly pairs = signal(3);
  protected readonly where = signal<Where>('real');
  protected readonly speed = signal('10');
  protected readonly setup = linkedSignal(() => {
    const kit = this.kit();
    return kit && newSetup(kit.name, kit.kit);
  });

  protected readonly questions = computed((): { value: ContrastId | 'burner'; label: string }[] => {
    const kit = this.kit();
    const usual = kit && newSetup(kit.name, kit.kit);
    const can = usual ? CONTRAST_IDS.filter((id) => contrastOf(id, usual)) : [];
    return [
      { value: 'burner', label: 'How this kit burns' },
      ...can.map((id) => ({ value: id, label: contrastSaid(id, this.units).asks })),
    ];
  });
  protected readonly contrast = computed(() => {
    const [id, setup] = [this.question(), this.setup()];
    return id === 'burner' || !setup ? undefined : contrastOf(id, setup);
  });
  protected readonly says = computed(() => {
    const id = this.question();
    if (id === 'burner')
      return 'One burn: weighed, lit, timed, weighed again. Burns at three flames, and one in wind, make the stove your own.';
    const order = fairOrder(this.pairs()).join(' ');
    const { a, b } = contrastSaid(id, this.units);
    return `${a} (A) and ${b} (B), burnt ${order}: so that a canister that cools or an evening that darkens favours neither.`;
  });

  /** Questions with burns still to come. */
  protected readonly open = computed(() =>
    this.study.asked().flatMap((asked) => {
      const next = nextOf(asked);
      if (!next) return [];
      const { series } = asked;
      return [
        {
          id: series.id,
          question: series.question,
          next: `next: ${next.arm === 'a' ? series.nameA : series.nameB}, ${next.left} to go`,
          asked,
        },
      ];
    }),
  );

  protected begin(): void {
    const setup = this.setup();
    if (!setup) return;
    const garden = this.where() === 'real' ? null : this.inGarden(this.gardenSeed());
    const contrast = this.contrast();
    const id = this.question();
    if (!contrast || id === 'burner') {
      this.run.begin(setup, { seriesId: null, arm: null, heading: setup.kitName, garden });
      return;
    }
    const words = contrastSaid(id, this.units);
    const series: TestSeries = {
      id: crypto.randomUUID(),
      on: today(),
      question: words.asks,
      contrastId: id,
      a: contrast.a,
      b: contrast.b,
      nameA: words.a,
      nameB: words.b,
      pairs: this.pairs(),
      expected: this.expected().trim(),
      concluded: '',
      garden: garden?.seed ?? null,
    };
    if (!this.study.edit('a question for the bench', (b) => ({ ...b, series: [...b.series, series] }))) return;
    this.burn(series, 'a', garden);
  }

  protected goOn(asked: Asked): void {
    const { series } = asked;
    const next = nextOf(asked);
    if (!next) return;
    this.burn(series, next.arm, series.garden === null ? null : this.inGarden(series.garden));
  }

  private burn(series: TestSeries, arm: Arm, garden: Draft['garden']): void {
    const heading = `${series.question} ${arm === 'a' ? 'A' : 'B'}: ${arm === 'a' ? series.nameA : series.nameB}`;
    this.run.begin(series[arm], { seriesId: series.id, arm, heading, garden });
  }

  /** The garden that was burnt in last, so that its burns add up; a new one where there is none, or another is asked for. */
  private gardenSeed(): number {
    const last = this.where() === 'another' ? undefined : this.lastSeed();
    return last ?? Math.floor(Math.random() * 0xffffffff);
  }
  /** The next burn there, its evening by the number of burns before it. */
  private inGarden(seed: number): NonNullable<Draft['garden']> {
    const speed: Speed = SPEEDS.find((s) => String(s) === this.speed()) ?? 1;
    return { seed, run: this.study.bench().tests.filter((t) => t.garden !== null).length, speed };
  }
}

function nextOf({ series, tests }: Asked): ReturnType<typeof nextArm> {
  const burnt = { a: 0, b: 0 };
  for (const t of tests) if (t.arm && !t.setAside) burnt[t.arm]++;
  return nextArm(fairOrder(series.pairs), burnt);
}
