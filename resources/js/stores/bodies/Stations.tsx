import { Anchor } from '@mantine/core';
import type { Settings } from '../../api/types';
import table from '../../parts/table.module.css';
import { length } from '../../units/units';
import classes from './bodies.module.css';
import { Measure } from './Measure';
import type { Measures, Station } from './measured';

const FEWEST = 2;

interface Props {
  measures: Measures;
  settings: Settings;
  onChange: (stations: Station[]) => void;
}

const NOWHERE: Station = [0, 0, 0, 0];

/** Where the calipers were put, from nose to tail: how far up, how far down, how wide. */
export function Stations({ measures, settings, onChange }: Props) {
  const { stations, length_mm: long } = measures;
  const set = (at: number, field: 0 | 1 | 2 | 3, value: number) =>
    onChange(
      stations.map((station, i) => {
        if (i !== at) return station;
        const changed: Station = [...station];
        changed[field] = value;
        return changed;
      }),
    );
  const between = (at: number): Station => {
    const [a, b] = [stations[at - 1] ?? NOWHERE, stations[at] ?? NOWHERE];
    const middle = (i: 0 | 1 | 2 | 3) => Math.round(((a[i] + b[i]) / 2) * 1000) / 1000;
    return [middle(0), middle(1), middle(2), middle(3)];
  };
  const gaps = stations.slice(1).map((station, i) => station[0] - (stations[i]?.[0] ?? 0));
  const widest = gaps.indexOf(Math.max(...gaps)) + 1;
  return (
    <table className={`${table.table} ${classes.stations}`}>
      <caption>Stations, {length.unit(settings)}: measured from the line between nose and tail</caption>
      <thead>
        <tr>
          <th>From the nose</th>
          <th>Up</th>
          <th>Down</th>
          <th>Width</th>
          <th>
            <span className="visually-hidden">Take out</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {stations.map((station, i) => {
          const [u, top, bottom, half] = station;
          const end = i === 0 || i === stations.length - 1;
          const shared = { settings, bare: true, max: 500 } as const;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: a station is its place in the row
            <tr key={i}>
              <td>
                {end ? (
                  <span>{i === 0 ? 'nose' : 'tail'}</span>
                ) : (
                  <Measure
                    {...shared}
                    label={`Station ${i + 1}, from the nose`}
                    value={u * long}
                    min={(stations[i - 1]?.[0] ?? 0) * long + 0.05}
                    max={(stations[i + 1]?.[0] ?? 1) * long - 0.05}
                    onChange={(mm) => mm !== null && set(i, 0, Math.round((mm / long) * 10000) / 10000)}
                  />
                )}
              </td>
              <td>
                <Measure
                  {...shared}
                  label={`Station ${i + 1}, up`}
                  value={top}
                  onChange={(mm) => mm !== null && set(i, 1, mm)}
                />
              </td>
              <td>
                <Measure
                  {...shared}
                  label={`Station ${i + 1}, down`}
                  value={bottom}
                  onChange={(mm) => mm !== null && set(i, 2, mm)}
                />
              </td>
              <td>
                <Measure
                  {...shared}
                  label={`Station ${i + 1}, width`}
                  value={half * 2}
                  onChange={(mm) => mm !== null && set(i, 3, mm / 2)}
                />
              </td>
              <td>
                {!end && stations.length > FEWEST && (
                  <Anchor
                    component="button"
                    type="button"
                    aria-label={`Take station ${i + 1} out`}
                    onClick={() => onChange(stations.filter((_, other) => other !== i))}
                  >
                    ✕
                  </Anchor>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
      <tfoot>
        <tr>
          <td colSpan={5}>
            <Anchor
              component="button"
              type="button"
              onClick={() => onChange(stations.toSpliced(widest, 0, between(widest)))}
            >
              Another station, in the widest gap
            </Anchor>
          </td>
        </tr>
      </tfoot>
    </table>
  );
}
