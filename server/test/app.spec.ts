import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { connect } from 'node:net';
import path from 'node:path';
import { answerClimate } from '@tinder/core/physics/climate';
import { createApp } from '../src/app';
import { createInstruments } from '../src/instruments';
import { listen, portOf, type Listening } from '../src/listen';

describe('server', () => {
  let dir: string;
  let server: Listening;
  beforeAll(async () => {
    dir = mkdtempSync(path.join(tmpdir(), 'tinder-'));
    writeFileSync(path.join(dir, 'index.html'), '<!doctype html><title>Restless Tinder</title>');
    writeFileSync(path.join(dir, 'main-ABCDEFGH.js'), 'plain');
    writeFileSync(path.join(dir, 'main-ABCDEFGH.js.br'), 'brotli');
    server = await listen(createApp(dir, createInstruments()), 0);
  });
  afterAll(async () => {
    await server.close();
    rmSync(dir, { recursive: true });
  });
  const get = (p: string, headers: Record<string, string> = {}) => fetch(server.address + p, { headers });

  it('answers the health endpoint without caching', async () => {
    const res = await get('api/health');
    expect(await res.json()).toEqual({ status: 'ok' });
    expect(res.headers.get('cache-control')).toBe('no-store');
  });

  it('answers the simulated climate as the core does, labelled, and says what is wrong with a question', async () => {
    const ask = (body: string) =>
      fetch(server.address + 'api/climate', { method: 'POST', headers: { 'content-type': 'application/json' }, body });
    const query = { latitudeDeg: 46, days: [{ altitudeM: 1200, dayOfYear: 220 }] };
    const answer: unknown = await (await ask(JSON.stringify(query))).json();
    expect(answer).toEqual(answerClimate(query));
    expect(answer).toMatchObject([{ simulated: true }]);
    const bad = await ask(JSON.stringify({ ...query, latitudeDeg: 120 }));
    expect([bad.status, await bad.json()]).toEqual([400, { error: expect.stringContaining('latitudeDeg') as string }]);
    expect((await ask('{oops')).status).toBe(400);
  });

  it('sends a strict content security policy and no powered-by header', async () => {
    const { headers } = await get('');
    const policy = headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self';");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(policy).toContain("frame-ancestors 'none'");
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('permissions-policy')).toContain('geolocation=()');
    expect(headers.has('x-powered-by')).toBe(false);
  });

  it('keeps hashed files for a year and revalidates the page', async () => {
    expect((await get('main-ABCDEFGH.js')).headers.get('cache-control')).toContain('immutable');
    expect((await get('')).headers.get('cache-control')).toBe('no-cache');
  });

  it('serves the precompressed twin to those who take it', async () => {
    const res = await get('main-ABCDEFGH.js', { 'accept-encoding': 'br' });
    expect(res.headers.get('content-encoding')).toBe('br');
  });

  it('answers a view address with the page, a missing file and an unknown call with 404', async () => {
    expect(await (await get('carry')).text()).toContain('Restless Tinder');
    expect((await get('nothing.js')).status).toBe(404);
    expect((await get('api/nothing')).status).toBe(404);
  });

  it('says which port is taken and what to do', async () => {
    const port = Number(new URL(server.address).port);
    await expect(listen(createApp(dir, createInstruments()), port)).rejects.toThrow(`Port ${port} is taken`);
    await expect(listen(createApp(dir, createInstruments()), Number.NaN)).rejects.toThrow('whole number');
  });

  it('takes the port it is told, and refuses one that is empty or no number instead of choosing any', async () => {
    expect([portOf(undefined, 3000), portOf('8080', 3000), portOf(' 0 ', 3000)]).toEqual([3000, 8080, 0]);
    for (const said of ['', ' ', 'http', '-1', '80.5'])
      await expect(listen(createApp(dir, createInstruments()), portOf(said, 3000))).rejects.toThrow('PORT must be');
  });

  it('ends although somebody holds a connection half open', async () => {
    const other = await listen(createApp(dir, createInstruments()), 0);
    const socket = connect(Number(new URL(other.address).port), '127.0.0.1');
    const cut = new Promise((done) => socket.once('close', done));
    socket.on('error', () => undefined);
    await new Promise((done) => socket.once('connect', done));
    socket.write('GET / HTTP/1.1\r\nHost: here\r\n'); // and never the end of it
    await other.close();
    await cut;
  }, 60_000);
});
