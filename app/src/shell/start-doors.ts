import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Commands } from '../commands/commands';
import { Start } from '../commands/start';
import { OWNED_SAYS, STATIONS } from '../words/start-words';

/** Three doors for who has never been here: look around, the next trip, or what is owned. Each can be left at any time. */
@Component({
  selector: 'app-start-doors',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (start.shown() === 'doors') {
      <section class="doors" aria-label="Three ways to start">
        <button type="button" (click)="goTo(0)"><b>look around</b> a planned walk of 23 days, five short stations</button>
        <button type="button" (click)="nextTrip()"><b>my next trip</b> nights, cold, wind, kit: an answer in a minute</button>
        <button type="button" (click)="owned()"><b>what I have</b> paste weights, weigh cans</button>
        <button class="ant-btn word" type="button" (click)="start.leave()">put away</button>
      </section>
    } @else if (start.shown() !== undefined) {
      <section class="station" aria-label="Look around" aria-live="polite">
        @if (station(); as s) {
          <p>
            <span class="quiet">{{ s.number }} of {{ stations.length }}</span> {{ s.says }}
          </p>
          @if (s.number < stations.length) {
            <button class="ant-btn word" type="button" (click)="goTo(s.number)">next</button>
          }
        } @else {
          <p>{{ ownedSays }}</p>
          <a routerLink="/shelf">to the shelf</a>
        }
        <button class="ant-btn word" type="button" (click)="start.leave()">leave it</button>
      </section>
    }
  `,
  styles: `
    section {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 20px;
      align-items: center;
      margin: 0 0 10px var(--gutter);
      padding: 8px 12px;
      background: var(--ground-sunk);
    }
    @media (max-width: 720px) {
      section {
        margin-left: 0;
      }
    }
    .doors button:not(.word) {
      flex: 1 1 200px;
      padding: var(--thumb-pad, 4px) 0;
      border: 0;
      border-bottom: 2px solid var(--ember);
      background: none;
      color: var(--ink-quiet);
      font: inherit;
      text-align: left;
      cursor: pointer;
    }
    .doors b {
      display: block;
      color: var(--ink);
      font-size: 17px;
      line-height: 1.2;
    }
    p {
      flex: 1 1 40ch;
      margin: 0;
      max-width: 110ch;
    }
  `,
})
export class StartDoors {
  protected readonly start = inject(Start);
  private readonly commands = inject(Commands);
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

  protected nextTrip(): void {
    this.start.leave();
    this.commands.open('newTrip');
  }

  protected owned(): void {
    this.start.show('owned');
    void this.router.navigateByUrl('/kit?side=build');
  }
}
