import type { BodyPage } from '../../api/types';
import layout from '../../parts/layout.module.css';
import { minutes } from '../../units/units';
import classes from './bodies.module.css';

/** What is done to this body before its first coat; the first steps of every recipe on it. */
export function PreparationPart({ steps }: { steps: BodyPage['preparation'] }) {
  const cautions = [...new Set(steps.flatMap((step) => step.cautions))];
  return (
    <section aria-label="Preparation">
      <h2>Preparation</h2>
      <ol className={classes.prepare}>
        {steps.map((step) => (
          <li key={step.title}>
            <b>{step.title}</b> {step.task}
            {step.check !== '' && <i> Check: {step.check}</i>}{' '}
            <span className="dim">
              {minutes(step.minutes)}
              {step.type === 'wait' ? ' to wait' : ' a bait'}
            </span>
          </li>
        ))}
      </ol>
      {cautions.map((caution) => (
        <p key={caution} className={layout.caution}>
          {caution}
        </p>
      ))}
      <p className="dim">
        These become the first steps of any recipe on this body. The sheets of sealer and paint go before anything said
        here.
      </p>
    </section>
  );
}
