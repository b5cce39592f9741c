export * from './monte-carlo';
export * from './random';
export * from './spreads';
