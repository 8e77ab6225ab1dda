import type { Routes } from '@angular/router';

/** What each station's first address loads, by its first word. */
const STATIONS = {
  shelf: () => import('./shelf/shelf').then((m) => m.Shelf),
  bench: () => import('./bench/bench').then((m) => m.Bench),
  batch: () => import('./batch/batch').then((m) => m.BatchStation),
  oven: () => import('./oven/oven').then((m) => m.Oven),
  day: () => import('./day/day').then((m) => m.Day),
  bake: () => import('./bake/start').then((m) => m.BakeStart),
  book: () => import('./book/book').then((m) => m.Book),
  pantry: () => import('./pantry/pantry').then((m) => m.Pantry),
} as const;

/** Begins to load the station of an address while the stores are still being opened; the router finds it loaded. */
export function loadAhead(pathname: string): void {
  const [, word = '', ...more] = pathname.split('/');
  const isStation = (name: string): name is keyof typeof STATIONS => Object.hasOwn(STATIONS, name);
  // a bake under way, a sheet and a record are other screens: their stations would be loaded for nothing
  if (isStation(word) && more.length <= (['bench', 'batch', 'oven', 'day'].includes(word) ? 1 : 0))
    void STATIONS[word]().catch(() => undefined); // the router asks again, and tells
  if (word === '') void STATIONS.shelf().catch(() => undefined);
}

/** One lazy route for each station, in the order of the work. */
export const routes: Routes = [
  { path: 'shelf', title: 'Shelf · Orvin', loadComponent: STATIONS.shelf },
  { path: 'bench/:id', title: 'Bench · Orvin', loadComponent: STATIONS.bench },
  { path: 'batch/:id', title: 'Batch · Orvin', loadComponent: STATIONS.batch },
  {
    path: 'batch/:id/sheet',
    title: 'Batch sheet · Orvin',
    loadComponent: () => import('./batch/sheet-page').then((m) => m.SheetPage),
  },
  { path: 'oven/:id', title: 'Oven · Orvin', loadComponent: STATIONS.oven },
  { path: 'day', title: 'Day · Orvin', loadComponent: STATIONS.day },
  { path: 'day/:id', title: 'Day · Orvin', loadComponent: STATIONS.day },
  { path: 'bake', title: 'Bake · Orvin', loadComponent: STATIONS.bake },
  { path: 'bake/:id', title: 'Bake · Orvin', loadComponent: () => import('./bake/bake').then((m) => m.Bake) },
  { path: 'book', title: 'Book · Orvin', loadComponent: STATIONS.book },
  {
    path: 'book/new',
    title: 'Book · Orvin',
    loadComponent: () => import('./book/record-form').then((m) => m.RecordForm),
  },
  {
    path: 'book/faults',
    title: 'Faults · Orvin',
    loadComponent: () => import('./book/faults-page').then((m) => m.FaultsPage),
  },
  {
    path: 'book/:id',
    title: 'Book · Orvin',
    loadComponent: () => import('./book/record-form').then((m) => m.RecordForm),
  },
  { path: 'pantry', title: 'Pantry · Orvin', loadComponent: STATIONS.pantry },
  { path: '**', redirectTo: 'shelf' },
];
