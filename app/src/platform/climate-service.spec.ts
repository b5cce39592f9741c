import { TestBed } from '@angular/core/testing';
import { answerClimate } from '@tinder/core/physics/climate';
import { DEMO_TRIP } from '@tinder/core/demo';
import { climateQuery } from '@tinder/core/domain/trail';
import { ClimateService } from './climate-service';

describe('the climate service', () => {
  const own = answerClimate(climateQuery(DEMO_TRIP));
  const answerWith = (body: unknown) => {
    const fetch = jest.fn((_url: string, _request: { body: string }) => Promise.resolve({ json: () => Promise.resolve(body) }));
    Object.assign(globalThis, { fetch });
    return fetch;
  };
  afterEach(() => Object.assign(globalThis, { fetch: undefined }));

  it('asks for every day at its height, and takes what the service says', async () => {
    const theirs = own.map((c) => ({ ...c, supperAirC: c.supperAirC + 1 }));
    const fetch = answerWith(theirs);
    const service = TestBed.inject(ClimateService);
    expect(await service.ask(DEMO_TRIP)).toEqual(theirs);
    expect(service.answeredBy()).toBe('service');
    const asked = JSON.parse(fetch.mock.calls[0][1].body) as { days: unknown[] };
    expect(asked.days).toHaveLength(23);
    expect(asked.days[0]).toEqual({ altitudeM: 1940, dayOfYear: 228 }); // 16 August
  });

  it('answers itself where the service is gone or talks nonsense, and says so', async () => {
    const service = TestBed.inject(ClimateService);
    Object.assign(globalThis, { fetch: () => Promise.reject(new TypeError('no network')) });
    expect(await service.ask(DEMO_TRIP)).toEqual(own);
    expect(service.answeredBy()).toBe('here');
    answerWith([{ simulated: false }]);
    expect(await service.ask(DEMO_TRIP)).toEqual(own);
    expect(service.answeredBy()).toBe('here');
  });
});
