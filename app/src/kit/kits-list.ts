import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { addRackKit, build, hardwareOfG, rackWithTripKit, removeRackKit, tripKitOf } from '@tinder/core/kit';
import { MOST_COMPARED, type RackKit } from '@tinder/core/model';
import { Done } from '../store/done';
import { sentenceStart } from '../words/sentence-start';
import { WorkspaceStore } from '../store/workspace-store';
import { burnerOfKitWords } from '../words/own-burner-words';
import { Units } from '../words/units';
import { KitStudy } from './kit-study';
import { Tick } from '../ui/tick';

/** Every kit of the rack: open one, vary it, set it side by side with others. */
@Component({
  selector: 'app-kits-list',
  imports: [NzButtonComponent, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">Kits, without fuel and its containers</h2>
    <ul>
      @for (r of rows(); track r.kit.id) {
        <li [class.on]="r.open">
          <button type="button" class="open" [attr.aria-current]="r.open ? 'true' : null" (click)="study.open(r.kit.id)">
            {{ r.kit.name }}
          </button>
          <span class="grams">{{ units.text(r.massG, 'mass') }}</span>
          <label [title]="r.full ? 'Six kits can be compared' : ''">
            <input type="checkbox" [appTick]="r.compared" [disabled]="r.full && !r.compared" (turned)="compare(r.kit.id, r.compared)" />
            <span class="hidden-text">{{ r.kit.name }} </span><span>compare</span>
          </label>
          @if (r.own; as words) {
            <span class="own">{{ words }}</span>
          }
          @if (r.carried; as words) {
            <span class="carried">{{ words }}</span>
          }
        </li>
      } @empty {
        <li class="quiet">
          No kit yet. Start a new one and add pieces by name, paste your own weights, or take the kit that this trip is planned with.
        </li>
      }
    </ul>
    <p class="acts">
      <button nz-button nzSize="small" type="button" (click)="add()">New kit</button>
      @if (study.kit(); as k) {
        <button nz-button nzSize="small" type="button" (click)="add(k)">Duplicate kit</button>
        <button nz-button nzSize="small" type="button" (click)="remove(k)">Delete kit</button>
      }
      <button nz-button nzSize="small" type="button" (click)="fromTrip()">Copy from this trip</button>
    </p>
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content max-content;
      gap: 0 0.75rem;
      align-items: center;
      padding: 2px 0 2px 0.5rem;
      border-bottom: 1px solid var(--hairline);
    }
    li.on {
      box-shadow: inset 3px 0 var(--ember);
    }
    .open {
      min-height: var(--touch, 0);
      padding: 0;
      border: 0;
      background: none;
      color: inherit;
      font: inherit;
      font-weight: 600;
      text-align: left;
      cursor: pointer;
    }
    .open:hover {
      text-decoration: underline;
    }
    label {
      color: var(--ink-quiet);
      font-size: 0.8125rem;
    }
    .own,
    .carried {
      grid-column: 1 / -1;
      color: var(--ember-text);
      font-size: 0.8125rem;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1.125rem;
      margin: 0.25rem 0 0.625rem;
    }
  `,
})
export class KitsList {
  protected readonly study = inject(KitStudy);
  private readonly done = inject(Done);
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);

  /** What burn tests made of its burner; nothing where it is the catalogue’s. */
  private ownOf(kit: RackKit): string {
    const built = tripKitOf(build(this.study.rack(), kit));
    return built.ok ? burnerOfKitWords(built.value) : '';
  }

  protected readonly rows = computed(() => {
    const rack = this.study.rack();
    const carried = this.study.carried();
    const { compared } = rack.score;
    return rack.kits.map((kit) => ({
      kit,
      open: kit.id === this.study.kit()?.id,
      massG: hardwareOfG(build(rack, kit).pieces),
      compared: compared.includes(kit.id),
      full: compared.length >= MOST_COMPARED,
      own: this.ownOf(kit),
      carried: carried?.id === kit.id && (carried.inStep ? 'carried on this trip' : 'carried on this trip, changed there since'),
    }));
  });

  protected add(like?: RackKit): void {
    const id = crypto.randomUUID();
    this.study.editRack(like ? 'vary a kit' : 'new kit', (r) => addRackKit(r, id, like));
    this.study.open(id);
  }

  protected remove(kit: RackKit): void {
    if (this.study.editRack(`take ${kit.name} off`, (r) => removeRackKit(r, kit.id)))
      this.done.tell(`${sentenceStart(kit.name)} is off the list of kits.`);
  }

  protected fromTrip(): void {
    let opened = '';
    this.study.editRack('the trip’s kit onto the rack', (r) => {
      const { rack, kitId } = rackWithTripKit(r, this.store.trip(), () => crypto.randomUUID());
      opened = kitId;
      return rack;
    });
    this.study.open(opened);
  }

  protected compare(id: string, now: boolean): void {
    this.study.editRack('kits to compare', (r) => {
      const others = r.score.compared.filter((k) => k !== id);
      return { ...r, score: { ...r.score, compared: now ? others : [...others, id].slice(0, MOST_COMPARED) } };
    });
  }
}
