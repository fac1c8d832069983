import type { Taught } from '../api/types';
import table from '../parts/table.module.css';
import classes from './teach.module.css';

/** What a card says, coat by coat beside what was assumed before. */
export function Meaning({ taught }: { taught: Taught }) {
  return (
    <section aria-label="What the card says">
      <p>
        The film is {taught.dry_um.toFixed(1)} µm dry. It hides {Math.round(taught.contrast_ratio * 100)} %, as a{' '}
        {taught.hides_as} paint does.{' '}
        {taught.thin_coats_assumed &&
          'Hardly any light of most colours comes through it, so how thin coats look stays mostly as it was assumed; half the film would tell. '}
        One to six ordinary coats, found above what was assumed:
      </p>
      <div className={table.scroll}>
        <table className={classes.taught}>
          <tbody>
            {(['black', 'grey', 'white'] as const).map((ground) => (
              <tr key={ground}>
                <th scope="row">over {ground}</th>
                {taught.coats.map(({ coats, over }) => (
                  <td key={coats}>
                    <span
                      className={classes.taughtChip}
                      role="img"
                      aria-label={`${coats} over ${ground}: found ${over[ground].found}, assumed ${over[ground].assumed}`}
                    >
                      <i style={{ background: over[ground].found }} />
                      <i style={{ background: over[ground].assumed }} />
                    </span>
                    {over[ground].delta_e.toFixed(1)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="dim">Figures: difference in DeltaE00 under clear. Under 1 hardly anybody sees.</p>
    </section>
  );
}
