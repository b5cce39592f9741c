export * from './day-menu';
export * from './dish-catalogue';
export * from './dish-csv';
export * from './edit';
export * from './fit';
export * from './methods';
