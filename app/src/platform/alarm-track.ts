const RATE_HZ = 4000;
const HEADER_BYTES = 44;
const TONE_HZ = 880;
const BEEP_S = 0.25;
const BEEPS = 4;
/** A track is kept in memory whole: longer than this it is not made, s. */
const LONGEST_S = 3600;
const SILENCE = 128;

/** A sound file (WAV, 8 bit, mono): silence of `silenceS` seconds, then beeps. */
export function alarmWav(silenceS: number): Uint8Array<ArrayBuffer> {
  const silent = Math.round(silenceS * RATE_HZ);
  const length = silent + Math.round(2 * BEEPS * BEEP_S * RATE_HZ);
  const bytes = new Uint8Array(HEADER_BYTES + length).fill(SILENCE);
  const header = new DataView(bytes.buffer);
  const word = (at: number, text: string): void => [...text].forEach((c, i) => header.setUint8(at + i, c.charCodeAt(0)));
  word(0, 'RIFF');
  header.setUint32(4, HEADER_BYTES - 8 + length, true);
  word(8, 'WAVEfmt ');
  header.setUint32(16, 16, true);
  header.setUint16(20, 1, true); // plain samples
  header.setUint16(22, 1, true);
  header.setUint32(24, RATE_HZ, true);
  header.setUint32(28, RATE_HZ, true);
  header.setUint16(32, 1, true);
  header.setUint16(34, 8, true);
  word(36, 'data');
  header.setUint32(40, length, true);
  for (let i = silent; i < length; i++) {
    const s = (i - silent) / RATE_HZ;
    const sounds = Math.floor(s / BEEP_S) % 2 === 0;
    if (sounds) bytes[HEADER_BYTES + i] = SILENCE + Math.round(110 * Math.sin(2 * Math.PI * TONE_HZ * s));
  }
  return bytes;
}

/**
 * Beeps in so many seconds, though the phone is locked by then: a page out of sight has its clocks held back, a track that plays goes on. To be
 * called in the press of a button, as browsers want it. Gives back how to stop it, and whether it has sounded; undefined where nothing plays.
 */
export function ringIn(seconds: number, title: string): { stop: () => void; isPlaying: () => boolean } | undefined {
  if (typeof Audio === 'undefined' || typeof URL.createObjectURL === 'undefined' || seconds > LONGEST_S) return undefined;
  const address = URL.createObjectURL(new Blob([alarmWav(seconds)], { type: 'audio/wav' }));
  const track = new Audio(address);
  let refused = false;
  if ('mediaSession' in navigator) navigator.mediaSession.metadata = new MediaMetadata({ title });
  const end = (): void => URL.revokeObjectURL(address);
  track.addEventListener('ended', end);
  track.play().catch(() => (refused = true)); // forbidden: the page rings itself, if it is awake
  return {
    stop: () => {
      track.pause();
      end();
    },
    isPlaying: () => !refused && (!track.paused || track.ended),
  };
}
