export * from './answer-climate';
export * from './climate-service';
export * from './simulated-climate';
