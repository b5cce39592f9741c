import { inject, Injectable, signal } from '@angular/core';
import { SwUpdate } from '@angular/service-worker';

/** How browsers say that a lazily loaded part did not come. */
const GONE_PART = /dynamically imported module|importing a module script|error loading/i;
const isGonePart = (error: unknown): boolean => error instanceof TypeError && GONE_PART.test(error.message);

/** A newer version of the app: told quietly, taken when the walker says so. */
@Injectable({ providedIn: 'root' })
export class AppUpdates {
  private readonly updates = inject(SwUpdate, { optional: true });
  private readonly readySignal = signal(false);
  private readonly brokenSignal = signal(false);

  /** A newer version is here and waits. */
  readonly ready = this.readySignal.asReadonly();
  /** A part of this version could not be loaded, or the copy kept for offline use has lost one: only a reload mends it. */
  readonly broken = this.brokenSignal.asReadonly();

  constructor() {
    if (!this.updates?.isEnabled) return;
    this.updates.versionUpdates.subscribe((e) => e.type === 'VERSION_READY' && this.readySignal.set(true));
    this.updates.unrecoverable.subscribe(() => this.brokenSignal.set(true));
  }

  /** A view or another part could not be opened. Where its script did not come, another version was deployed: told, not thrown. */
  partIsGone(error: unknown): void {
    if (!isGonePart(error)) throw error;
    this.partIsMissing();
  }

  /** A script could not be loaded: only a reload mends it. */
  partIsMissing(): void {
    this.brokenSignal.set(true);
  }

  /** Changes over to the newer version; whatever is unwritten must be written before. */
  async take(): Promise<void> {
    if (this.updates?.isEnabled) await this.updates.activateUpdate().catch(() => false);
    location.reload();
  }
}
