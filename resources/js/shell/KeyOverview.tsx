import { Kbd, Modal } from '@mantine/core';
import { useEffect, useState } from 'react';
import '@mantine/core/styles/Kbd.layer.css';
import '../parts/controls';
import { useKeyGroups } from '../parts/keys';
import classes from './KeyOverview.module.css';

/** All keys of what is shown, under “?”. */
export function KeyOverview() {
  const [opened, setOpened] = useState(false);
  const groups = useKeyGroups();
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && event.target.matches('input, textarea, select');
      if (event.key !== '?' || typing) return;
      event.preventDefault();
      setOpened((now) => !now);
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, []);
  return (
    <Modal opened={opened} onClose={() => setOpened(false)} title="Keys">
      {groups.map(({ place, keys }) => (
        <section key={place} className={classes.group}>
          <h3>{place}</h3>
          <dl>
            {keys.map(({ keys: pressed, does }) => (
              <div key={pressed + does}>
                <dt>
                  {pressed.split('+').map((part) => (
                    <Kbd key={part}>{NAMES[part] ?? part}</Kbd>
                  ))}
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      <section className={classes.group}>
        <h3>Everywhere</h3>
        <dl>
          <div>
            <dt>
              <Kbd>?</Kbd>
            </dt>
            <dd>shows this</dd>
          </div>
        </dl>
      </section>
    </Modal>
  );
}

const NAMES: { [part: string]: string } = { mod: 'Ctrl', shift: 'Shift', alt: 'Alt', ' ': 'Space', space: 'Space' };
