import { useState } from 'react';

/** A photograph that is kept; one whose file is gone says so. */
export function KeptPhoto({ src, alt }: { src: string; alt: string }) {
  const [lost, setLost] = useState(false);
  if (lost)
    return (
      <p className="photograph-lost">This photograph cannot be shown: its file may be lost. A backup may have it.</p>
    );
  return <img src={src} alt={alt} draggable={false} onError={() => setLost(true)} />;
}
