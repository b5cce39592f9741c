import { inject, Injectable, InjectionToken, signal } from '@angular/core';

/** Chromium hands files that were opened with an installed app over by a queue; the DOM's own types do not know it yet. */
interface LaunchQueue {
  setConsumer: (consumer: (params: { files: readonly { getFile: () => Promise<File> }[] }) => void) => void;
}
/** Under this name app/public/tinder-worker.js keeps what was shared with the app. */
const SHARED = 'shared-file';

/** Where files come from that nobody chose in the page. */
export const HANDED_OVER = new InjectionToken<(take: (file: File) => void) => void>('files handed over', {
  providedIn: 'root',
  factory: () => (take) => {
    const { launchQueue } = globalThis as { launchQueue?: LaunchQueue };
    launchQueue?.setConsumer(({ files }) => void Promise.all(files.map((f) => f.getFile())).then((all) => all.forEach(take)));
    if (new URLSearchParams(location.search).has('shared')) void sharedFile().then((file) => file && take(file));
  },
});

/** What the share sheet gave the service worker; it is given once. */
async function sharedFile(): Promise<File | undefined> {
  const cache = await caches.open(SHARED);
  const kept = await cache.match(SHARED);
  if (!kept) return undefined;
  await cache.delete(SHARED);
  return new File([await kept.blob()], decodeURIComponent(kept.headers.get('x-name') ?? 'shared'));
}

const IS_TRACK = /\.(gpx|kml|geojson|xml)$/i;

/** Files that the system hands over: opened with the installed app, or shared with it. */
@Injectable({ providedIn: 'root' })
export class HandedFile {
  private readonly handedOver = inject(HANDED_OVER);
  private readonly trackSignal = signal<File | undefined>(undefined);
  /** A track that waits for the drawer in which a trip is made along it. */
  readonly track = this.trackSignal.asReadonly();

  /** Listens from now on: tracks wait here, all else is given to `read`. */
  listen(read: (file: File) => void, trackCame: () => void): void {
    this.handedOver((file) => {
      if (!IS_TRACK.test(file.name)) return read(file);
      this.trackSignal.set(file);
      trackCame();
    });
  }

  /** The track that waits, once. */
  takeTrack(): File | undefined {
    const file = this.track();
    this.trackSignal.set(undefined);
    return file;
  }
}
