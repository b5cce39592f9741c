import { alarmWav, ringIn } from './alarm-track';

const text = (bytes: Uint8Array, at: number, n = 4): string => String.fromCharCode(...bytes.subarray(at, at + n));

describe('a track that rings by itself', () => {
  it('is a sound file, silent for just as long as asked, then loud for two seconds', () => {
    const wav = alarmWav(90);
    const view = new DataView(wav.buffer);
    expect([text(wav, 0), text(wav, 8), text(wav, 12), text(wav, 36)]).toEqual(['RIFF', 'WAVE', 'fmt ', 'data']);
    // RIFF says its length less eight bytes; the data chunk what follows it
    expect([view.getUint32(4, true), view.getUint32(40, true)]).toEqual([wav.length - 8, wav.length - 44]);
    const bytesPerS = view.getUint32(28, true);
    const samples = wav.subarray(44);
    expect(samples.length / bytesPerS).toBeCloseTo(92, 3);
    const first = samples.findIndex((s) => s !== 128);
    expect(first / bytesPerS).toBeCloseTo(90, 2);
    expect(Math.max(...samples.subarray(first))).toBeGreaterThan(220);
  });

  it('is not made for hours, nor where nothing can be played', () => {
    expect(ringIn(10_000, 'rest')).toBeUndefined();
    expect(ringIn(60, 'rest')).toBeUndefined(); // no address for a sound here
  });
});
