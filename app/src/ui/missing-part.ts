import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { AppUpdates } from '../platform/app-updates';

/** Stands where a part of the app should, whose script could not be loaded (`@error` of a `@defer`): the walker is told above the view. */
@Component({ selector: 'app-missing-part', changeDetection: ChangeDetectionStrategy.OnPush, template: '' })
export class MissingPart {
  constructor() {
    inject(AppUpdates).partIsMissing();
  }
}
