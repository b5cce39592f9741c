import type { Routes } from '@angular/router';
import { HAS_STARTED } from './platform/has-started';

/** One lazy view each. Views that are not built yet have no route and no place in the navigation. */
export const routes: Routes = [
  { path: 'trail', title: 'Trail · Restless Tinder', loadComponent: () => import('./views/trail/trail-view').then((m) => m.TrailView) },
  { path: 'kit', title: 'Kit · Restless Tinder', loadComponent: () => import('./views/kit/kit-view').then((m) => m.KitView) },
  { path: 'menu', title: 'Menu · Restless Tinder', loadComponent: () => import('./views/menu/menu-view').then((m) => m.MenuView) },
  { path: 'carry', title: 'Carry · Restless Tinder', loadComponent: () => import('./views/carry/carry-view').then((m) => m.CarryView) },
  { path: 'shelf', title: 'Shelf · Restless Tinder', loadComponent: () => import('./views/shelf/shelf-view').then((m) => m.ShelfView) },
  { path: 'pack', title: 'Pack · Restless Tinder', loadComponent: () => import('./views/pack/pack-view').then((m) => m.PackView) },
  { path: 'walk', title: 'Walk · Restless Tinder', loadComponent: () => import('./views/walk/walk-view').then((m) => m.WalkView) },
  { path: 'bench', title: 'Bench · Restless Tinder', loadComponent: () => import('./views/bench/bench-view').then((m) => m.BenchView) },
  { path: 'guide', title: 'Guide · Restless Tinder', loadComponent: () => import('./views/guide/guide-view').then((m) => m.GuideView) },
  {
    path: 'new',
    title: 'New trip · Restless Tinder',
    loadComponent: () => import('./views/new-trip/new-trip-view').then((m) => m.NewTripView),
  },
  { path: 'start', title: 'Restless Tinder', loadComponent: () => import('./shell/start-view').then((m) => m.StartView) },
  { path: '', pathMatch: 'full', redirectTo: () => (HAS_STARTED.read() ? 'carry' : 'start') },
  { path: '**', redirectTo: 'carry' },
];
