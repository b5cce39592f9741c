import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { LegMix } from '@tinder/core/studies/finder';
import { carriedMix, type FoundKit } from '@tinder/core/studies/found';
import { WorkspaceStore } from '../../store/workspace-store';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { KitSection } from '../../charts/kit-section';
import { StudyNote } from '../../ui/study-note';
import { againstWords, failsWords, gramWords, hotWords, litWords, mixWords, SCHOOL_WORDS, whyWords } from '../../words/finder-words';
import { oddsWords } from '../../words/risk-words';
import { Units } from '../../words/units';
import { FinderSearch } from './finder-search';
import { Hint } from '../../ui/hint';

/** The best of each school beside the best of all: what it costs against it and why, where it would win; and different kits on different legs. */
@Component({
  selector: 'app-finder-schools',
  imports: [Hint, KitSection, NzButtonComponent, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3 id="schools-title">The best of each school</h3>
    <app-study-note [study]="search.risks" />
    <app-study-note [study]="against" />
    <div class="scroll" tabindex="0" role="group" aria-labelledby="schools-title">
      <table class="stacks" aria-labelledby="schools-title">
        <thead>
          <tr>
            <td></td>
            <th scope="col" appHint="school">School</th>
            <th scope="col" class="number" appHint="average carried weight">Average</th>
            <th scope="col" appHint="against the best">Against the best</th>
            <th scope="col" class="number" appHint="stove time a day">Stove time a day</th>
            <th scope="col" class="number" appHint="still to buy">To buy</th>
            <th scope="col" class="number" appHint="run-out risk">Run-out risk</th>
            <td></td>
          </tr>
        </thead>
        <tbody>
          @for (r of rows(); track r.found.number) {
            <tr>
              <td class="drawn"><app-kit-section [kit]="r.found.kit" [width]="64" /></td>
              <th scope="row" data-label="">
                {{ r.school }}<br /><span class="quiet">{{ r.name }}</span>
              </th>
              <td class="number" data-label="Average">{{ r.average }}</td>
              <td class="why" data-label="Against the best">
                {{ r.why }}
                @if (r.says; as says) {
                  <br />{{ says }}
                }
              </td>
              <td class="number" data-label="Stove time a day">{{ r.minutes }}</td>
              <td class="number" data-label="To buy">{{ r.price }}</td>
              <td class="number" data-label="Run-out risk">{{ r.runsOut }}</td>
              <td>
                @if (!r.found.fails) {
                  <button
                    nz-button
                    nzSize="small"
                    type="button"
                    [attr.aria-label]="'Show ' + r.name"
                    (click)="chosenChange.emit(r.found.number)"
                  >
                    Show it
                  </button>
                }
                @if ($index > 0) {
                  <button
                    nz-button
                    nzSize="small"
                    type="button"
                    [attr.aria-label]="'Where ' + r.school + ' would win'"
                    (click)="other.set(r.found.number)"
                  >
                    Where it would win
                  </button>
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
    </div>
    <p class="quiet">
      A lid is put on wherever one fits, valves are tried at 40, 70 and 100 %, pots and screens that do the same are represented by the
      lightest for its price. Every burner follows its maker’s manual first; a flame in a tent, a fire under a ban and fuel on an aircraft
      are no answers.
    </p>
    <h3 id="mixes-title">Another kit on some legs, by post</h3>
    <app-study-note [study]="mixes" />
    @if (mixRows(); as list) {
      <ul aria-labelledby="mixes-title">
        @for (m of list; track $index) {
          <li>
            <b>{{ m.average }}</b> {{ m.words }} <span class="quiet">{{ m.saves }}</span>
            <button nz-button nzSize="small" type="button" [attr.aria-label]="'Carry ' + m.words" (click)="carry(m.mix)">
              Carry them so
            </button>
          </li>
        } @empty {
          <li class="quiet">No change of kit on single legs is lighter than the best kit all the way.</li>
        }
      </ul>
    } @else if (search.settled() && !mixes.problem()) {
      <p class="quiet">Trying kits leg by leg…</p>
    }
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    .drawn {
      width: 4.375rem;
    }
    th[scope='row'],
    .why {
      white-space: normal;
      vertical-align: top;
    }
    th[scope='row'] {
      max-width: 30ch;
    }
    .why {
      max-width: 44ch;
    }
    td {
      vertical-align: top;
    }
    @media (max-width: 720px) {
      td.why {
        text-align: left;
      }
    }
    td .word {
      display: block;
    }
    ul {
      margin: 0.25rem 0;
      padding: 0;
      list-style: none;
    }
    li {
      padding: 2px 0;
    }
  `,
})
export class FinderSchools {
  readonly schools = input.required<readonly FoundKit[]>();
  readonly chosenChange = output<number>();

  protected readonly search = inject(FinderSearch);
  private readonly store = inject(WorkspaceStore);
  private readonly worker = inject(StudyWorker);
  private readonly units = inject(Units);
  /** The one that is asked about. */
  protected readonly other = signal<number | undefined>(undefined);

  private readonly numbers = computed(() =>
    this.schools()
      .map((f) => f.number)
      .join(),
  );

  protected readonly against = study(
    RESTING,
    () => {
      const about = this.search.settled()?.of;
      const best = this.schools()[0]?.number;
      const other = this.other();
      return about && best !== undefined && other !== undefined && other !== best ? { ...about, best, other } : undefined;
    },
    ({ rack, trip, wish, best, other }, run) => this.worker.ask('findAgainst', { rack, trip }, { wish, best, other }, run),
  );
  protected readonly mixes = study(
    RESTING,
    () => {
      const about = this.search.settled()?.of;
      return about && about.trip.legs.length > 1 ? { ...about, numbers: this.numbers() } : undefined;
    },
    ({ rack, trip, wish, numbers }, run) =>
      this.worker.ask('findMixes', { rack, trip }, { wish, numbers: numbers.split(',').map(Number) }, run),
  );

  protected readonly rows = computed(() => {
    const [best] = this.schools();
    const chances = this.search.chances();
    return this.schools().map((found) => {
      const chance = chances?.get(found.number);
      return {
        found,
        school: SCHOOL_WORDS[found.school],
        name: this.search.nameOf(found),
        average: this.units.text(found.measured.averageG, 'mass'),
        why: found.fails ? failsWords(found) : found === best ? hotWords(found.measured.hotADay) : this.whyOf(best, found),
        says: this.saysOf(best, found),
        minutes: this.units.text(found.measured.minutesADay, 'minutes', 0),
        price: found.price > 0 ? this.units.text(found.price, 'price') : 'nothing',
        runsOut: found.fails || chance === undefined ? '' : oddsWords(chance),
      };
    });
  });
  protected readonly mixRows = computed(() => {
    const last = this.mixes.fresh() ? this.mixes.last() : undefined;
    if (!last) return undefined;
    const alone = Math.min(
      ...this.schools()
        .filter((f) => !f.fails)
        .map((f) => f.measured.averageG),
    );
    return last.answer.slice(0, MOST_MIXES).map((mix: Omit<LegMix, 'trip'>) => ({
      mix,
      average: this.units.text(mix.measured.averageG, 'mass'),
      words: mixWords(mix, this.schools(), last.of.trip),
      saves: `${this.units.text(alone - mix.measured.averageG, 'mass')} less than the best kit all the way`,
    }));
  });

  /** Every kit of the mix goes on the rack, and is carried where it was found to be best. */
  protected carry(mix: Omit<LegMix, 'trip'>): void {
    const { ways } = this.search.wish();
    this.store.editRackAndTrip('carry another kit on some legs', (rack, trip) =>
      carriedMix(
        { rack, trip },
        mix,
        this.schools(),
        ways,
        (f) => this.search.nameOf(f),
        () => crypto.randomUUID(),
      ),
    );
  }

  /** What would have to change for another school to be the best one, once it is asked about. */
  private saysOf(best: FoundKit, found: FoundKit): string {
    if (this.other() !== found.number || this.against.problem()) return '';
    const asked = this.against.fresh() ? this.against.last() : undefined;
    if (asked?.of.other !== found.number) return 'looking…';
    const { flips, told } = asked.answer;
    const words = againstWords(flips, told, [litWords(best), litWords(found)], this.units);
    return found.fails ? words : words + gramWords(best, found, this.units);
  }

  private whyOf(best: FoundKit, found: FoundKit): string {
    const why = whyWords(best, found, this.units);
    const fewer = found.measured.hotADay < best.measured.hotADay - 0.005 ? `${hotWords(found.measured.hotADay)}; ` : '';
    const overG = found.measured.averageG - best.measured.averageG;
    const by = Math.abs(overG) < 0.5 ? 'as light' : this.units.signed(overG, 'mass');
    return `${fewer}${by}${why ? `: ${why}` : ''}`;
  }
}

const MOST_MIXES = 3;
