import { Injectable, signal } from '@angular/core';
import { KeptFlag } from './kept-flag';

/** Chromium's offer to install, which the page may hold back and make later; the DOM's own types do not know it. */
interface InstallPrompt extends Event {
  prompt: () => Promise<unknown>;
}
const ANSWERED = new KeptFlag('install-answered');

/** Installing the app: offered once, after that only from the palette. */
@Injectable({ providedIn: 'root' })
export class InstallOffer {
  private readonly promptSignal = signal<InstallPrompt | undefined>(undefined);
  private readonly answeredSignal = signal(ANSWERED.read());

  constructor() {
    addEventListener('beforeinstallprompt', (event) => {
      event.preventDefault();
      this.promptSignal.set(event as InstallPrompt);
    });
    addEventListener('appinstalled', () => this.promptSignal.set(undefined));
  }

  /** The browser would install it. */
  canInstall(): boolean {
    return this.promptSignal() !== undefined;
  }

  /** It has never been offered, and can be. */
  isOffered(): boolean {
    return this.canInstall() && !this.answeredSignal();
  }

  async install(): Promise<void> {
    this.dismiss();
    await this.promptSignal()?.prompt();
    this.promptSignal.set(undefined); // a prompt serves once
  }

  dismiss(): void {
    ANSWERED.set();
    this.answeredSignal.set(true);
  }
}
