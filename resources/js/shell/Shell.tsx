import { Suspense } from 'react';
import { NavLink, Outlet } from 'react-router';
import { part } from '../parts/part';
import { Waiting } from '../parts/Waiting';
import { FromBefore } from './FromBefore';
import { LeaveGuard } from './LeaveGuard';
import { RoomAndUnits } from './RoomAndUnits';
import classes from './shell.module.css';

const Finder = part(async () => (await import('./Finder')).Finder);
const Later = part(async () => (await import('./Later')).Later);

const PLACES = [
  ['/patterns', 'Patterns'],
  ['/runs', 'Runs'],
  ['/bench', 'Bench'],
  ['/log', 'Log'],
  ['/stores', 'Stores'],
] as const;

/** The frame around every place. */
export function Shell() {
  return (
    <div className={classes.shell}>
      <a className="skip" href="#main">
        To the content
      </a>
      <header className={`${classes.shellHead} no-print`}>
        <NavLink to="/patterns" className={classes.shellMark} aria-label="Hawkbrush, patterns">
          <img src="/mark.svg" alt="" width={28} height={28} />
          <span>Hawkbrush</span>
        </NavLink>
        <nav aria-label="Places">
          {PLACES.map(([to, name]) => (
            <NavLink key={to} to={to}>
              {name}
            </NavLink>
          ))}
        </nav>
        <Suspense fallback={<span className={classes.shellFind}>Find</span>}>
          <Finder />
        </Suspense>
        <RoomAndUnits />
      </header>
      <div className={classes.shellNotices}>
        <FromBefore />
        <Suspense>
          <Later />
        </Suspense>
      </div>
      <LeaveGuard />
      <main id="main" className={classes.shellMain}>
        <Suspense fallback={<Waiting />}>
          <Outlet />
        </Suspense>
      </main>
    </div>
  );
}
