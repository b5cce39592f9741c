export * from './archive';
export * from './export';
export * from './import';
export * from './json-bounds';
export * from './migrate-v1';
export * from './migrate-v2';
export * from './text-place';
export * from './trip-v1';
