export const ARCHIVE_FORMAT = 'restless-tinder';
export const ARCHIVE_VERSION = 3;
/** Larger files are refused before they are parsed. */
export const LARGEST_ARCHIVE_BYTES = 50_000_000;
