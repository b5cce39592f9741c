const BEEPS = 4;
const BEEP_S = 0.25;

/**
 * Says that a time is over: a shake, a notice of the system where the walker has allowed it, and a sound unless one plays already. What a browser
 * cannot do it leaves.
 */
export function alarm(words: string, isHeard = false): void {
  navigator.vibrate?.([300, 150, 300, 150, 300]);
  if (!isHeard) sound();
  if (typeof Notification !== 'undefined' && Notification.permission === 'granted' && document.visibilityState !== 'visible')
    new Notification(words, { tag: 'stove' });
}

/** May notices of the system be shown, or be asked for? */
export const noticesMayBeAsked = (): boolean => typeof Notification !== 'undefined' && Notification.permission === 'default';
export const askForNotices = (): Promise<unknown> => Notification.requestPermission();

function sound(): void {
  if (typeof AudioContext === 'undefined') return;
  const context = new AudioContext();
  for (let i = 0; i < BEEPS; i++) {
    const tone = context.createOscillator();
    tone.frequency.value = 880;
    tone.connect(context.destination);
    tone.start(context.currentTime + 2 * i * BEEP_S);
    tone.stop(context.currentTime + (2 * i + 1) * BEEP_S);
    if (i === BEEPS - 1) tone.onended = () => void context.close();
  }
}
