import type { Core } from '../api/types';
import './core.css';

/** The film at the chosen spot, cut through: each coat to scale with what it does. */
export function CorePanel({ core }: { core: Core | undefined }) {
  const coats = [...(core?.coats ?? [])].reverse();
  const total = coats.reduce((sum, coat) => sum + coat.dry_um, 0);
  const guessed = coats.some((coat) => !coat.from_card);
  return (
    <section aria-label="Core" className="core" aria-live="polite">
      <h2 className="core-head">
        Film here
        <span className="dim">
          {core === undefined ? '' : `${Math.round(core.u * 100)} % of length, ${place(core.deg)}`}
        </span>
      </h2>
      {core !== undefined && coats.length === 0 && <p className="dim">{core.cause}</p>}
      {core !== undefined && coats.length > 0 && (
        <>
          <ol className="core-film" aria-label="Coats from the outside in">
            {coats.map((coat) => (
              <li key={coat.step} style={{ flexGrow: Math.max(coat.dry_um / total, 0.03) }}>
                <i style={{ background: coat.colour.hex }} />
                <span className="core-name">
                  {coat.number} {coat.name}
                </span>
                <span
                  className="dim"
                  title={`lets ${Math.round(coat.passes * 100)} % through, throws ${Math.round(coat.returns * 100)} % back, changes ${coat.delta_e.toFixed(1)} DeltaE00`}
                >
                  {coat.dry_um < 10 ? coat.dry_um.toFixed(1) : Math.round(coat.dry_um)} µm
                </span>
              </li>
            ))}
          </ol>
          <p className="core-colour">
            <i style={{ background: core.colour.hex }} />
            <span>
              <b>{core.colour.hex}</b> L* {Math.round(core.colour.l)} C {Math.round(core.colour.c)} h{' '}
              {Math.round(core.colour.h)}
              <br />
              <span className="dim">
                {guessed
                  ? 'a model’s figure; paints guessed from swatch and kind'
                  : 'a model’s figure, from measured cards'}
              </span>
            </span>
          </p>
          <p>{core.cause}</p>
        </>
      )}
    </section>
  );
}

function place(deg: number): string {
  const folded = Math.round(deg > 180 ? 360 - deg : deg);
  return `${folded}° from the back${deg > 180 ? ', right side' : ''}`;
}
