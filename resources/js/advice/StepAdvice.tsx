import { Anchor } from '@mantine/core';
import type { Finding, Fix } from '../api/types';
import classes from './advice.module.css';
import { alike } from './findings';

interface Props {
  /** All advice on the recipe. */
  findings: Finding[];
  step: string;
  busy: boolean;
  onFix: (fix: Fix) => void;
  /** The same mend for several steps in one edit. */
  onFixAll: (fixes: Fix[]) => void;
}

const WORDS = { stop: 'Stop', caution: 'Caution', hint: 'Hint' } as const;

/** Advice on one step, with the change that mends it. */
export function StepAdvice({ findings, step, busy, onFix, onFixAll }: Props) {
  const here = findings.filter((finding) => finding.step === step);
  const open = here.filter((finding) => !finding.meant);
  const meant = here.filter((finding) => finding.meant);
  const list = (shown: Finding[]) => (
    <ul>
      {shown.map((finding) => {
        const { fix, answer } = finding;
        const others = alike(findings, finding);
        return (
          <li key={finding.rule} className={classes[finding.severity]} data-rule={finding.rule}>
            <p>
              <span className={classes.adviceWord}>{WORDS[finding.severity]}</span> <b>{finding.headline}.</b>{' '}
              {finding.reason}{' '}
              {fix !== null && (
                <Anchor component="button" type="button" disabled={busy} onClick={() => onFix(fix)}>
                  {fix.label}
                </Anchor>
              )}{' '}
              {others.length > 1 && (
                <Anchor component="button" type="button" disabled={busy} onClick={() => onFixAll(others)}>
                  In all {others.length} steps
                </Anchor>
              )}{' '}
              {answer !== null && (
                <Anchor component="button" type="button" disabled={busy} onClick={() => onFix(answer)}>
                  {answer.label}
                </Anchor>
              )}
            </p>
          </li>
        );
      })}
    </ul>
  );
  if (here.length === 0) return null;
  return (
    <section aria-label="Advice" className={classes.advice}>
      {list(open)}
      {meant.length > 0 && (
        <details className={classes.adviceMeant}>
          <summary>{meant.length} meant so</summary>
          {list(meant)}
        </details>
      )}
    </section>
  );
}
