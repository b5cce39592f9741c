export * from './ics';
