import { UnstyledButton } from '@mantine/core';
import { lazy, useCallback, useState } from 'react';
import { useParams } from 'react-router';
import { AdvicePanel } from '../advice/AdvicePanel';
import {
  useAdvice,
  useCore,
  usePaints,
  useSettings,
  useSheetQuery,
  useTexture,
  useVersion,
  useVocabulary,
} from '../api/queries';
import type { Fix, Look, Settings, Sheet, Step, StepDocument } from '../api/types';
import { CorePanel } from '../core-sample/CorePanel';
import { Ladder } from '../ladder/Ladder';
import { StepForm } from '../ladder/StepForm';
import { Failed } from '../parts/Failed';
import { useKeys } from '../parts/keys';
import { Notices, offerUndo } from '../parts/Notices';
import { Waiting } from '../parts/Waiting';
import { eyeAfter } from '../stage/eye';
import { type Spot, Stage, type StageLight } from '../stage/Stage';
import type { Kind, SetOf } from '../steps/face';
import { KINDS } from '../steps/kinds';
import { ClashDialog } from './ClashDialog';
import { OlderVersion } from './OlderVersion';
import { ReferencePanel } from './ReferencePanel';
import { SheetTitle } from './SheetTitle';
import classes from './sheet.module.css';
import { useEdits } from './useEdits';

const BothSides = lazy(async () => ({ default: (await import('./BothSides')).BothSides }));

/** The heart: Stage, Ladder, Core and Advice of one pattern on one screen. */
export function PatternSheet() {
  const { id = '', version: wanted } = useParams();
  const sheet = useSheetQuery(id);
  const other = useVersion(wanted);
  const settings = useSettings().data;
  if (sheet.isError) return <Failed error={sheet.error} retry={() => void sheet.refetch()} />;
  if (other.isError) return <Failed error={other.error} retry={() => void other.refetch()} />;
  if (sheet.data === undefined || settings === undefined) return <Waiting />;
  if (wanted === undefined || wanted === sheet.data.version.id) {
    return <OpenSheet key={id} sheet={sheet.data} settings={settings} current />;
  }
  if (other.data === undefined) return <Waiting />;
  return (
    <OpenSheet
      key={wanted}
      sheet={{ pattern: sheet.data.pattern, version: other.data }}
      settings={settings}
      current={false}
    />
  );
}

