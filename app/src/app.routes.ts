import type { Type } from '@angular/core';
import type { Route, Routes } from '@angular/router';
import { inATask } from './platform/in-a-task';

/** A lazy view: read in one task, built in others. */
const view = (path: string, name: string, load: () => Promise<Type<unknown>>): Route => ({
  path,
  title: `${name} · Restless Tinder`,
  loadComponent: () => load().then(inATask),
});

/** One lazy view each. Views that are not built yet have no route and no place in the navigation. */
export const routes: Routes = [
  view('trail', 'Trail', () => import('./trail/trail-view').then((m) => m.TrailView)),
  view('kit', 'Kit', () => import('./kit/kit-view').then((m) => m.KitView)),
  view('menu', 'Menu', () => import('./menu/menu-view').then((m) => m.MenuView)),
  view('carry', 'Carry', () => import('./carry/carry-view').then((m) => m.CarryView)),
  view('shelf', 'Shelf', () => import('./shelf/shelf-view').then((m) => m.ShelfView)),
  view('pack', 'Pack', () => import('./pack/pack-view').then((m) => m.PackView)),
  view('walk', 'Walk', () => import('./walk/walk-view').then((m) => m.WalkView)),
  view('bench', 'Bench', () => import('./bench/bench-view').then((m) => m.BenchView)),
  view('guide', 'Guide', () => import('./guide/guide-view').then((m) => m.GuideView)),
  { path: '**', redirectTo: 'carry' },
];
