import type { Provider } from '@angular/core';
import { GestureEnd } from '../ui/gesture';
import { Units } from '../words/units';
import { PreferredUnits } from './preferred-units';
import { WorkspaceStore } from './workspace-store';

/** What words and controls ask for without knowing the store. */
export const provideStore = (): Provider[] => [
  { provide: Units, useExisting: PreferredUnits },
  { provide: GestureEnd, useExisting: WorkspaceStore },
];
