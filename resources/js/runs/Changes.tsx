import type { Difference } from '../api/types';

/** What differs from the master, figure by figure. */
export function Changes({ changes, title }: { changes: Difference[]; title: string }) {
  if (changes.length === 0) return null;
  return (
    <section className="plan-part" aria-label={title}>
      <h2>{title}</h2>
      <div className="scroll-x">
        <table className="sheet-table">
          <thead>
            <tr>
              <th className="num">Step</th>
              <th>What</th>
              <th className="num">Was</th>
              <th className="num">Now</th>
            </tr>
          </thead>
          <tbody>
            {changes.map((change) => (
              <tr key={`${change.step} ${change.what}`}>
                <td className="num">{change.number}</td>
                <td>{change.what}</td>
                <td className="num">{change.from}</td>
                <td className="num">
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
