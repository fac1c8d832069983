import { Button, Modal } from '@mantine/core';
import { useEffect } from 'react';
import '../parts/controls';
import choice from './choice.module.css';

interface Props {
  opened: boolean;
  code: string;
  onSet: (code: string) => void;
  onClose: () => void;
}

/** Sets the foot pedal: the next key it sends is taken. */
export function PedalForm({ opened, code, onSet, onClose }: Props) {
  useEffect(() => {
    if (!opened) return;
    const keys = (event: KeyboardEvent) => {
      if (['Escape', 'Tab'].includes(event.code) || (event.target as HTMLElement).matches?.('button')) return;
      event.preventDefault();
      event.stopPropagation();
      onSet(event.code);
      onClose();
    };
    window.addEventListener('keydown', keys, { capture: true });
    return () => window.removeEventListener('keydown', keys, { capture: true });
  }, [opened, onSet, onClose]);
  return (
    <Modal opened={opened} onClose={onClose} title="Foot pedal" centered trapFocus>
      <div className={choice.choice}>
        <p role="status" tabIndex={-1} data-autofocus>
          Press the pedal. The key it sends will mean “done, next” at this device.
        </p>
        <p className="dim">{code === '' ? 'No pedal is set.' : `It sends ${code} now.`}</p>
        {code !== '' && (
          <Button
            variant="default"
            onClick={() => {
              onSet('');
              onClose();
            }}
          >
            No pedal
          </Button>
        )}
      </div>
    </Modal>
  );
}
