import { provideZonelessChangeDetection } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { provideNzNoAnimation } from 'ng-zorro-antd/core/animation';
import { UNITS, type Quantity, type Unit } from '@tinder/core/foundation/units';
import { GestureEnd } from '../src/ui/gesture';
import { Units } from '../src/words/units';
import { ControlsPage } from './controls-page';

class MetricUnits extends Units {
  override unit(quantity: Quantity): Unit {
    return UNITS[quantity][0];
  }
}

bootstrapApplication(ControlsPage, {
  providers: [
    provideZonelessChangeDetection(),
    provideNzNoAnimation(),
    { provide: Units, useClass: MetricUnits },
    { provide: GestureEnd, useValue: { endGesture: () => undefined } },
  ],
}).catch((error: unknown) => console.error(error));
