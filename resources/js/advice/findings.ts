import type { Advice, Finding, Fix } from '../api/types';

/** What still speaks: not answered with “meant so”. */
export function open(advice: Advice | undefined): Finding[] {
  return advice?.findings.filter((finding) => !finding.meant) ?? [];
}

/** The mends of all findings that the same change of their own step would answer; one where it stands alone. */
export function alike(findings: Finding[], finding: Finding): Fix[] {
  const { fix } = finding;
  if (fix === null || fix.insert !== null || fix.before !== null) return [];
  return findings.flatMap((other) =>
    !other.meant &&
    other.rule === finding.rule &&
    other.fix !== null &&
    other.fix.insert === null &&
    other.fix.label === fix.label
      ? [other.fix]
      : [],
  );
}

const GRAVITY = ['hint', 'caution', 'stop'] as const;

/** The gravest advice on a step. */
export function gravest(findings: Finding[], step: string): Finding['severity'] | undefined {
  return GRAVITY.findLast((severity) => findings.some((one) => one.step === step && one.severity === severity));
}
