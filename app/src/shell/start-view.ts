import { afterNextRender, ChangeDetectionStrategy, Component, effect, inject } from '@angular/core';
import { Router } from '@angular/router';
import { Start } from '../commands/start';
import { HAS_STARTED } from '../platform/has-started';
import { Autosave } from '../store/autosave';
import { Icon } from '../ui/icon';
import { STATIONS } from '../words/start-words';

/** The first page of a first visit: three ways to begin, and nothing else. */
@Component({
  selector: 'app-start-view',
  imports: [Icon],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1>Plan the fuel for your walk</h1>
    <p>What to carry out of each stop, what is left on arrival, and how sure that is. How do you want to begin?</p>
    <ul>
      <li>
        <button type="button" (click)="lookAround()">
          <app-icon name="carry" />
          <span><b>Look at the sample</b> A planned walk of 23 days. Five short stops show you around.</span>
        </button>
      </li>
      <li>
        <button type="button" (click)="nextTrip()">
          <app-icon name="trail" />
          <span><b>Plan my next trip</b> Nights, cold, wind, meals and kit in one form, with the answer beside it.</span>
        </button>
      </li>
      <li>
        <button type="button" (click)="owned()">
          <app-icon name="kit" />
          <span><b>Enter my gear</b> Paste weights and weigh canisters, so that plans use your own things.</span>
        </button>
      </li>
    </ul>
    <p class="quiet">You come back here with “Three ways to start” in the search.</p>
  `,
  styles: `
    :host {
      display: block;
      max-width: 45rem;
      margin: 5vh auto 0;
    }
    h1 {
      font-size: 1.75rem;
      font-weight: 700;
      line-height: 1.2;
    }
    p {
      margin: 0.5rem 0 1rem;
      font-size: 1rem;
    }
    ul {
      display: grid;
      gap: 0.75rem;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    button {
      display: grid;
      grid-template-columns: 2.5rem minmax(0, 1fr);
      gap: 1rem;
      align-items: center;
      width: 100%;
      padding: 1rem 1.25rem;
      border: 1px solid var(--control-line);
      border-radius: 0.25rem;
      background: var(--field);
      color: var(--ink);
      font: inherit;
      font-size: 1rem;
      line-height: 1.35;
      text-align: left;
      cursor: pointer;
      &:hover {
        border-color: var(--ink);
      }
    }
    app-icon {
      font-size: 2.25rem;
    }
    b {
      display: block;
      font-size: 1.1875rem;
      font-weight: 600;
    }
  `,
})
export class StartView {
  private readonly start = inject(Start);
  private readonly router = inject(Router);

  constructor() {
    const autosave = inject(Autosave);
    const wasAsked = HAS_STARTED.read();
    // the sample is likely next: its view is fetched while this page is read, and again when it is gone to where that fails
    afterNextRender(() => void import('../views/carry/carry-view').catch(() => undefined));
    // who has trips saved from before there was such a page has begun long ago
    effect(() => {
      if (wasAsked || autosave.state() === 'reading' || autosave.firstVisit()) return;
      this.start.begin();
      void this.router.navigateByUrl('/carry', { replaceUrl: true });
    });
  }

  protected lookAround(): void {
    this.start.show(0);
    void this.router.navigateByUrl(STATIONS[0].path);
  }

  protected nextTrip(): void {
    this.start.leave();
    void this.router.navigateByUrl('/new');
  }

  protected owned(): void {
    this.start.show('owned');
    void this.router.navigateByUrl('/kit?side=build');
  }
}
