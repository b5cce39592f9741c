import { inject, Injectable, signal } from '@angular/core';
import { SwUpdate } from '@angular/service-worker';

/** A newer version of the app: told quietly, taken when the walker says so. */
@Injectable({ providedIn: 'root' })
export class AppUpdates {
  private readonly updates = inject(SwUpdate, { optional: true });
  private readonly readySignal = signal(false);
  private readonly brokenSignal = signal(false);

  /** A newer version is here and waits. */
  readonly ready = this.readySignal.asReadonly();
  /** The copy kept for offline use has lost a part that this version needs: only a reload mends it. */
  readonly broken = this.brokenSignal.asReadonly();

  constructor() {
    if (!this.updates?.isEnabled) return;
    this.updates.versionUpdates.subscribe((e) => e.type === 'VERSION_READY' && this.readySignal.set(true));
    this.updates.unrecoverable.subscribe(() => this.brokenSignal.set(true));
  }

  /** A part of this version was asked for and is gone: another one was deployed. */
  partIsGone(): void {
    this.brokenSignal.set(true);
  }

  /** Changes over to the newer version; whatever is unwritten must be written before. */
  async take(): Promise<void> {
    if (this.updates?.isEnabled) await this.updates.activateUpdate().catch(() => false);
    location.reload();
  }
}
