export * from './carry-plan';
export * from './caution';
export * from './cooked';
export * from './hazard';
export * from './plan-day';
export * from './problem';
