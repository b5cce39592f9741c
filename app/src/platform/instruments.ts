import { Injectable } from '@angular/core';
import { FRAME_MS, frameAt, frameSchema, gardenBurn, type Frame, type GardenRun, type StreamQuery } from '@tinder/core/bench';
import { Observable } from 'rxjs';
import * as z from 'zod';

/** What the simulated instruments show, and who reckons it. */
export interface Reading extends Frame {
  by: 'server' | 'page';
}

/** A server that says nothing for so long is taken to be gone, ms. */
const PATIENCE_MS = 3000;
const openedSchema = z.object({ id: z.string() });

/** The simulated scale and thermometer: streamed by the server, or reckoned here by the same code where that is gone, from the very second on. */
@Injectable({ providedIn: 'root' })
export class Instruments {
  watch(run: GardenRun, query: StreamQuery): Observable<Reading> {
    return new Observable((seen) => {
      const begunMs = Date.now();
      const secondNow = (): number => query.fromS + (query.speed * (Date.now() - begunMs)) / 1000;
      let source: EventSource | undefined;
      let timer: ReturnType<typeof setInterval> | undefined;
      let patience: ReturnType<typeof setTimeout> | undefined;
      let over = false;

      const onPage = (): void => {
        clearTimeout(patience);
        source?.close();
        if (over || timer !== undefined) return;
        const burn = gardenBurn(run);
        const tick = (): void => seen.next({ ...frameAt(burn, query.phase, secondNow(), query.stoppedS), by: 'page' });
        tick();
        timer = setInterval(tick, FRAME_MS);
      };
      const wait = (): void => {
        clearTimeout(patience);
        patience = setTimeout(onPage, PATIENCE_MS);
      };
      const onServer = async (): Promise<void> => {
        wait();
        const opened = await fetch('/api/instruments', {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(run),
        });
        const { id } = openedSchema.parse(await opened.json());
        if (over || timer !== undefined) return;
        const asked = new URLSearchParams({
          ...query,
          speed: String(query.speed),
          fromS: String(secondNow()),
          stoppedS: String(query.stoppedS),
        });
        source = new EventSource(`/api/instruments/${id}/stream?${asked}`);
        source.onmessage = ({ data }: MessageEvent<string>) => {
          wait();
          seen.next({ ...frameSchema.parse(JSON.parse(data)), by: 'server' });
        };
        source.onerror = onPage;
      };
      onServer().catch(onPage);
      return () => {
        over = true;
        clearTimeout(patience);
        clearInterval(timer);
        source?.close();
      };
    });
  }
}
