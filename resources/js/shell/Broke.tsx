import { useRouteError } from 'react-router';
import { Lost } from '../parts/Lost';

/** A page that broke. */
export function Broke() {
  return <Lost error={useRouteError()} />;
}
