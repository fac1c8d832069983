import { Button } from '@mantine/core';
import { words } from '../api/client';

/** An error where something should have loaded. */
export function Failed({ error, retry }: { error: unknown; retry?: () => void }) {
  return (
    <div className="page">
      <div className="empty" role="alert">
        <h2>Could not load this</h2>
        <p>{words(error)}</p>
        {retry !== undefined && <Button onClick={retry}>Try again</Button>}
      </div>
    </div>
  );
}