function OpenSheet({ sheet, settings, current }: { sheet: Sheet; settings: Settings; current: boolean }) {
  const { pattern, version } = sheet;
  const steps = version.steps;
  const [chosenId, setChosenId] = useState<string | null>(steps.at(-1)?.document.id ?? null);
  const [look, setLook] = useState<Look>('clear');
  const [light, setLight] = useState<StageLight>('flat');
  const [spot, setSpot] = useState<Spot>({ u: 0.52, deg: 58 });
  const [shown, setShown] = useState<'film' | 'step' | 'reference'>('film');

  const found = steps.findIndex((s) => s.document.id === chosenId);
  const chosen = found >= 0 ? found : steps.length - 1;
  const step = steps[chosen];
  const upto = step?.document.id ?? null;
  const edits = useEdits(pattern.id, upto, look);
  const [still, setStill] = useState(false);
  // An older version takes no edits; the notice says so and offers to go on from it.
  const send: typeof edits.send = useCallback(
    (wanted) => {
      if (current) return edits.send(wanted);
      setStill(true);
      return Promise.resolve(undefined);
    },
    [current, edits.send],
  );

  const texture = useTexture(version.id, version.revision, upto, look).data;
  const core = useCore(version.id, version.revision, spot, upto, look).data;
  const whole = useCore(version.id, version.revision, spot, null, look).data;
  const advice = useAdvice(version.id, version.revision).data;
  const vocabulary = useVocabulary().data;
  const paints = usePaints().data;

  const choose = (index: number) => setChosenId(steps[index]?.document.id ?? null);
  const change = useCallback(
    (stepId: string, set: SetOf<StepDocument>) =>
      send((now) => {
        const document = now.steps.find((s) => s.document.id === stepId)?.document;
        if (document === undefined) return undefined;
        return { op: 'change', step: stepId, set: typeof set === 'function' ? set(document) : set };
      }),
    [send],
  );
  const add = async (kind: Kind) => {
    const after = await send({ op: 'add', step: KINDS[kind].fresh(paints?.find((p) => !p.archived)?.id), after: upto });
    const added = after?.steps[steps.length === 0 ? 0 : chosen + 1];
    if (added !== undefined) {
      setChosenId(added.document.id);
      setShown('step');
    }
  };
  const mend = (fix: Fix) => {
    if (fix.insert === null) {
      void change(fix.step, fix.set);
      return;
    }
    const before = steps[steps.findIndex((s) => s.document.id === fix.step) - 1];
    void send({ op: 'add', step: fix.insert, after: before?.document.id ?? null, first: before === undefined });
  };
  const remove = async (stepId: string) => {
    const index = steps.findIndex((s) => s.document.id === stepId);
    const name = steps[index]?.shown.name ?? '';
    const after = await send({ op: 'remove', step: stepId });
    if (after === undefined) return;
    setChosenId(after.steps[Math.min(index, after.steps.length - 1)]?.document.id ?? null);
    offerUndo('removed', `${name} removed.`, () => void send('undo').then(() => setChosenId(stepId)));
  };

  useKeys('Pattern sheet', [
    { keys: 'mod+Z', does: 'undo', run: () => void send('undo') },
    { keys: 'mod+shift+Z', does: 'redo', run: () => void send('redo') },
  ]);

  return (
    <div className={classes.sheet} data-revision={version.revision} data-busy={edits.busy}>
      <Notices />
      <Stage
        body={version.body}
        texture={texture}
        eye={eyeAfter(steps, upto)}
        look={look}
        light={light}
        onLook={setLook}
        onLight={setLight}
        spot={spot}
        onSpot={setSpot}
        sides={
          <BothSides body={version.body} version={version.id} revision={version.revision} upto={upto} look={look} />
        }
        caption={caption(steps, chosen)}
        description={`${pattern.name}, ${caption(steps, chosen)}. ${core === undefined ? '' : `At the spot: ${core.colour.hex}.`}`}
      >
        <SheetTitle
          sheet={sheet}
          current={current}
          onBody={(body_id) => void send({ op: 'body', body_id })}
          onPrepare={() => void send({ op: 'prepare' })}
        />
      </Stage>
      <aside
        className={classes.sheetAside}
        aria-label={{ film: 'Film and advice', step: 'Step', reference: 'Reference' }[shown]}
      >
        {!current && <OlderVersion sheet={sheet} />}
        {still && <p role="alert">Nothing was changed: go on from this version to change it.</p>}
        {edits.trouble !== null && (
          <p className="notice" role="alert">
            {edits.trouble}
          </p>
        )}
        <div className={classes.sheetTabs}>
          <UnstyledButton aria-pressed={shown === 'film'} onClick={() => setShown('film')}>
            Film and advice
          </UnstyledButton>
          <UnstyledButton
            aria-pressed={shown === 'step'}
            disabled={step === undefined}
            onClick={() => setShown('step')}
          >
            Step {step === undefined ? '' : chosen + 1}
          </UnstyledButton>
          <UnstyledButton aria-pressed={shown === 'reference'} onClick={() => setShown('reference')}>
            Reference
          </UnstyledButton>
        </div>
        {shown === 'reference' && <ReferencePanel patternId={pattern.id} core={core} />}
        {shown === 'step' && step !== undefined && vocabulary !== undefined && paints !== undefined ? (
          <StepForm
            key={step.document.id}
            step={step}
            version={version}
            vocabulary={vocabulary}
            paints={paints}
            settings={settings}
            onChange={(set) => change(step.document.id, set)}
          />
        ) : (
          shown !== 'reference' && (
            <>
              <CorePanel
                core={core}
                whole={whole}
                reached={steps.slice(0, chosen + 1).map((s) => s.document.id)}
                onStep={setChosenId}
              />
              <AdvicePanel advice={advice} version={version} onStep={choose} onFix={mend} busy={edits.busy} />
            </>
          )
        )}
      </aside>
      <Ladder
        version={version}
        settings={settings}
        advice={advice}
        chosen={chosen}
        busy={edits.busy}
        onChoose={choose}
        onOpen={() => setShown('step')}
        onMove={(stepId, to) => void send({ op: 'move', step: stepId, to }).then(() => setChosenId(stepId))}
        onAdd={(type) => void add(type)}
        onDuplicate={(stepId) => void send({ op: 'duplicate', step: stepId })}
        onSwitch={(stepId, on) => change(stepId, { on })}
        onRemove={(stepId) => void remove(stepId)}
        onUndo={() => void send('undo')}
        onRedo={() => void send('redo')}
      />
      <ClashDialog clash={edits.clash} settings={settings} onSettle={edits.settle} />
    </div>
  );
}

function caption(steps: Step[], chosen: number): string {
  return steps.length === 0 ? 'bare body' : `after step ${chosen + 1} of ${steps.length}`;
}
