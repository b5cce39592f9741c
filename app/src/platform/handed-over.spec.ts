import { TestBed } from '@angular/core/testing';
import { HANDED_OVER, HandedFile } from './handed-file';
import { InstallOffer } from './install-offer';

afterEach(() => localStorage.clear());

describe('files that the system hands over', () => {
  it('go where chosen ones go: tracks wait for the drawer, once; all else is read', () => {
    let hand: (file: File) => void = () => undefined;
    TestBed.configureTestingModule({ providers: [{ provide: HANDED_OVER, useValue: (take: typeof hand) => (hand = take) }] });
    const handed = TestBed.inject(HandedFile);
    const [read, tracks]: string[][] = [[], []];
    handed.listen(
      (f) => read.push(f.name),
      () => tracks.push(handed.track()?.name ?? ''),
    );
    for (const name of ['trip.json', 'walk.GPX', 'ridge.kml', 'ridge.geojson', 'list.csv']) hand(new File(['x'], name));
    expect([read, tracks]).toEqual([
      ['trip.json', 'list.csv'],
      ['walk.GPX', 'ridge.kml', 'ridge.geojson'],
    ]);
    expect([handed.takeTrack()?.name, handed.takeTrack()]).toEqual(['ridge.geojson', undefined]);
  });
});

describe('installing', () => {
  const offered = (): { asked: () => number; event: Event } => {
    let n = 0;
    const event = Object.assign(new Event('beforeinstallprompt', { cancelable: true }), { prompt: () => Promise.resolve(n++) });
    return { asked: () => n, event };
  };

  it('is offered once; put away it is only in the palette', () => {
    const offer = TestBed.inject(InstallOffer);
    expect(offer.isOffered()).toBe(false); // nobody can
    const { event, asked } = offered();
    dispatchEvent(event);
    expect([event.defaultPrevented, offer.isOffered()]).toEqual([true, true]);
    offer.dismiss();
    expect([offer.isOffered(), offer.canInstall(), asked()]).toEqual([false, true, 0]);
    TestBed.resetTestingModule();
    const later = TestBed.inject(InstallOffer);
    dispatchEvent(offered().event);
    expect([later.isOffered(), later.canInstall()]).toEqual([false, true]);
  });

  it('asks the browser, whose offer serves once', async () => {
    const offer = TestBed.inject(InstallOffer);
    const { event, asked } = offered();
    dispatchEvent(event);
    await offer.install();
    expect([asked(), offer.canInstall()]).toEqual([1, false]);
  });
});
