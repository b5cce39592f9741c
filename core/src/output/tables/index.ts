export * from './csv';
export * from './dish-csv';
export * from './load-out-csv';
export * from './logger-csv';
export * from './rack-csv';
export * from './shelf-csv';
export * from './tests-csv';
export * from './log-csv';
