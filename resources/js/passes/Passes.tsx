import { Modal } from '@mantine/core';
import '../parts/controls';
import { PassRow } from './PassRow';

type Props = Parameters<typeof PassRow>[0] & { title: string; onClose: () => void };

/** One more pass? The row of pictures, over the page. */
export function Passes({ title, onClose, onChoose, ...row }: Props) {
  return (
    <Modal opened onClose={onClose} title={title} size="min(1280px, 96vw)" centered>
      <PassRow
        {...row}
        onChoose={(coats) => {
          onChoose(coats);
          onClose();
        }}
      />
    </Modal>
  );
}
