import { Anchor, Button } from '@mantine/core';
import { PageTitle } from '../../parts/PageTitle';
import '../../parts/controls';

interface Props {
  of: string;
  about: string;
  /** How many were put away, and whether they show too. */
  away: number;
  old: boolean;
  onOld: (old: boolean) => void;
  add: string;
  onAdd: () => void;
}

/** The head of a store: its name, what was put away, and how something is added. */
export function StoreHead({ of, about, away, old, onOld, add, onAdd }: Props) {
  return (
    <div className="page-head">
      <PageTitle of={of} />
      <h1>{of}</h1>
      <span className="dim">{about}</span>
      <span className="spacer" />
      {away > 0 && (
        <Anchor component="button" type="button" aria-pressed={old} onClick={() => onOld(!old)}>
          {old ? 'Without what was put away' : `${away} put away`}
        </Anchor>
      )}
      <Button onClick={onAdd}>{add}</Button>
    </div>
  );
}
