/**
 * Calls `show` once the page has followed an edit that a field has just offered: what the store did not take must not go on being shown, and
 * a value that stays as it was changes no binding. (It has followed before the next timer.)
 */
export const onceTaken = (show: () => void): void => void setTimeout(show);
