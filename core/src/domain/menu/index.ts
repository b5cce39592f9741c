export * from './day-menu';
export * from './dish-catalogue';
export * from './edit';
export * from './fit';
export * from './methods';
