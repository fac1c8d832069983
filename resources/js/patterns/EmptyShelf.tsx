import { Button } from '@mantine/core';
import { BeginShop } from './BeginShop';

/** A shelf without patterns: how a shop begins, or the first pattern on a body that is there. */
export function EmptyShelf({ bodies, onBegin }: { bodies: number; onBegin: (shape?: string) => void }) {
  if (bodies === 0) return <BeginShop onBegin={onBegin} />;
  return (
    <div className="empty">
      <h2>No patterns yet</h2>
      <p>Your patterns appear here, drawn as finished baits.</p>
      <Button onClick={() => onBegin()}>Begin a pattern</Button>
    </div>
  );
}
