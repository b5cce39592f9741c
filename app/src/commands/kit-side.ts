import { Injectable, signal } from '@angular/core';

export type KitSideName = 'build' | 'find' | 'compare' | 'lighter' | 'lose' | 'diary';

/** The side of the kits that is shown: other views may send the walker to one. */
@Injectable({ providedIn: 'root' })
export class KitSide {
  readonly side = signal<KitSideName>('build');
}
