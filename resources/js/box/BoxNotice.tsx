import { Anchor } from '@mantine/core';
import { type ComponentType, useState } from 'react';
import { useLocation } from 'react-router';
import { useShownFrom } from '../api/shownFrom';
import { counted } from '../units/units';
import type { AsideProps } from './Aside';
import classes from './box.module.css';
import { useBox } from './useBox';

const UNKEPT: { [why: string]: string } = {
  full: 'This browser has no room left to keep anything.',
  blocked: 'This browser does not let Hawkbrush keep anything.',
};

/** What was done at the bench and is not with the server yet, and what the server would not take; on every page. */
export function BoxNotice() {
  const { waiting, aside, trouble, unkept } = useBox();
  // Where the page says already that there is no answer, it is not said twice.
  const silent = useShownFrom() !== null;
  const [Aside, setAside] = useState<ComponentType<AsideProps> | null>(null);
  const [unloaded, setUnloaded] = useState(false);
  const open = () =>
    import('./Aside').then(
      (file) => setAside(() => file.Aside),
      () => setUnloaded(true),
    );
  const atBench = useLocation().pathname.startsWith('/bench');
  const stuck = waiting.length > 0 && (trouble !== null || unkept !== null);
  const warned = unkept !== null && (atBench || stuck);
  if (!stuck && aside.length === 0 && !warned && Aside === null) return null;
  return (
    <div className={`${classes.boxNotice} no-print`} role="status">
      {stuck && (
        <p>
          {trouble !== null && !silent && `${trouble} `}
          {counted(waiting.length, 'entry', 'entries')} of the bench{' '}
          {unkept === null
            ? `${waiting.length === 1 ? 'is' : 'are'} kept on this device and sent when it is back.`
            : 'held in this page until sent: leave it open.'}
        </p>
      )}
      {warned && (
        <p>
          {UNKEPT[unkept]} What you do at the bench is held in the open page and sent at once; it would not last through
          a reload.
        </p>
      )}
      {aside.length > 0 && (
        <p>
          {counted(aside.length, 'entry', 'entries')} of the bench {aside.length === 1 ? 'was' : 'were'} not taken.{' '}
          <Anchor component="button" type="button" onClick={() => void open()}>
            See why
          </Anchor>
        </p>
      )}
      {unloaded && Aside === null && <p>You can look at this once Hawkbrush answers again; it is kept until then.</p>}
      {Aside !== null && <Aside entries={aside} onClose={() => setAside(null)} />}
    </div>
  );
}
