import { LAMP_REACH, type Lamp } from './lamp';
import classes from './stage.module.css';

/** Moves the light: flakes flash where the surface throws it into the eye. */
export function LampControl({ lamp, onLamp }: { lamp: Lamp; onLamp: (lamp: Lamp) => void }) {
  return (
    <fieldset className={classes.lamp}>
      <legend>Move the light</legend>
      <Slide label="along" ends={['nose', 'tail']} value={lamp.along} onSlide={(along) => onLamp({ ...lamp, along })} />
      <Slide
        label="above"
        ends={['below', 'above']}
        value={lamp.above}
        onSlide={(above) => onLamp({ ...lamp, above })}
      />
    </fieldset>
  );
}

function Slide(props: { label: string; ends: [string, string]; value: number; onSlide: (value: number) => void }) {
  return (
    <label>
      {props.ends[0]}
      <input
        type="range"
        min={-LAMP_REACH}
        max={LAMP_REACH}
        step={1}
        value={props.value}
        aria-label={`Light ${props.label}`}
        aria-valuetext={`${Math.abs(props.value)} degrees towards ${props.value < 0 ? props.ends[0] : props.ends[1]}`}
        onChange={(event) => props.onSlide(Number(event.currentTarget.value))}
      />
      {props.ends[1]}
    </label>
  );
}
