import { Modal } from '@mantine/core';
import { Link } from 'react-router';
import type { Settings } from '../api/types';
import { RoomFigures } from './RoomFigures';
import classes from './shell.module.css';
import '../parts/controls';

interface Props {
  settings: Settings;
  opened: boolean;
  onClose: () => void;
}

/** The room the shop is in. */
export function RoomForm({ settings, opened, onClose }: Props) {
  return (
    <Modal opened={opened} onClose={onClose} title="Room" size="xs" centered>
      <div className={classes.settings}>
        <RoomFigures settings={settings} />
        <p>
          <Link className="link" to="/settings" onClick={onClose}>
            Units, theme, currency, backups
          </Link>
        </p>
      </div>
    </Modal>
  );
}
