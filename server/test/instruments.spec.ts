import { frameAt, frameSchema, gardenBurn, type GardenRun } from '@tinder/core/studies/bench';
import { DEMO_TRIP } from '@tinder/core/demo';
import { newSetup } from '@tinder/core/domain/model';
import express from 'express';
import { createInstruments, INSTRUMENT_LIMITS, type Instruments } from '../src/instruments';
import { listen, type Listening } from '../src/listen';

const RUN: GardenRun = { seed: 7, run: 0, setup: newSetup('small canister stove', DEMO_TRIP.kit) };

let server: Listening;
let instruments: Instruments;
let nowMs = 0;
const begin = async (limits = INSTRUMENT_LIMITS): Promise<void> => {
  instruments = createInstruments(limits, () => nowMs);
  server = await listen(express().use('/api/instruments', instruments.router), 0);
};
afterEach(async () => {
  instruments.close();
  await server.close();
});

const post = (body: unknown): Promise<Response> =>
  fetch(`${server.address}api/instruments`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
const open = async (): Promise<string> => ((await (await post(RUN)).json()) as { id: string }).id;
const stream = (id: string, query: string): Promise<Response> => fetch(`${server.address}api/instruments/${id}/stream?${query}`);

/** The first frame of a stream, which is then let go. */
async function firstFrame(res: Response): Promise<unknown> {
  const reader = (res.body as ReadableStream<Uint8Array>).getReader();
  const { value } = await reader.read();
  await reader.cancel();
  return JSON.parse(new TextDecoder().decode(value).replace(/^data: /, ''));
}

describe('the simulated instruments', () => {
  it('show what the same burn shows anywhere else, from any second on', async () => {
    await begin();
    const res = await stream(await open(), 'phase=burn&fromS=95');
    expect(res.headers.get('content-type')).toContain('text/event-stream');
    const frame = frameSchema.parse(await firstFrame(res));
    expect(frame).toEqual(frameAt(gardenBurn(RUN), 'burn', 95));
    const after = frameSchema.parse(await firstFrame(await stream(await open(), 'phase=after&stoppedS=200&fromS=10')));
    expect(after).toEqual(frameAt(gardenBurn(RUN), 'after', 10, 200));
  });

  it('refuse what they cannot read, in words, and know no other burn', async () => {
    await begin();
    const bad = await post({ ...RUN, setup: { ...RUN.setup, waterMl: 'much' } });
    expect([bad.status, ((await bad.json()) as { error: string }).error]).toEqual([400, expect.stringContaining('setup.waterMl')]);
    expect((await stream('nobody', 'phase=burn')).status).toBe(404);
    expect((await stream(await open(), 'phase=lunch')).status).toBe(400);
  });

  it('are few: one more is told when to come back, and an old one makes room', async () => {
    await begin({ sessions: 2, ageMs: 1000, streamsEach: 1 });
    const first = await open();
    await open();
    const full = await post(RUN);
    expect([full.status, full.headers.get('retry-after')]).toEqual([503, '60']);
    nowMs += 1001;
    expect((await post(RUN)).status).toBe(201);
    expect((await stream(first, 'phase=burn')).status).toBe(404);
  });

  it('end every stream when the server ends', async () => {
    await begin({ ...INSTRUMENT_LIMITS, streamsEach: 1 });
    const id = await open();
    const res = await stream(id, 'phase=before');
    expect((await stream(id, 'phase=before')).status).toBe(503);
    const all = res.text();
    instruments.close();
    expect(await all).toMatch(/^data: /);
  });
});
