import { Link, Outlet, useLocation } from 'react-router';
import classes from './stores.module.css';

const PARTS = [
  ['/stores', 'Rack'],
  ['/stores/mixing', 'Mixing'],
  ['/stores/bodies', 'Body drawer'],
  ['/stores/masks', 'Mask box'],
] as const;

/** What the painter owns: the rack of paints, what can be mixed from it, the drawer of bodies. */
export function Stores() {
  const { pathname } = useLocation();
  const here = pathname.startsWith('/stores/paints/') ? '/stores' : pathname.replace(/^(\/stores\/bodies)\/.*/, '$1');
  return (
    <div className="page stores">
      <nav className={classes.storesParts} aria-label="Stores">
        {PARTS.map(([to, name]) => (
          <Link key={to} to={to} aria-current={to === here ? 'page' : undefined}>
            {name}
          </Link>
        ))}
      </nav>
      <Outlet />
    </div>
  );
}
