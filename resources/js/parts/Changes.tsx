import type { PlanChange } from '../api/types';
import layout from './layout.module.css';
import table from './table.module.css';

interface Props {
  changes: PlanChange[];
  steps: { step: string; name: string }[];
  title: string;
}

/** What differs from the master, figure by figure. */
export function Changes({ changes, steps, title }: Props) {
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
                <td>{change.what}</td>
                <td className={table.num}>{change.from}</td>
                <td className={table.num}>
                  <b>{change.to}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
