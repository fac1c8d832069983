import { lazy, Suspense } from 'react';
import { Link, useLocation, useRoutes } from 'react-router';
import { Lost } from '../parts/Lost';
import { Waiting } from '../parts/Waiting';
import classes from './storeroom.module.css';

const PARTS = [
  ['/stores', 'Rack'],
  ['/stores/mixing', 'Mixing'],
  ['/stores/bodies', 'Body drawer'],
  ['/stores/masks', 'Mask box'],
  ['/stores/eyes', 'Eyes'],
  ['/stores/clears', 'Clears'],
  ['/stores/rig', 'Rig'],
  ['/stores/habits', 'Habits'],
  ['/stores/faults', 'Faults'],
  ['/stores/cautions', 'Cautions'],
] as const;

const Rack = lazy(async () => ({ default: (await import('../stores/rack/Rack')).Rack }));
const PaintPage = lazy(async () => ({ default: (await import('../stores/rack/PaintPage')).PaintPage }));
const Mixing = lazy(async () => ({ default: (await import('../mixing/Mixing')).Mixing }));
const MaskBox = lazy(async () => ({ default: (await import('../stores/masks/MaskBox')).MaskBox }));
const Bodies = lazy(async () => ({ default: (await import('../stores/bodies/Bodies')).Bodies }));
const BodyPage = lazy(async () => ({ default: (await import('../stores/bodies/BodyPage')).BodyPage }));
const EyesPage = lazy(async () => ({ default: (await import('../stores/eyes/EyesPage')).EyesPage }));
const ClearsPage = lazy(async () => ({ default: (await import('../stores/clears/ClearsPage')).ClearsPage }));
const Rig = lazy(async () => ({ default: (await import('../stores/rig/Rig')).Rig }));
const HabitsPage = lazy(async () => ({ default: (await import('../stores/habits/HabitsPage')).HabitsPage }));
const FaultsPage = lazy(async () => ({ default: (await import('../stores/FaultsPage')).FaultsPage }));
const CautionsPage = lazy(async () => ({ default: (await import('../stores/CautionsPage')).CautionsPage }));

const PAGES = [
  { index: true, Component: Rack },
  { path: 'paints/:id', Component: PaintPage },
  { path: 'mixing', Component: Mixing },
  { path: 'masks', Component: MaskBox },
  { path: 'bodies', Component: Bodies },
  { path: 'bodies/:id', Component: BodyPage },
  { path: 'eyes', Component: EyesPage },
  { path: 'clears', Component: ClearsPage },
  { path: 'rig', Component: Rig },
  { path: 'habits', Component: HabitsPage },
  { path: 'faults', Component: FaultsPage },
  { path: 'cautions', Component: CautionsPage },
  { path: '*', Component: Lost },
];

/** What the painter owns: rack, mixes, bodies, masks, rig; and how this shop goes about it. */
export function Stores() {
  const { pathname } = useLocation();
  const here = pathname.startsWith('/stores/paints/') ? '/stores' : pathname.replace(/^(\/stores\/bodies)\/.*/, '$1');
  return (
    <div className="page stores">
      <nav className={`${classes.storesParts} no-print`} aria-label="Stores">
        {PARTS.map(([to, name]) => (
          <Link key={to} to={to} aria-current={to === here ? 'page' : undefined}>
            {name}
          </Link>
        ))}
      </nav>
      <Suspense fallback={<Waiting />}>{useRoutes(PAGES)}</Suspense>
    </div>
  );
}
