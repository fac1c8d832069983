import type { ComponentProps } from 'react';
import { OlderVersion } from './OlderVersion';
import { SheetTitle } from './SheetTitle';

type Props = ComponentProps<typeof SheetTitle> & {
  /** Whether a change of an older version was asked for, which takes none. */
  still: boolean;
  trouble: string | null;
};

/** The title of a sheet, and messages about the sheet as a whole. */
export function SheetHead({ still, trouble, ...title }: Props) {
  return (
    <>
      <SheetTitle {...title} />
      {!title.current && <OlderVersion sheet={title.sheet} />}
      {still && <p role="alert">Nothing was changed: go on from this version to change it.</p>}
      {trouble !== null && (
        <p className="notice" role="alert">
          {trouble}
        </p>
      )}
    </>
  );
}
