import { Injectable } from '@angular/core';
import { FRAME_MS, frameAt, frameSchema, gardenBurn, type Frame, type GardenRun, type StreamQuery } from '@tinder/core/studies/bench';
import { catchError, defer, from, map, Observable, switchMap, timeout, timer } from 'rxjs';
import * as z from 'zod';

/** What the simulated instruments show, and who computes it. */
export interface Reading extends Frame {
  by: 'server' | 'page';
}

/** A server that says nothing for so long is taken to be gone, ms. */
const PATIENCE_MS = 3000;
const openedSchema = z.object({ id: z.string() });

/** The simulated scale and thermometer: streamed by the server, or computed here by the same code where that is gone, from the very second on. */
@Injectable({ providedIn: 'root' })
export class Instruments {
  watch(run: GardenRun, query: StreamQuery): Observable<Reading> {
    return defer(() => {
      const begunMs = Date.now();
      const secondNow = (): number => query.fromS + (query.speed * (Date.now() - begunMs)) / 1000;
      return fromServer(run, query, secondNow).pipe(
        timeout({ each: PATIENCE_MS }),
        catchError(() => fromPage(run, query, secondNow)),
      );
    });
  }
}

/** Errs when the server cannot be reached, or goes away. */
const fromServer = (run: GardenRun, query: StreamQuery, secondNow: () => number): Observable<Reading> =>
  from(openRun(run)).pipe(
    switchMap((id) => {
      const { speed, stoppedS } = query;
      const asked = new URLSearchParams({ ...query, speed: String(speed), fromS: String(secondNow()), stoppedS: String(stoppedS) });
      return messages(`/api/instruments/${id}/stream?${asked}`);
    }),
    map((text): Reading => ({ ...frameSchema.parse(JSON.parse(text)), by: 'server' })),
  );

async function openRun(run: GardenRun): Promise<string> {
  const opened = await fetch('/api/instruments', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(run),
  });
  return openedSchema.parse(await opened.json()).id;
}

/** What an address streams as server-sent events. */
const messages = (address: string): Observable<string> =>
  new Observable((seen) => {
    const source = new EventSource(address);
    source.onmessage = ({ data }: MessageEvent<string>) => seen.next(data);
    source.onerror = (e) => seen.error(e);
    return () => source.close();
  });

function fromPage(run: GardenRun, query: StreamQuery, secondNow: () => number): Observable<Reading> {
  const burn = gardenBurn(run);
  return timer(0, FRAME_MS).pipe(map((): Reading => ({ ...frameAt(burn, query.phase, secondNow(), query.stoppedS), by: 'page' })));
}
