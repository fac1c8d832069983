import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { words } from '../api/client';

/** Where an address leads nowhere, or a page broke. */
export function Lost({ error }: { error?: unknown }) {
  return (
    <div className="page">
      <div className="empty">
        <h1>{error == null ? 'There is nothing here' : 'This page broke'}</h1>
        <p>
          {error == null
            ? 'The address leads nowhere; it may be mistyped.'
            : `${words(error)} Nothing you saved is lost.`}
        </p>
        <Button component={Link} to="/patterns">
          To the patterns
        </Button>
      </div>
    </div>
  );
}
