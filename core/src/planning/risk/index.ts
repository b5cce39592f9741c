export * from './mishaps';
export * from './monte-carlo';
export * from './need';
export * from './random';
export * from './spreads';
export * from './risk-limit';
