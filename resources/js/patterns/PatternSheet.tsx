import { Suspense, useCallback, useState } from 'react';
import { useParams } from 'react-router';
import { open } from '../advice/findings';
import { StepAdvice } from '../advice/StepAdvice';
import { usePaints } from '../api/listQueries';
import { useAdvice, useCore, useSettings, useSheetQuery, useTexture, useVersion, useVocabulary } from '../api/queries';
import { useAir } from '../api/shopQueries';
import type { Fix, Look, Settings, Sheet, Step, StepDocument } from '../api/types';
import { CorePanel } from '../core-sample/CorePanel';
import { Ladder } from '../ladder/Ladder';
import { Failed } from '../parts/Failed';
import { useKeys } from '../parts/keys';
import { Notices, offerUndo } from '../parts/Notices';
import { part } from '../parts/part';
import { Waiting } from '../parts/Waiting';
import { Plate } from '../plate/Plate';
import { useHold } from '../plate/useHold';
import { AddStep } from '../slip/AddStep';
import { OutOfRung } from '../slip/OutOfRung';
import { PlaceHint } from '../slip/PlaceHint';
import { Slip } from '../slip/Slip';
import type { OnBody } from '../stage/pixels';
import type { StageLight } from '../stage/shown';
import type { Kind, SetOf } from '../steps/face';
import { FRESH } from '../steps/fresh';
import { ClashDialog } from './ClashDialog';
import { OlderVersion } from './OlderVersion';
import { ReferencePanel } from './ReferencePanel';
import { SheetTitle } from './SheetTitle';
import classes from './sheet.module.css';
import { useEdits } from './useEdits';

const BetterOrder = part(async () => (await import('../air/BetterOrder')).BetterOrder);
const BothSides = part(async () => (await import('./BothSides')).BothSides);

