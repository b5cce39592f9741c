import { ChangeDetectionStrategy, Component, computed, inject, resource } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { ActivatedRoute, Router, RouterLink } from '@angular/router';
import { narrowScreen } from '../../ui/wide-screen';
import { guidePages } from './guide-pages';

/** Guide: how to do what the trade asks for, the words, what the numbers are worth, and both sides of its quarrels. */
@Component({
  selector: 'app-guide-view',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Guide</h1>
    @if (pages.error()) {
      <p class="error" role="alert">The guide could not be read. It is kept with the app: reload the page, and it is fetched again.</p>
    } @else if (pages.hasValue()) {
      <div class="look">
        <nav aria-label="Pages of the guide">
          <details [open]="!isNarrow() || !asked()?.has('page')">
            <summary>All pages</summary>
            @for (part of parts(); track part.name) {
              <h2>{{ part.name }}</h2>
              <ul>
                @for (p of part.pages; track p.id) {
                  <li>
                    <a routerLink="/guide" [queryParams]="{ page: p.id }" [attr.aria-current]="p.id === shown()?.id ? 'page' : null">{{
                      p.title
                    }}</a>
                  </li>
                }
              </ul>
            }
          </details>
        </nav>
        @if (shown(); as p) {
          <article aria-labelledby="guide-title">
            <h2 id="guide-title">{{ p.title }}</h2>
            <!-- eslint-disable-next-line @angular-eslint/template/click-events-have-key-events, @angular-eslint/template/interactive-supports-focus -- the links inside have both -->
            <div [innerHTML]="p.html" (click)="follow($event)"></div>
          </article>
        }
      </div>
    } @else {
      <p class="quiet">Opening the guide…</p>
    }
  `,
  styleUrl: './guide-view.less',
})
export class GuideView {
  private readonly router = inject(Router);
  protected readonly isNarrow = narrowScreen();
  protected readonly asked = toSignal(inject(ActivatedRoute).queryParamMap);
  protected readonly pages = resource({ loader: guidePages });
  /** The page that the address names; the first one otherwise. */
  protected readonly shown = computed(() => {
    if (!this.pages.hasValue()) return undefined;
    const all = this.pages.value();
    return all.find((p) => p.id === this.asked()?.get('page')) ?? all[0];
  });

  protected readonly parts = computed(() => {
    const all = this.pages.hasValue() ? this.pages.value() : [];
    return [
      { name: 'How to', pages: all.filter((p) => p.isTask) },
      { name: 'To look up', pages: all.filter((p) => !p.isTask) },
    ];
  });

  /** Links inside a page lead on without loading the app anew. */
  protected follow(event: MouseEvent): void {
    const link = event.target instanceof Element ? event.target.closest('a') : null;
    const href = link?.getAttribute('href');
    if (!href || event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    void this.router.navigateByUrl(`/${href}`);
  }
}
