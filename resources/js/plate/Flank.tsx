import type { BodyShape } from '../api/types';
import { BaitPicture } from '../stage/BaitPicture';
import type { Lamp } from '../stage/lamp';
import type { Light } from '../stage/pixels';
import type { Shown } from '../stage/shown';

export interface FlankProps {
  body: BodyShape;
  shown: Shown;
  light: Light;
  lamp: Lamp;
}

/** A flank beside the plate, with its name: to be looked at, not to be worked on. */
export function Flank(props: FlankProps & { view: 'left' | 'right'; width: number; height: number }) {
  const { shown, view } = props;
  return (
    <figure data-view={view}>
      <BaitPicture
        body={props.body}
        texture={shown.texture}
        night={shown.night}
        light={props.light}
        lamp={props.lamp}
        glossy={shown.glossy}
        view={view}
        width={props.width}
        height={props.height}
        label={`${view} flank, as predicted`}
      />
      <figcaption>{view} flank</figcaption>
    </figure>
  );
}
