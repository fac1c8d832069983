import { Button, Modal, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import { words } from '../api/client';
import { useFaults } from '../api/shopQueries';
import type { Cause, Run, Settings, Step } from '../api/types';
import { DropsOnPaper } from '../parts/DropsOnPaper';
import { pressure } from '../units/units';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import type { Draft } from './apply';
import { saidFor } from './said';
import classes from './wrong.module.css';

interface Props {
  run: Run;
  step: Step;
  bait: number | null;
  /** Air that is set, as far as it is known. */
  psi: number | undefined;
  settings: Settings;
  add: (...drafts: Draft[]) => void;
  onClose: () => void;
}

/** What went wrong, told by its mark; then one thing to try after the other, the likeliest and quickest first. */
export function SomethingWrong({ run, step, bait, psi, settings, add, onClose }: Props) {
  const faults = useFaults();
  const [fault, setFault] = useState<string | null>(null);
  const [at, setAt] = useState(0);
  const [helped, setHelped] = useState<Cause | null>(null);
  const stepId = step.document.id;
  // What to try instead was worked out for the air of then: of another it says nothing.
  const figures = (one: Cause) => (psi === saidFor(run, step, undefined) ? figuresOf(one, step) : {});
  const causes = (fault === null ? undefined : run.faults[stepId]?.[fault]) ?? [];
  const cause = causes[at];
  const whose = { step: stepId, bait };
  const found = (name: string) => {
    setFault(name);
    add({ type: 'fault', ...whose, data: { fault: name, ...(psi === undefined ? {} : { psi }) } });
  };
  const tried = (did: boolean) => {
    if (cause === undefined || fault === null) return;
    add({ type: 'tried', ...whose, data: { fault, cause: cause.cause, helped: did } });
    if (!did) setAt(at + 1);
    else if (Object.keys(figures(cause)).length === 0) onClose();
    else setHelped(cause);
  };
  return (
    <Modal opened onClose={onClose} title={fault === null ? 'Something is wrong' : fault} size="xl" centered>
      {faults.isError && <p role="alert">{words(faults.error)}</p>}
      {fault === null && (
        <ul className={classes.choose}>
          {faults.data?.faults.map((one) => (
            <li key={one.name}>
              <UnstyledButton onClick={() => found(one.name)}>
                <DropsOnPaper drops={one.drops} {...faults.data.sheet} label="" />
                <b>{one.name}</b>
                <span>{one.looks}</span>
              </UnstyledButton>
            </li>
          ))}
        </ul>
      )}
      {fault !== null && helped === null && (
        <div className={classes.try}>
          {cause === undefined ? (
            <>
              <p className={classes.what}>None of these helped.</p>
              <p>Strip and clean the airbrush, mix fresh paint, and begin on paper. What you tried is noted.</p>
              <Button onClick={onClose}>Back to the bench</Button>
            </>
          ) : (
            <>
              <p className="dim">
                Try {at + 1} of {causes.length}: {cause.cause}?
              </p>
              <p className={classes.what}>{faults.data?.causes.find((one) => one.name === cause.cause)?.try}</p>
              {Object.keys(figures(cause)).length > 0 && <p>For instance {figureWords(figures(cause), settings)}.</p>}
              <div className={layout.actions}>
                <Button onClick={() => tried(true)}>That helped</Button>
                <Button variant="default" onClick={() => tried(false)}>
                  It did not: next
                </Button>
              </div>
              <ol className={classes.more} start={at + 2}>
                {causes.slice(at + 1).map((one) => (
                  <li key={one.cause}>{one.cause}</li>
                ))}
              </ol>
            </>
          )}
        </div>
      )}
      {helped !== null && (
        <div className={classes.try}>
          <p className={classes.what}>
            Noted. Use {figureWords(figuresOf(helped, step), settings)} for the rest of the run?
          </p>
          <div className={layout.actions}>
            <Button
              onClick={() => {
                add({ type: 'figures', step: stepId, bait: null, data: figuresOf(helped, step) });
                onClose();
              }}
            >
              Use it
            </Button>
            <Button variant="default" onClick={onClose}>
              Leave it as it was
            </Button>
          </div>
        </div>
      )}
    </Modal>
  );
}

/** The figures of the bench that a cause would change. */
function figuresOf({ sets }: Cause, step: Step): { [name: string]: number } {
  const known: string[] = step.shown.figures;
  return Object.fromEntries(
    Object.entries(sets).filter(
      (pair): pair is [string, number] => known.includes(pair[0]) && typeof pair[1] === 'number',
    ),
  );
}

function figureWords(figures: { [name: string]: number }, settings: Settings): string {
  return Object.entries(figures)
    .map(([name, value]) => {
      if (name === 'psi') return `${pressure.show(value, settings)} ${pressure.unit(settings)}`;
      return name === 'thinning_percent' ? `${value} % thinned` : `${value} ${name}`;
    })
    .join(', ');
}
