export * from './climate-service';
export * from './simulated-climate';
