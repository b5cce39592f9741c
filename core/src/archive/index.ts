export * from './archive';
export * from './csv';
export * from './import';
export * from './migrate-v1';
export * from './migrate-v2';
export * from './trip-v1';
