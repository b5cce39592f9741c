import { Unsavable } from '../platform/database/unsavable';
import type { SaveFault } from '../words/save-words';

/** What an error of the browser's storage means for the walker. */
export function saveFaultOf(e: unknown): SaveFault {
  if (!(e instanceof Error) && !(e instanceof DOMException)) return { code: 'other', why: String(e) };
  if (e instanceof Unsavable) return { code: 'unsavable', what: e.what, problem: e.problem };
  switch (e.name) {
    case 'QuotaExceededError':
      return { code: 'noRoom' };
    case 'VersionError':
      return { code: 'newerVersion' };
    case 'SilentStorage':
      return { code: 'silentStorage' };
    case 'SecurityError':
    case 'MissingStorage':
      return { code: 'noStorage' };
    case 'InvalidStateError': // the connection was closed under it
      return { code: 'closed' };
    default:
      return { code: 'other', why: e.message || e.name };
  }
}

/** Faults that another try may not meet again. */
export const mayPass = ({ code }: SaveFault): boolean => code === 'noRoom' || code === 'closed' || code === 'other';
