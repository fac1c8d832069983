import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { words } from '../api/client';

/** Where an address leads nowhere, or a page broke or did not come. */
export function Lost({ error }: { error?: unknown }) {
  const [title, what] = said(error);
  return (
    <div className="page">
      <div className="empty">
        <h1>{title}</h1>
        <p>{what}</p>
        {title === DID_NOT_LOAD && <Button onClick={() => window.location.reload()}>Reload</Button>}
        <Button component={Link} to="/patterns" variant={title === DID_NOT_LOAD ? 'default' : undefined}>
          To the patterns
        </Button>
      </div>
    </div>
  );
}

const DID_NOT_LOAD = 'This page did not load';

/** How browsers, and Vite for styles, say that a part of a page did not come. */
const NOT_COME = /dynamically imported module|module script failed|preload CSS/i;

function said(error: unknown): [title: string, what: string] {
  if (error == null) return ['There is nothing here', 'There is no such page. Check the address.'];
  if (error instanceof Error && NOT_COME.test(error.message))
    return [DID_NOT_LOAD, 'Hawkbrush was updated or is away. Reload to go on; nothing you saved is lost.'];
  return ['This page broke', `${words(error)} Nothing you saved is lost.`];
}
