import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { api, ask, words } from '../api/client';
import { useSheetQuery, useTexture } from '../api/queries';
import type { Sheet, Beside as Zones } from '../api/types';
import { Failed } from '../parts/Failed';
import { PageTitle } from '../parts/PageTitle';
import table from '../parts/table.module.css';
import { Waiting } from '../parts/Waiting';
import { BaitPicture } from '../stage/BaitPicture';
import { pairScale, pairWidth } from '../stage/pair';
import { useSize } from '../stage/useSize';
import besideClasses from './beside.module.css';
import fitClasses from './fit.module.css';
import { PatternChoice } from './PatternChoice';

/** Two patterns side by side, to one scale, and how far apart they are zone by zone. */
export function Beside() {
  const { id = '', other = '' } = useParams();
  const [one, two] = [useSheetQuery(id), useSheetQuery(other)];
  const failed = [one, two].find((sheet) => sheet.isError);
  if (failed !== undefined) return <Failed error={failed.error} retry={() => void failed.refetch()} />;
  if (one.data === undefined || two.data === undefined) return <Waiting />;
  return <Two one={one.data} other={two.data} />;
}

function Two({ one, other }: { one: Sheet; other: Sheet }) {
  const go = useNavigate();
  const box = useSize<HTMLDivElement>();
  const zones = useQuery({
    queryKey: ['beside', one.version.id, one.version.revision, other.version.id, other.version.revision],
    queryFn: () =>
      ask(
        api.GET('/versions/{id}/beside/{other}', { params: { path: { id: one.version.id, other: other.version.id } } }),
      ),
  });
  const mmPerPx = pairScale(box.width, one.version.body.length_mm, other.version.body.length_mm);
  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of="Side by side" />
        <h1>Side by side</h1>
        <span className="spacer" />
        <Link className="link" to="/patterns">
          Back to the shelf
        </Link>
      </div>
      <div ref={box.ref} className={`${fitClasses.fitTwo} on-stage`}>
        <Bait
          sheet={one}
          mmPerPx={mmPerPx}
          label="Left pattern"
          onPick={(id) => void go(`/patterns/${id}/beside/${other.pattern.id}`, { replace: true })}
        />
        <Bait
          sheet={other}
          mmPerPx={mmPerPx}
          label="Right pattern"
          onPick={(id) => void go(`/patterns/${one.pattern.id}/beside/${id}`, { replace: true })}
        />
      </div>
      {zones.isError && (
        <p role="alert" className="notice">
          {words(zones.error)}
        </p>
      )}
      {zones.data !== undefined && (
        <ZoneTable zones={zones.data.zones} left={one.pattern.name} right={other.pattern.name} />
      )}
    </div>
  );
}

interface BaitProps {
  sheet: Sheet;
  mmPerPx: number;
  label: string;
  onPick: (id: string) => void;
}

function Bait({ sheet: { pattern, version }, mmPerPx, label, onPick }: BaitProps) {
  const texture = useTexture(version.id, version.revision, null, 'clear').data;
  return (
    <figure>
      <BaitPicture
        body={version.body}
        texture={texture}
        view="left"
        width={pairWidth(version.body.length_mm, mmPerPx)}
        height={260}
        mmPerPx={mmPerPx}
        label={`${pattern.name}, as predicted`}
      />
      <figcaption className={besideClasses.besideWords}>
        <PatternChoice label={label} name={pattern.name} chosen={pattern.id} onChoose={({ id }) => onPick(id)} />
        <Link to={`/patterns/${pattern.id}`}>To the sheet</Link>
        <span>
          {version.body.name}, {version.steps.length} steps, {pattern.state}
        </span>
      </figcaption>
    </figure>
  );
}

function ZoneTable({ zones, left, right }: { zones: Zones['zones']; left: string; right: string }) {
  const sorted = [...zones].sort((a, b) => b.delta_e - a.delta_e);
  return (
    <section aria-label="Zone by zone" className={besideClasses.besideZones}>
      <h2>Zone by zone</h2>
      <div className={table.scroll}>
        <table className={table.table}>
          <thead>
            <tr>
              <th>Zone</th>
              <th>{left}</th>
              <th>{right}</th>
              <th className={table.num}>DeltaE00</th>
              <th>At the right it is</th>
            </tr>
          </thead>
          <tbody>
            {sorted.map(({ zone, one, other, delta_e, words: said }) => (
              <tr key={zone}>
                <th scope="row">{zone}</th>
                <td>
                  <i className={besideClasses.besideChip} style={{ background: one.hex }} /> <span>{one.hex}</span>
                </td>
                <td>
                  <i className={besideClasses.besideChip} style={{ background: other.hex }} /> <span>{other.hex}</span>
                </td>
                <td className={table.num}>
                  <b>{delta_e.toFixed(1)}</b>
                </td>
                <td>{said === '' ? 'the same to the eye' : said}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="dim">
        Each zone by its mean light under clear, flat light; a model’s figures. Lighter, redder and yellower are steps
        of L*, a* and b*. Under 1 DeltaE00 hardly anybody sees.
      </p>
    </section>
  );
}
