import { Suspense, useCallback, useState } from 'react';
import { useLocation, useParams } from 'react-router';
import { open } from '../advice/findings';
import { StepAdvice } from '../advice/StepAdvice';
import { useSettings, useSheetQuery, useVersion } from '../api/queries';
import type { Settings, Sheet } from '../api/types';
import { CorePanel } from '../core-sample/CorePanel';
import { Ladder } from '../ladder/Ladder';
import { Failed } from '../parts/Failed';
import { part } from '../parts/part';
import { Waiting } from '../parts/Waiting';
import { Plate } from '../plate/Plate';
import { useHold } from '../plate/useHold';
import { AddStep } from '../slip/AddStep';
import { OutOfRung } from '../slip/OutOfRung';
import { PlaceHint } from '../slip/PlaceHint';
import { Slip } from '../slip/Slip';
import type { OnBody } from '../stage/pixels';
import { ClashDialog } from './ClashDialog';
import { ReferencePanel } from './ReferencePanel';
import { SheetHead } from './SheetHead';
import classes from './sheet.module.css';
import { useEdits } from './useEdits';
import { useSheetActs, useUndoKeys } from './useSheetActs';
import { caption, useSheetData } from './useSheetData';
import { useSheetView } from './useSheetView';
import { useTaking } from './useTaking';

const BetterOrder = part(async () => (await import('../air/BetterOrder')).BetterOrder);
const RecipePicture = part(async () => (await import('../exchange/RecipePicture')).RecipePicture);
const BothSides = part(async () => (await import('./BothSides')).BothSides);

/** The heart: plate, ladder and the slip of the chosen step, on one screen. */
export function PatternSheet() {
  const { id = '', version: wanted } = useParams();
  // A link to a step of the sheet that is open leads there as well.
  const { key } = useLocation();
  const sheet = useSheetQuery(id);
  const other = useVersion(wanted);
  const settings = useSettings().data;
  if (sheet.isError) return <Failed error={sheet.error} retry={() => void sheet.refetch()} />;
  if (other.isError) return <Failed error={other.error} retry={() => void other.refetch()} />;
  if (sheet.data === undefined || settings === undefined) return <Waiting />;
  if (wanted === undefined || wanted === sheet.data.version.id) {
    return <OpenSheet key={`${id} ${key}`} sheet={sheet.data} settings={settings} current />;
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
  const view = useSheetView(version);
  const { chosenId, setChosenId, look, over, setOver } = view;
  const [spot, setSpot] = useState<OnBody>({ u: 0.52, deg: 58 });
  const [asked, setAsked] = useState<'order' | 'picture' | null>(null);
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

  const { kept, core, whole, advice, air, vocabulary, paints } = useSheetData(version, spot, upto, look, settings);

  const choose = (index: number) => setChosenId(steps[index]?.document.id ?? null);
  const { entering, take, close } = useTaking(view, upto);
  const { change, begin, add, move, order, mend, mendAll, remove } = useSheetActs({
    steps,
    chosen,
    upto,
    send,
    take,
    setChosenId,
  });
  const put = (technique: string, at?: OnBody) => {
    setPlacing(null);
    void begin(technique, at);
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

  useUndoKeys(undo, redo);
  const technique = vocabulary?.techniques.find((one) => one.name === placing);
  return (
    <div className={classes.sheet} data-revision={version.revision} data-busy={edits.busy}>
      <Plate
        body={version.body}
        texture={tried?.texture ?? kept}
        settings={settings}
        view={view}
        spot={spot}
        onSpot={placing === null ? setSpot : (at) => put(placing, at)}
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
          <SheetHead
            sheet={sheet}
            current={current}
            still={still}
            trouble={edits.trouble}
            onBody={(body_id) => void send({ op: 'body', body_id })}
            onPrepare={() => void send({ op: 'prepare' })}
            onReference={() => setOver(over === 'reference' ? null : 'reference')}
            onBetterOrder={() => setAsked('order')}
            onPicture={() => setAsked('picture')}
          />
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
            <PlaceHint what={technique.label} onUsual={() => put(technique.name)} onCancel={() => setPlacing(null)} />
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
                onClose={close}
                entering={entering}
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
          vocabulary !== undefined &&
          paints !== undefined && (
            <AddStep
              version={version}
              paints={paints}
              vocabulary={vocabulary}
              settings={settings}
              disabled={edits.busy}
              onPaint={(name) =>
                vocabulary.techniques.find((one) => one.name === name)?.placed ? setPlacing(name) : void begin(name)
              }
              after={upto}
              onStep={(step) => void add(step)}
            />
          )
        }
        onChoose={choose}
        onOpen={(index, enter) => take(steps[index]?.document.id, enter)}
        onAdvice={nextAdvice}
        onMove={move}
        onDuplicate={(stepId) => void send({ op: 'duplicate', step: stepId })}
        onSwitch={(stepId, on) => change(stepId, { on })}
        onRemove={(stepId) => void remove(stepId)}
        onUndo={undo}
        onRedo={redo}
      />
      {over === 'slip' && placing === null && upto !== null && vocabulary !== undefined && <OutOfRung step={upto} />}
      <Suspense>
        {asked === 'order' && (
          <BetterOrder
            version={version}
            look={look}
            onOrder={(steps) => void order(steps)}
            onClose={() => setAsked(null)}
          />
        )}
        {asked === 'picture' && <RecipePicture {...{ sheet, settings }} onClose={() => setAsked(null)} />}
      </Suspense>
      <ClashDialog clash={edits.clash} settings={settings} onSettle={edits.settle} />
    </div>
  );
}
