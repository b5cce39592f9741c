import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { WalkStudy } from '../views/walk/walk-study';
import { Icon } from '../ui/icon';
import { MoreMenu } from './more-menu';
import { thumbViews } from './views';

/** The navigation of a phone, at the foot of it: five that a thumb reaches. */
@Component({
  selector: 'app-thumb-nav',
  imports: [Icon, MoreMenu, RouterLink, RouterLinkActive],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nav aria-label="Views">
      @for (v of views(); track v.path) {
        <a [routerLink]="'/' + v.path" routerLinkActive="on" ariaCurrentWhenActive="page"><app-icon [name]="v.path" />{{ v.name }}</a>
      }
      <app-more-menu [shown]="views()" />
    </nav>
  `,
  styleUrl: './thumb-item.less',
  styles: `
    nav {
      display: flex;
      border-top: 1px solid var(--hairline);
      background: var(--ground);
    }
  `,
})
export class ThumbNav {
  private readonly walk = inject(WalkStudy);
  protected readonly views = computed(() => thumbViews(this.walk.underWay()));
}
