import type { MixSeen } from '../api/types';
import classes from './films.module.css';

const NAMES: Record<string, string> = { black: 'black', grey: 'grey', white: 'white', there: 'there' };

/** Films of one mix laid coat by coat over grounds, on the neutral grey that all colour is judged on. */
export function Films({ seen, caption }: { seen: MixSeen | undefined; caption: string }) {
  return (
    <figure className={`${classes.films} on-stage`}>
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col">bare</th>
            {seen?.over[0]?.after.map((_, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the coats are counted
              <th scope="col" key={i}>
                {i + 1}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {seen?.over.map((row) => (
            <tr key={row.name}>
              <th scope="row">over {NAMES[row.name]}</th>
              {[row.ground, ...row.after].map((colour, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: the coats are counted
                <td key={i}>
                  <span
                    className={classes.film}
                    style={{ background: colour.hex }}
                    role="img"
                    aria-label={`${i === 0 ? 'bare' : `${i} coats`}: ${colour.hex}, L* ${Math.round(colour.l)}, chroma ${Math.round(colour.c)}`}
                    title={`${colour.hex}   L* ${Math.round(colour.l)}  C ${Math.round(colour.c)}  h ${Math.round(colour.h)}`}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <figcaption>{caption}</figcaption>
    </figure>
  );
}
