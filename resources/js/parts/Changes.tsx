import { useSettings } from '../api/queries';
import type { PlanChange, Settings } from '../api/types';
import { length, minutes, pressure } from '../units/units';
import layout from './layout.module.css';
import table from './table.module.css';

interface Props {
  changes: PlanChange[];
  steps: { step: string; name: string }[];
  title: string;
}

/** What differs from the master, figure by figure. */
export function Changes({ changes, steps, title }: Props) {
  const settings = useSettings().data;
  const name = (id: string) => steps.find((s) => s.step === id)?.name ?? '';
  if (changes.length === 0) return null;
  return (
    <section className={layout.part} aria-label={title}>
      <h2>{title}</h2>
      <div className={table.scroll}>
        <table className={table.table}>
          <thead>
            <tr>
              <th>Step</th>
              <th>What</th>
              <th className={table.num}>Was</th>
              <th className={table.num}>Now</th>
            </tr>
          </thead>
          <tbody>
            {changes.map((change) => (
              <tr key={`${change.step} ${change.what}`}>
                <td>{change.number === 0 ? 'Body' : `${change.number} ${name(change.step)}`}</td>
                <td>{settings === undefined ? change.what : shown(change, settings).what}</td>
                <td className={table.num}>{settings === undefined ? change.from : shown(change, settings).from}</td>
                <td className={table.num}>
                  <b>{settings === undefined ? change.to : shown(change, settings).to}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** A difference in the painter's units; waits in words. */
function shown({ what, from, to }: PlanChange, settings: Settings): { what: string; from: string; to: string } {
  const each = (name: string, say: (value: number) => string) => {
    const said = (text: string) => (text === '' || Number.isNaN(Number(text)) ? text : say(Number(text)));
    return { what: name, from: said(from), to: said(to) };
  };
  if (what === 'psi') return each(pressure.unit(settings), (psi) => String(pressure.show(psi, settings)));
  if (what.endsWith(', mm'))
    return each(`${what.slice(0, -4)}, ${length.unit(settings)}`, (mm) => String(length.show(mm, settings)));
  if (what === 'wait, min') return each('wait', minutes);
  return { what, from, to };
}
