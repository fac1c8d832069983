import { Anchor, UnstyledButton } from '@mantine/core';
import type { Advice, Fix, Version } from '../api/types';
import layout from '../parts/layout.module.css';
import classes from './advice.module.css';

interface Props {
  advice: Advice | undefined;
  version: Version;
  onStep: (index: number) => void;
  onFix: (fix: Fix) => void;
  busy: boolean;
}

const WORDS = { stop: 'Stop', caution: 'Caution', hint: 'Hint' } as const;

/** What will go wrong or not show, with the change that mends it. */
export function AdvicePanel({ advice, version, onStep, onFix, busy }: Props) {
  const open = advice?.findings.filter((finding) => !finding.meant) ?? [];
  const meant = advice?.findings.filter((finding) => finding.meant) ?? [];
  const list = (findings: typeof open) => (
    <ul>
      {findings.map((finding) => {
        const index = version.steps.findIndex((s) => s.document.id === finding.step);
        const { fix, answer } = finding;
        return (
          <li key={finding.rule + finding.step} className={classes[finding.severity]} data-rule={finding.rule}>
            <UnstyledButton className={classes.adviceStep} onClick={() => onStep(index)}>
              <span className={classes.adviceWord}>{WORDS[finding.severity]}</span> {index + 1} · {finding.headline}
            </UnstyledButton>
            <p>
              {finding.reason}{' '}
              {fix !== null && (
                <Anchor component="button" type="button" disabled={busy} onClick={() => onFix(fix)}>
                  {fix.label}
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
  return (
    <section aria-label="Advice" className={classes.advice}>
      <h2 className={layout.head}>
        Advice <span className="dim">{advice === undefined ? '' : open.length}</span>
      </h2>
      {advice !== undefined && open.length === 0 && <p className="dim">Nothing to say against it.</p>}
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
