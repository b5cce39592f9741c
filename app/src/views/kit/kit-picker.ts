import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { addRackKit, rackWithTripKit, removeRackKit } from '@tinder/core/domain/kit';
import type { RackKit } from '@tinder/core/domain/model';
import { Done } from '../../store/done';
import { WorkspaceStore } from '../../store/workspace-store';
import { Icon } from '../../ui/icon';
import { MENU } from '../../ui/nz/menu';
import { PickField } from '../../ui/pick-field';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { KitStudy } from './kit-study';

/** The kit that is open, of all there are; a new one, and in a menu what is done with the open one. */
@Component({
  selector: 'app-kit-picker',
  imports: [Icon, MENU, NzButtonComponent, PickField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (kits().length) {
      <span class="pick">
        <app-pick-field label="Kit" [quietly]="true" [options]="kits()" [value]="study.kit()?.id" (valueChange)="study.open($event)" />
      </span>
    }
    <button nz-button type="button" (click)="add()">New kit</button>
    <button
      nz-button
      nz-dropdown
      class="square"
      type="button"
      nzTrigger="click"
      [nzDropdownMenu]="menu"
      aria-label="More for this kit"
      title="More for this kit"
    >
      <app-icon name="more" />
    </button>
    <nz-dropdown-menu #menu="nzDropdownMenu">
      <ul nz-menu>
        @if (study.kit(); as k) {
          <li nz-menu-item appMenuItem (chosen)="add(k)">Duplicate kit</li>
          <li nz-menu-item appMenuItem (chosen)="remove(k)">Delete kit</li>
        }
        <li nz-menu-item appMenuItem (chosen)="fromTrip()">Copy the kit of this trip</li>
      </ul>
    </nz-dropdown-menu>
  `,
  styles: `
    :host {
      display: flex;
      gap: 0.5rem;
      align-items: center;
    }
    .pick {
      width: 15rem;
    }
    @media (max-width: 720px) {
      .pick {
        flex: 1;
        width: auto;
        min-width: 0;
      }
    }
  `,
})
export class KitPicker {
  protected readonly study = inject(KitStudy);
  private readonly done = inject(Done);
  private readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);

  protected readonly kits = computed(() =>
    this.study
      .weighed()
      .map(({ kit, massG }) => ({ value: kit.id, label: `${sentenceStart(kit.name)}, ${this.units.text(massG, 'mass')}` })),
  );

  protected add(like?: RackKit): void {
    const id = crypto.randomUUID();
    this.study.editRack(like ? 'duplicate a kit' : 'new kit', (r) => addRackKit(r, id, like));
    this.study.open(id);
  }

  protected remove(kit: RackKit): void {
    if (this.study.editRack(`delete ${kit.name}`, (r) => removeRackKit(r, kit.id)))
      this.done.tell(`${sentenceStart(kit.name)} is off the list of kits.`);
  }

  protected fromTrip(): void {
    let opened = '';
    this.study.editRack('copy the kit of the trip', (r) => {
      const { rack, kitId } = rackWithTripKit(r, this.store.trip(), () => crypto.randomUUID());
      opened = kitId;
      return rack;
    });
    this.study.open(opened);
  }
}
