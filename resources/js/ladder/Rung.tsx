import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { UnstyledButton } from '@mantine/core';
import {
  IconClock,
  IconDroplet,
  IconDroplets,
  IconFlame,
  type IconProps,
  IconRipple,
  IconTool,
  IconWind,
} from '@tabler/icons-react';
import type { BodyShape, CoatAir, Finding, Settings, Step } from '../api/types';
import { EyeDrawing } from '../stage/EyeDrawing';
import { ZoneOutline } from '../stage/ZoneOutline';
import { isPaint } from '../steps/face';
import { faceOf } from '../steps/kinds';
import { setWords } from '../steps/setWords';
import classes from './ladder.module.css';

interface Props {
  step: Step;
  body: BodyShape;
  settings: Settings;
  chosen: boolean;
  faded: boolean;
  mask: Bracket | undefined;
  /** The gravest advice about it. */
  advice: Finding['severity'] | undefined;
  /** How the airbrush is cleaned before it. */
  clean: CoatAir['clean'];
  /** What it saves or costs to put the lifted rung here. */
  place: string | undefined;
  onOpen: () => void;
}

const FLAGS = { stop: classes.flagStop, caution: classes.flagCaution, hint: classes.flagHint };

const CLEANS = {
  blow: (props: IconProps) => <IconWind {...props} />,
  rinse: (props: IconProps) => <IconDroplet {...props} />,
  flush: (props: IconProps) => <IconDroplets {...props} />,
  strip: (props: IconProps) => <IconTool {...props} />,
};

interface Mark {
  step: Step;
  mask: boolean;
  wait: number | undefined;
  clean: CoatAir['clean'];
}

/** A mask that stays on for several rungs is drawn as a bracket over them. */
export type Bracket = 'first' | 'within' | 'last';

/** One rung of the Ladder: what, where, how hard, how thin. */
export function Rung({ step, body, settings, chosen, faded, mask, advice, clean, place, onOpen }: Props) {
  const { document: d, shown } = step;
  const face = faceOf(step);
  const set = isPaint(step) ? `, ${setWords(step.document.set)}` : '';
  const [figure, more] = d.on ? face.foot(step, settings) : ['switched off', ''];
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: d.id });
  const state = [
    chosen ? 'on' : '',
    faded ? classes.faded : '',
    d.on ? '' : classes.off,
    isDragging ? classes.dragging : '',
    mask === undefined ? '' : classes[mask],
    place === undefined ? '' : classes.may,
  ].join(' ');

  return (
    <UnstyledButton
      ref={setNodeRef}
      className={`${classes.rung} ${classes.soft} ${state}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      {...attributes}
      {...listeners}
      role="option"
      aria-roledescription="step"
      aria-selected={chosen}
      aria-label={`Step ${shown.number}, ${shown.name}${d.on ? '' : ', switched off'}${shown.where === undefined ? '' : `, ${shown.where}`}${set}${shown.mask_is_on ? ', the mask of the step before stays on' : ''}${clean === null ? '' : `, ${clean.level} before it`}${advice === undefined ? '' : `; ${advice}`}`}
      data-step={d.id}
      onClick={onOpen}
      tabIndex={chosen ? 0 : -1}
    >
      {advice !== undefined && <i className={`${classes.flag} ${FLAGS[advice]}`} data-advice={advice} />}
      {place !== undefined && <span className={classes.place}>{place}</span>}
      <span className={classes.rungTop}>
        {shown.chip === undefined ? (
          <span className={classes.rungNochip}>{face.name}</span>
        ) : (
          <span className="chip">
            <i style={{ background: shown.chip.black }} />
            <i style={{ background: shown.chip.white }} />
          </span>
        )}
        <span className={classes.rungNumber}>{shown.number}</span>
      </span>
      <b>{shown.name}</b>
      <span className={classes.rungWhere}>
        {shown.cover === undefined ? null : <ZoneOutline body={body} cover={shown.cover} />}
        {shown.eye === undefined ? null : <EyeDrawing eye={shown.eye} />}
      </span>
      <span className={classes.rungFoot}>
        <span>{figure}</span>
        <span>{more}</span>
      </span>
    </UnstyledButton>
  );
}

/**
 * How the coat is set before the next rung: flame, dial with minutes, or two waves; below it, how the airbrush is
 * cleaned: blown, rinsed, flushed, stripped.
 * @param wait minutes that its wait comes to in this room
 */
export function SetMark({ step, mask, wait, clean }: Mark) {
  const set = isPaint(step) ? step.document.set : undefined;
  const props = { size: 17, stroke: 1.7, 'aria-hidden': true } as const;
  return (
    <span className={`${classes.setMark} ${mask ? classes.within : ''}`} aria-hidden="true">
      {set?.by === 'heat' && <IconFlame {...props} />}
      {set?.by === 'wet' && <IconRipple {...props} />}
      {set !== undefined && (set.by === 'air' || set.minutes > 0) && (
        <IconClock {...props} size={set.by === 'air' ? 17 : 13} />
      )}
      {set !== undefined && set.minutes > 0 ? `${Math.round(wait ?? set.minutes)}'` : ''}
      {clean !== null && <span className={classes.clean}>{CLEANS[clean.level](props)}</span>}
    </span>
  );
}
