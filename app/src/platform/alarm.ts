import { ringIn } from './alarm-track';

/**
 * Says that a time is over: a shake, a notice of the system where the walker has allowed it, and a sound unless one plays already. What a browser
 * cannot do it leaves.
 */
export function alarm(words: string, isHeard = false): void {
  navigator.vibrate?.([300, 150, 300, 150, 300]);
  if (!isHeard) ringIn(0, words);
  if (typeof Notification !== 'undefined' && Notification.permission === 'granted' && document.visibilityState !== 'visible')
    new Notification(words, { tag: 'stove' });
}

/** May notices of the system be shown, or be asked for? */
export const noticesMayBeAsked = (): boolean => typeof Notification !== 'undefined' && Notification.permission === 'default';
export const askForNotices = (): Promise<unknown> => Notification.requestPermission();
