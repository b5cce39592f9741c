export * from './vesper-divide';
export * from './vesper-rack';
