import { useRef } from 'react';

interface Props {
  /** What stands on the button. */
  action: string;
  /** What is asked for, for those who do not see it. */
  label: string;
  accept: string;
  className?: string;
  disabled?: boolean;
  onFile: (file: File) => void;
}

/** A button that asks for a file; the same file may be chosen again. */
export function FilePick({ action, label, accept, className = 'plain-button quiet', disabled = false, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className={className} disabled={disabled} onClick={() => input.current?.click()}>
        {action}
      </button>
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          event.currentTarget.value = '';
          if (file !== undefined) onFile(file);
        }}
      />
    </>
  );
}
