import { InjectionToken } from '@angular/core';

/** A factor on how long something rests before it is done: tests need no rest. */
export const REST_FACTOR = new InjectionToken<number>('factor on rest', { providedIn: 'root', factory: () => 1 });
