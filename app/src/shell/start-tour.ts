import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Start } from '../commands/start';
import { OWNED_SAYS, STATIONS } from '../words/start-words';

/** What goes with somebody who has just begun: the stations of the look around, or where their own gear goes. It can be left at any time. */
@Component({
  selector: 'app-start-tour',
  imports: [NzButtonComponent, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section aria-label="Look around" aria-live="polite">
      @if (station(); as s) {
        <p>
          <span class="quiet">{{ s.number }} of {{ stations.length }}</span> {{ s.says }}
        </p>
        @if (s.number < stations.length) {
          <button nz-button type="button" (click)="goTo(s.number)">Next</button>
        }
      } @else {
        <p>{{ ownedSays }}</p>
        <a routerLink="/shelf">Go to the shelf</a>
      }
      <button nz-button nzType="text" type="button" (click)="start.leave()">Dismiss</button>
    </section>
  `,
  styles: `
    section {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 1rem;
      align-items: center;
      margin-bottom: 0.625rem;
      padding: 0.5rem 0.75rem;
      background: var(--ground-sunk);
    }
    p {
      flex: 1 1 40ch;
      margin: 0;
      max-width: 110ch;
    }
  `,
})
export class StartTour {
  protected readonly start = inject(Start);
  private readonly router = inject(Router);
  protected readonly stations = STATIONS;
  protected readonly ownedSays = OWNED_SAYS;
  protected readonly station = computed(() => {
    const at = this.start.shown();
    return typeof at === 'number' ? { ...STATIONS[at], number: at + 1 } : undefined;
  });

  protected goTo(station: number): void {
    this.start.show(station);
    void this.router.navigateByUrl(STATIONS[station].path);
  }
}