/** The heart: plate, ladder and the slip of the chosen step, on one screen. */
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
  const [chosenId, setChosenId] = useState<string | null>(version.steps.at(-1)?.document.id ?? null);
  const [look, setLook] = useState<Look>('clear');
  const [light, setLight] = useState<StageLight>('flat');
  const [spot, setSpot] = useState<OnBody>({ u: 0.52, deg: 58 });
  const [ordering, setOrdering] = useState(false);
  const [over, setOver] = useState<'slip' | 'reference' | null>(null);
  // A technique whose mark is still to be put on the bait.
  const [placing, setPlacing] = useState<string | null>(null);

  const found = version.steps.findIndex((s) => s.document.id === chosenId);
  const chosen = found >= 0 ? found : version.steps.length - 1;
  const upto = version.steps[chosen]?.document.id ?? null;
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
  const { hold, tried, zones } = useHold({
    version,
    step: upto,
    upto,
    look,
    open: over === 'slip',
    onChange: send,
    settings,
  });
  // While a handle is pulled, plate, ladder and slip show the step as it would be.
  const steps = version.steps.map((one) => (tried?.step.document.id === one.document.id ? tried.step : one));
  const step = steps[chosen];

  const kept = useTexture(version.id, version.revision, upto, look).data;
  const core = useCore(version.id, version.revision, spot, upto, look).data;
  const whole = useCore(version.id, version.revision, spot, null, look).data;
  const advice = useAdvice(version.id, version.revision, settings).data;
  const air = useAir(version.id, version.revision, settings).data;
  const vocabulary = useVocabulary().data;
  const paints = usePaints().data;

  const choose = (index: number) => setChosenId(steps[index]?.document.id ?? null);
  const take = (id: string | undefined) => {
    if (id === undefined) return;
    setChosenId(id);
    setOver('slip');
  };
  const change = useCallback(
    (stepId: string, set: SetOf<StepDocument>) =>
      send((now) => {
        const document = now.steps.find((s) => s.document.id === stepId)?.document;
        if (document === undefined) return undefined;
        return { op: 'change', step: stepId, set: typeof set === 'function' ? set(document) : set };
      }),
    [send],
  );
  const added = (after: Awaited<ReturnType<typeof send>>) =>
    take(after?.steps[steps.length === 0 ? 0 : chosen + 1]?.document.id);
  const begin = async (technique: string, at?: OnBody) => {
    setPlacing(null);
    added(await send({ op: 'begin', technique, after: upto, ...(at === undefined ? {} : { at }) }));
  };
  const add = async (kind: Exclude<Kind, 'paint'>) => added(await send({ op: 'add', step: FRESH[kind], after: upto }));
  const move = (stepId: string, to: number) =>
    void send({ op: 'move', step: stepId, to }).then(() => setChosenId(stepId));
  const mend = (fix: Fix) => {
    if (fix.before !== null) {
      const [from, before] = [fix.step, fix.before].map((id) => steps.findIndex((s) => s.document.id === id));
      move(fix.step, (before ?? 0) - ((from ?? 0) < (before ?? 0) ? 1 : 0));
      offerUndo('mended', `${fix.label}: done.`, () => void send('undo'));
      return;
    }
    if (fix.insert === null) {
      void change(fix.step, fix.set);
      return;
    }
    const before = steps[steps.findIndex((s) => s.document.id === fix.step) - 1];
    void send({ op: 'add', step: fix.insert, after: before?.document.id ?? null, first: before === undefined });
  };
  const mendAll = (fixes: Fix[]) => {
    void send({ op: 'several', changes: fixes.map((fix) => ({ op: 'change', step: fix.step, set: fix.set })) });
    offerUndo('mended', `${fixes[0]?.label} in ${fixes.length} steps.`, () => void send('undo'));
  };
  const remove = async (stepId: string) => {
    const index = steps.findIndex((s) => s.document.id === stepId);
    const name = steps[index]?.shown.name ?? '';
    const after = await send({ op: 'remove', step: stepId });
    if (after === undefined) return;
    setChosenId(after.steps[Math.min(index, after.steps.length - 1)]?.document.id ?? null);
    offerUndo('removed', `${name} removed.`, () => void send('undo').then(() => setChosenId(stepId)));
  };
  // Edits on their way can be undone too, though the version does not know of them yet.
  const undo = () => (version.can_undo || edits.busy) && void send('undo');
  const redo = () => version.can_redo && void send('redo');
  const findings = open(advice);
  const nextAdvice = () => {
    const numbers = findings.map((one) => steps.findIndex((s) => s.document.id === one.step)).sort((a, b) => a - b);
    // The step shown already is left for the next one.
    const from = over === 'slip' ? chosen : chosen - 1;
    take(steps[numbers.find((at) => at > from) ?? numbers[0] ?? -1]?.document.id);
  };

  useKeys('Pattern sheet', [
    { keys: 'mod+Z', does: 'undo', run: undo },
    { keys: 'mod+shift+Z', does: 'redo', run: redo },
    { keys: 'mod+Y', does: 'redo', run: redo },
  ]);

  const technique = vocabulary?.techniques.find((one) => one.name === placing);
  return (
    <div className={classes.sheet} data-revision={version.revision} data-busy={edits.busy}>
      <Notices />
      <Plate
        body={version.body}
        texture={tried?.texture ?? kept}
        settings={settings}
        look={look}
        light={light}
        onLook={setLook}
        onLight={setLight}
        spot={spot}
        onSpot={placing === null ? setSpot : (at) => void begin(placing, at)}
        core={core}
        zones={zones}
        // Where a mark is to be put, nothing else lies in the way.
        hold={placing === null ? hold : { ...hold, handles: [] }}
        placing={placing !== null}
        sides={
          <BothSides body={version.body} version={version.id} revision={version.revision} upto={upto} look={look} />
        }
        caption={caption(steps, chosen)}
        description={`${pattern.name}, ${caption(steps, chosen)}. ${core === undefined ? '' : `At the spot: ${core.colour.hex}.`}`}
        title={
          <>
            <SheetTitle
              sheet={sheet}
              current={current}
              onBody={(body_id) => void send({ op: 'body', body_id })}
              onPrepare={() => void send({ op: 'prepare' })}
              onReference={() => setOver(over === 'reference' ? null : 'reference')}
              onBetterOrder={() => setOrdering(true)}
            />
            {!current && <OlderVersion sheet={sheet} />}
            {still && <p role="alert">Nothing was changed: go on from this version to change it.</p>}
            {edits.trouble !== null && (
              <p className="notice" role="alert">
                {edits.trouble}
              </p>
            )}
          </>
        }
        film={
          <CorePanel
            core={core}
            settings={settings}
            whole={whole}
            reached={steps.slice(0, chosen + 1).map((s) => s.document.id)}
            onStep={setChosenId}
          />
        }
        slip={
          technique !== undefined ? (
            <PlaceHint
              what={technique.label}
              onUsual={() => void begin(technique.name)}
              onCancel={() => setPlacing(null)}
            />
          ) : over === 'reference' ? (
            <ReferencePanel patternId={pattern.id} core={core} onClose={() => setOver(null)} />
          ) : (
            over === 'slip' &&
            step !== undefined &&
            vocabulary !== undefined &&
            paints !== undefined && (
              <Slip
                key={step.document.id}
                step={step}
                version={version}
                vocabulary={vocabulary}
                paints={paints}
                settings={settings}
                onChange={(set) => change(step.document.id, set)}
                onPlace={(where) => send({ op: 'place', step: step.document.id, where })}
                onMove={(to) => move(step.document.id, to)}
                onClose={() => setOver(null)}
                advice={
                  <StepAdvice
                    findings={advice?.findings ?? []}
                    step={step.document.id}
                    busy={edits.busy}
                    onFix={mend}
                    onFixAll={mendAll}
                  />
                }
              />
            )
          )
        }
      />
      <Ladder
        version={{ ...version, steps }}
        settings={settings}
        advice={advice}
        air={air}
        chosen={chosen}
        add={
          vocabulary !== undefined && (
            <AddStep
              body={version.body}
              vocabulary={vocabulary}
              disabled={edits.busy}
              onPaint={(name) =>
                vocabulary.techniques.find((one) => one.name === name)?.placed ? setPlacing(name) : void begin(name)
              }
              onOther={(kind) => void add(kind)}
            />
          )
        }
        onChoose={choose}
        onOpen={(index) => take(steps[index]?.document.id)}
        onAdvice={nextAdvice}
        onMove={move}
        onDuplicate={(stepId) => void send({ op: 'duplicate', step: stepId })}
        onSwitch={(stepId, on) => change(stepId, { on })}
        onRemove={(stepId) => void remove(stepId)}
        onUndo={undo}
        onRedo={redo}
      />
      {over === 'slip' && placing === null && upto !== null && vocabulary !== undefined && <OutOfRung step={upto} />}
      {ordering && (
        <Suspense>
          <BetterOrder
            version={version}
            look={look}
            onOrder={(steps) => {
              void send({ op: 'order', steps }).then((after) => {
                if (after !== undefined)
                  offerUndo('ordered', 'The steps stand in the better order.', () => void send('undo'));
              });
            }}
            onClose={() => setOrdering(false)}
          />
        </Suspense>
      )}
      <ClashDialog clash={edits.clash} settings={settings} onSettle={edits.settle} />
    </div>
  );
}

function caption(steps: Step[], chosen: number): string {
  return steps.length === 0 ? 'bare body' : `after step ${chosen + 1} of ${steps.length}`;
}
