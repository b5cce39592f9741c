import { FRAME_MS, frameAt, gardenBurn, gardenRunSchema, streamQuerySchema, type GardenBurn } from '@tinder/core/studies/bench';
import express, { type Response, type Router } from 'express';
import { randomUUID } from 'node:crypto';
import { refusal } from './refusal';

/** Limits of what a server keeps for those who rehearse. */
export interface InstrumentLimits {
  sessions: number;
  /** A session ends so long after it was begun, ms. */
  ageMs: number;
  streamsEach: number;
}
export const INSTRUMENT_LIMITS: InstrumentLimits = { sessions: 32, ageMs: 60 * 60_000, streamsEach: 3 };

interface Session {
  burn: GardenBurn;
  begunMs: number;
  streams: Set<Response>;
}
export interface Instruments {
  router: Router;
  /** Ends every stream, so that the server can end. */
  close: () => void;
}

/**
 * A simulated scale and thermometer as server-sent events. A session is one burn of the simulated garden; its streams show the scale before, the
 * thermometer during and the scale after. Sessions are few and end of themselves; a reader that does not keep up misses frames, and none are kept for it.
 */
export function createInstruments(limits = INSTRUMENT_LIMITS, now: () => number = Date.now): Instruments {
  const sessions = new Map<string, Session>();

  const end = (id: string, session: Session): void => {
    sessions.delete(id);
    for (const stream of session.streams) stream.end();
  };
  const tidy = (): void => {
    for (const [id, session] of sessions) if (now() - session.begunMs > limits.ageMs) end(id, session);
  };

  const router = express.Router();
  router.post('/', express.json({ limit: '50kb' }), (req, res) => {
    tidy();
    const run = gardenRunSchema.safeParse(req.body);
    if (!run.success) {
      res.status(400).json(refusal(run.error, 'the run'));
      return;
    }
    if (sessions.size >= limits.sessions) {
      res.status(503).set('Retry-After', '60').json({ error: 'every simulated instrument is in use: try again in a minute' });
      return;
    }
    const id = randomUUID();
    sessions.set(id, { burn: gardenBurn(run.data), begunMs: now(), streams: new Set() });
    res.status(201).set('Cache-Control', 'no-store').json({ id, simulated: true });
  });

  router.get('/:id/stream', (req, res) => {
    tidy();
    const session = sessions.get(req.params.id);
    const query = streamQuerySchema.safeParse(req.query);
    if (!session) return void res.status(404).json({ error: 'that simulated burn is over: begin another' });
    if (!query.success) return void res.status(400).json(refusal(query.error, 'the query'));
    if (session.streams.size >= limits.streamsEach)
      return void res.status(503).json({ error: 'this simulated burn is watched often enough' });
    const { phase, speed, fromS, stoppedS } = query.data;
    res.status(200).set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', 'X-Accel-Buffering': 'no' });
    session.streams.add(res);
    const begunMs = now();
    let full = false;
    res.on('drain', () => (full = false));
    const tick = (): void => {
      if (full) return;
      const s = fromS + (speed * (now() - begunMs)) / 1000;
      full = !res.write(`data: ${JSON.stringify(frameAt(session.burn, phase, s, stoppedS))}\n\n`);
    };
    tick();
    const timer = setInterval(tick, FRAME_MS);
    // what ends, by whichever side, ticks no more
    const over = (): void => {
      clearInterval(timer);
      session.streams.delete(res);
    };
    res.on('close', over);
    res.on('finish', over);
    return undefined;
  });

  return {
    router,
    close: () => {
      for (const [id, session] of sessions) end(id, session);
    },
  };
}
