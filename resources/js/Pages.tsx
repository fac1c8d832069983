import { lazy } from 'react';
import { useRoutes } from 'react-router';
import { Lost } from './parts/Lost';

const PatternSheet = lazy(async () => ({ default: (await import('./patterns/PatternSheet')).PatternSheet }));
const TestSheet = lazy(async () => ({ default: (await import('./air/TestSheet')).TestSheet }));
const Variants = lazy(async () => ({ default: (await import('./patterns/Variants')).Variants }));
const Beside = lazy(async () => ({ default: (await import('./patterns/Beside')).Beside }));
const Fit = lazy(async () => ({ default: (await import('./patterns/Fit')).Fit }));
const Runs = lazy(async () => ({ default: (await import('./runs/Runs')).Runs }));
const PlanRun = lazy(async () => ({ default: (await import('./runs/PlanRun')).PlanRun }));
const RunPage = lazy(async () => ({ default: (await import('./runs/RunPage')).RunPage }));
const BenchDoor = lazy(async () => ({ default: (await import('./bench/BenchDoor')).BenchDoor }));
const Bench = lazy(async () => ({ default: (await import('./bench/Bench')).Bench }));
const Log = lazy(async () => ({ default: (await import('./log/Log')).Log }));
const BaitPage = lazy(async () => ({ default: (await import('./log/BaitPage')).BaitPage }));
const SettingsPage = lazy(async () => ({ default: (await import('./shell/SettingsPage')).SettingsPage }));
const Stores = lazy(async () => ({ default: (await import('./storeroom/Stores')).Stores }));

const PAGES = [
  { path: 'patterns/:id', Component: PatternSheet },
  { path: 'patterns/:id/versions/:version', Component: PatternSheet },
  { path: 'patterns/:id/versions/:version/sheet/:step', Component: TestSheet },
  { path: 'patterns/:id/variants', Component: Variants },
  { path: 'patterns/:id/beside/:other', Component: Beside },
  { path: 'patterns/:id/fit', Component: Fit },
  { path: 'runs', Component: Runs },
  { path: 'runs/new', Component: PlanRun },
  { path: 'runs/:id', Component: RunPage },
  { path: 'bench', Component: BenchDoor },
  { path: 'bench/:id', Component: Bench },
  { path: 'log', Component: Log },
  { path: 'log/:id', Component: BaitPage },
  { path: 'settings', Component: SettingsPage },
  { path: 'stores/*', Component: Stores },
  { path: '*', Component: Lost },
];

/** Every page but the first, each fetched when it is opened. */
export function Pages() {
  return useRoutes(PAGES);
}
