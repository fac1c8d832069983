import { Anchor, Button, FileButton } from '@mantine/core';
import { useRef } from 'react';

interface Props {
  /** What stands on the button. */
  action: string;
  /** What is asked for, for those who do not see it. */
  label: string;
  accept: string;
  /** In a line of text rather than by itself. */
  inline?: boolean;
  disabled?: boolean;
  onFile: (file: File) => void;
}

/** A button that asks for a file; the same file may be chosen again. */
export function FilePick({ action, label, accept, inline = false, disabled = false, onFile }: Props) {
  const reset = useRef<() => void>(null);
  const took = (file: File | null) => {
    reset.current?.();
    if (file !== null) onFile(file);
  };
  return (
    <FileButton accept={accept} resetRef={reset} inputProps={{ 'aria-label': label }} onChange={took}>
      {(props) =>
        inline ? (
          <Anchor component="button" type="button" disabled={disabled} {...props}>
            {action}
          </Anchor>
        ) : (
          <Button variant="default" disabled={disabled} {...props}>
            {action}
          </Button>
        )
      }
    </FileButton>
  );
}
