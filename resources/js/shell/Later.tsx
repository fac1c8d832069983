import { useEffect } from 'react';
import { useLocation, useNavigationType } from 'react-router';
import { BoxNotice } from '../box/BoxNotice';
import { DropAnywhere } from '../exchange/DropAnywhere';
import { Notices } from '../parts/Notices';
import { BackupNotice } from './BackupNotice';
import { KeyOverview } from './KeyOverview';
import { Outdated } from './Outdated';
import { watchOutdated } from './outdated';
import { RoomReading } from './RoomReading';

watchOutdated();

/** What the frame needs only once the first page is there. */
export function Later() {
  const { pathname } = useLocation();
  const back = useNavigationType() === 'POP';
  // A page begins at its top; one gone back to is where it was left.
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new address is what counts
  useEffect(() => {
    if (!back) window.scrollTo(0, 0);
  }, [pathname]);
  return (
    <>
      <Outdated />
      <BackupNotice />
      <BoxNotice />
      <RoomReading />
      <KeyOverview />
      <Notices />
      <DropAnywhere />
    </>
  );
}
