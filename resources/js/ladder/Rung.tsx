import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { IconClock, IconFlame, IconRipple } from '@tabler/icons-react';
import type { BodyShape, Settings, Step } from '../api/types';
import { length, minutes } from '../units/units';
import { air, setWords, TYPE_NAMES } from './words';
import { ZoneOutline } from './ZoneOutline';

interface Props {
  step: Step;
  body: BodyShape;
  settings: Settings;
  chosen: boolean;
  faded: boolean;
  onChoose: () => void;
  onOpen: () => void;
}

/** One rung of the Ladder: what, where, how hard, how thin. */
export function Rung({ step, body, settings, chosen, faded, onChoose, onOpen }: Props) {
  const { document: d, shown } = step;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: d.id });
  const state = [chosen ? 'on' : '', faded ? 'faded' : '', d.on ? '' : 'off', isDragging ? 'dragging' : ''].join(' ');

  return (
    <button
      type="button"
      ref={setNodeRef}
      className={`rung soft ${state}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      {...attributes}
      {...listeners}
      role="option"
      aria-roledescription="step"
      aria-selected={chosen}
      aria-label={`Step ${shown.number}, ${shown.name}${d.on ? '' : ', switched off'}${shown.where === undefined ? '' : `, ${shown.where}`}${d.set === undefined ? '' : `, ${setWords(d.set)}`}`}
      data-step={d.id}
      onClick={onChoose}
      onDoubleClick={onOpen}
      tabIndex={chosen ? 0 : -1}
    >
      <span className="rung-top">
        {shown.chip === undefined ? (
          <span className="rung-nochip">{TYPE_NAMES[d.type]}</span>
        ) : (
          <span className="chip">
            <i style={{ background: shown.chip.black }} />
            <i style={{ background: shown.chip.white }} />
          </span>
        )}
        <span className="rung-number">{shown.number}</span>
      </span>
      <b>{shown.name}</b>
      <span className="rung-where">{d.type === 'paint' ? <ZoneOutline body={body} cover={shown.cover} /> : null}</span>
      <span className="rung-foot">{foot(step, settings)}</span>
    </button>
  );
}

function foot(step: Step, settings: Settings) {
  const d = step.document;
  if (!d.on) return <span>switched off</span>;
  if (d.type === 'paint') {
    const [figure, unit] = air(step, d.psi, settings);
    return (
      <>
        <span>
          <strong>{figure}</strong> {unit}
        </span>
        <span>
          {[(d.coats ?? 1) > 1 && `×${d.coats}`, unit !== '' && `${d.thinning_percent} %`].filter(Boolean).join(' · ')}
        </span>
      </>
    );
  }
  if (d.type === 'eye') return <span>{`${length.show(d.diameter_mm ?? 0, settings)} ${length.unit(settings)}`}</span>;
  if (d.type === 'clear') return <span>{(d.coats ?? 1) > 1 ? `${d.coats} coats` : '1 coat'}</span>;
  return <span>{minutes(d.minutes ?? 0)}</span>;
}

/** How the coat is set before the next rung: flame, dial with minutes, or two waves. */
export function SetMark({ step }: { step: Step }) {
  const set = step.document.type === 'paint' ? step.document.set : undefined;
  const props = { size: 17, stroke: 1.7, 'aria-hidden': true } as const;
  return (
    <span className="set-mark" aria-hidden="true">
      {set?.by === 'heat' && <IconFlame {...props} />}
      {set?.by === 'wet' && <IconRipple {...props} />}
      {set !== undefined && (set.by === 'air' || set.minutes > 0) && (
        <IconClock {...props} size={set.by === 'air' ? 17 : 13} />
      )}
      {set !== undefined && set.minutes > 0 ? `${set.minutes}'` : ''}
    </span>
  );
}
