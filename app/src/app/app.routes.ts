import { inject } from '@angular/core';
import type { CanActivateFn, Route, Routes } from '@angular/router';
import { RecordStore } from './store/record-store';

/** A screen that shows bakes waits until all are read: what is not there is not there. */
const bakesAreRead: CanActivateFn = async () => {
  await inject(RecordStore).wholly();
  return true;
};

/** One lazy route for each station, in the order of the work. */
export const routes: Routes = [
  { path: 'shelf', title: $localize`Shelf · Orvin`, loadComponent: () => import('./shelf/shelf').then((m) => m.Shelf) },
  {
    path: 'bench/:id',
    title: $localize`Bench · Orvin`,
    loadComponent: () => import('./bench/bench').then((m) => m.Bench),
  },
  {
    path: 'batch/:id',
    title: $localize`Batch · Orvin`,
    loadComponent: () => import('./batch/batch').then((m) => m.BatchStation),
  },
  {
    path: 'batch/:id/sheet',
    canActivate: [bakesAreRead],
    title: $localize`Batch sheet · Orvin`,
    loadComponent: () => import('./batch/sheet-page').then((m) => m.SheetPage),
  },
  { path: 'oven/:id', title: $localize`Oven · Orvin`, loadComponent: () => import('./oven/oven').then((m) => m.Oven) },
  { path: 'day', title: $localize`Day · Orvin`, loadComponent: () => import('./day/day').then((m) => m.Day) },
  { path: 'day/:id', title: $localize`Day · Orvin`, loadComponent: () => import('./day/day').then((m) => m.Day) },
  {
    path: 'bake',
    title: $localize`Bake · Orvin`,
    loadComponent: () => import('./bake/start').then((m) => m.BakeStart),
  },
  { path: 'bake/:id', title: $localize`Bake · Orvin`, loadComponent: () => import('./bake/bake').then((m) => m.Bake) },
  {
    path: 'book',
    canActivate: [bakesAreRead],
    title: $localize`Book · Orvin`,
    loadComponent: () => import('./book/book').then((m) => m.Book),
  },
  {
    path: 'book/new',
    canActivate: [bakesAreRead],
    title: $localize`Book · Orvin`,
    loadComponent: () => import('./book/record-form').then((m) => m.RecordForm),
  },
  {
    path: 'book/faults',
    title: $localize`Faults · Orvin`,
    loadComponent: () => import('./book/faults-page').then((m) => m.FaultsPage),
  },
  {
    path: 'book/:id',
    canActivate: [bakesAreRead],
    title: $localize`Book · Orvin`,
    loadComponent: () => import('./book/record-form').then((m) => m.RecordForm),
  },
  {
    path: 'pantry',
    title: $localize`Pantry · Orvin`,
    loadComponent: () => import('./pantry/pantry').then((m) => m.Pantry),
  },
  { path: '**', redirectTo: 'shelf' },
];

/** Begins to load the screen of an address while the stores are still being opened; the router finds it loaded. */
export function loadAhead(pathname: string): void {
  const words = pathname.split('/').filter((word) => word !== '');
  const leadsThere = ({ path = '' }: Route) => {
    const parts = path.split('/');
    return parts.length === words.length && parts.every((part, i) => part.startsWith(':') || part === words[i]);
  };
  // whatever else leads to the first
  const route = routes.find(leadsThere) ?? routes[0];
  // where it cannot be fetched the router asks again, and tells
  void Promise.resolve(route?.loadComponent?.()).catch(() => undefined);
}
