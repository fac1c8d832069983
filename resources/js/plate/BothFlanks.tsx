import { useSize } from '../stage/useSize';
import { Flank, type FlankProps } from './Flank';
import classes from './plate.module.css';

/** Both painted flanks, beside each other where there is room. */
export function BothFlanks(props: FlankProps) {
  const room = useSize<HTMLDivElement>();
  const wide = room.width > 720 ? Math.floor((room.width - 16) / 2) : room.width;
  const { top_mm, bottom_mm } = props.body.profile;
  const tall = (Math.max(...top_mm) + Math.max(...bottom_mm)) / props.body.length_mm;
  const high = Math.round(wide * tall * 1.1) + 12;
  return (
    <div ref={room.ref} className={classes.bothFlanks}>
      <Flank {...props} view="left" width={wide} height={high} />
      <Flank {...props} view="right" width={wide} height={high} />
    </div>
  );
}
