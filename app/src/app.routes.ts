import type { Routes } from '@angular/router';
import { inATask } from './platform/in-a-task';

/** One lazy view each: read in one task, built in others. Views that are not built yet have no route and no place in the navigation. */
export const routes: Routes = [
  {
    path: 'trail',
    title: 'Trail · Restless Tinder',
    loadComponent: () => import('./trail/trail-view').then(({ TrailView }) => inATask(TrailView)),
  },
  { path: 'kit', title: 'Kit · Restless Tinder', loadComponent: () => import('./kit/kit-view').then(({ KitView }) => inATask(KitView)) },
  {
    path: 'menu',
    title: 'Menu · Restless Tinder',
    loadComponent: () => import('./menu/menu-view').then(({ MenuView }) => inATask(MenuView)),
  },
  {
    path: 'carry',
    title: 'Carry · Restless Tinder',
    loadComponent: () => import('./carry/carry-view').then(({ CarryView }) => inATask(CarryView)),
  },
  {
    path: 'shelf',
    title: 'Shelf · Restless Tinder',
    loadComponent: () => import('./shelf/shelf-view').then(({ ShelfView }) => inATask(ShelfView)),
  },
  {
    path: 'pack',
    title: 'Pack · Restless Tinder',
    loadComponent: () => import('./pack/pack-view').then(({ PackView }) => inATask(PackView)),
  },
  {
    path: 'walk',
    title: 'Walk · Restless Tinder',
    loadComponent: () => import('./walk/walk-view').then(({ WalkView }) => inATask(WalkView)),
  },
  {
    path: 'bench',
    title: 'Bench · Restless Tinder',
    loadComponent: () => import('./bench/bench-view').then(({ BenchView }) => inATask(BenchView)),
  },
  {
    path: 'guide',
    title: 'Guide · Restless Tinder',
    loadComponent: () => import('./guide/guide-view').then(({ GuideView }) => inATask(GuideView)),
  },
  { path: '**', redirectTo: 'carry' },
];
