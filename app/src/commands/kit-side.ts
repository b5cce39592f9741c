import { Injectable, signal } from '@angular/core';

export const KIT_SIDES = [
  { value: 'build', label: 'build it' },
  { value: 'find', label: 'find one' },
  { value: 'compare', label: 'side by side' },
  { value: 'lighter', label: 'make it lighter' },
  { value: 'lose', label: 'lose one' },
  { value: 'diary', label: 'diary' },
] as const;

/** The side of the kits that is shown: other views may send the walker to one. */
@Injectable({ providedIn: 'root' })
export class KitSide {
  readonly side = signal<(typeof KIT_SIDES)[number]['value']>('build');
}
