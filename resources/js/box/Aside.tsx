import { Anchor, Button, Modal } from '@mantine/core';
import { useState } from 'react';
import { clock, day } from '../units/units';
import { box } from './box';
import type { Entry } from './store';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './box.module.css';

export interface AsideProps {
  entries: Entry[];
  onClose: () => void;
}

/** Entries that the server would not take: why, and what can be done with each. */
export function Aside({ entries, onClose }: AsideProps) {
  return (
    <Modal opened onClose={onClose} title="Not taken by the server" centered size="lg">
      {entries.length === 0 && <p>All done.</p>}
      <ul className={classes.asideList}>
        {entries.map((entry) => (
          <Line key={entry.event.id} entry={entry} />
        ))}
      </ul>
    </Modal>
  );
}

function Line({ entry }: { entry: Entry }) {
  const [sure, setSure] = useState(false);
  return (
    <li>
      <p>
        <b>{entry.about}</b>, {day(entry.event.at)} {clock(entry.event.at)}
        <br />
        {entry.refused}
      </p>
      <p className={layout.actions}>
        <Button variant="default" onClick={() => void box.sendAgain(entry)}>
          Send it again
        </Button>
        <Button variant="default" onClick={() => void box.asNote(entry)}>
          Keep it as a note
        </Button>
        {sure ? (
          <Button variant="default" onClick={() => void box.letGo(entry)}>
            Yes, let it go for good
          </Button>
        ) : (
          <Anchor component="button" type="button" onClick={() => setSure(true)}>
            Let it go
          </Anchor>
        )}
      </p>
    </li>
  );
}
