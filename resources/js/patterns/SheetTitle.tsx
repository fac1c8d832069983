import { NativeSelect, Popover, UnstyledButton } from '@mantine/core';
import { Link } from 'react-router';
import { useBodies } from '../api/queries';
import type { Sheet } from '../api/types';
import { counted } from '../units/units';
import { NameField } from './NameField';
import { Notes } from './Notes';
import { usePatternChange } from './usePatternChange';
import { Versions, versionWords } from './Versions';
import '../parts/controls';
import { PageTitle } from '../parts/PageTitle';
import classes from './sheet.module.css';

interface Props {
  sheet: Sheet;
  /** It is the version worked on; others are looked at. */
  current: boolean;
  onBody: (bodyId: string) => void;
  onPrepare: () => void;
  onReference: () => void;
  onBetterOrder: () => void;
  onPicture: () => void;
}

/** Name, body and version of the pattern, its seal, and what can be done with it. */
export function SheetTitle({ sheet, current, onBody, onPrepare, onReference, onBetterOrder, onPicture }: Props) {
  const { pattern, version } = sheet;
  const bodies = useBodies().data ?? [];
  const change = usePatternChange(sheet);
  return (
    <>
      <PageTitle of={pattern.name} />
      <h1>
        <NameField sheet={sheet} />
      </h1>
      <p className={classes.sheetTitle}>
        <NativeSelect
          aria-label="Body"
          variant="unstyled"
          size="xs"
          classNames={{ input: classes.sheetBody }}
          disabled={!current}
          value={version.body.id}
          onChange={(event) => onBody(event.currentTarget.value)}
        >
          {bodies.map((body) => (
            <option key={body.id} value={body.id}>
              {body.name}
            </option>
          ))}
        </NativeSelect>
        <Popover withRoles trapFocus returnFocus position="right-start" offset={16}>
          <Popover.Target>
            <UnstyledButton className={classes.sheetVersion}>
              {version.fitted ? `version ${version.number}, fitted for a run` : versionWords(version)}
            </UnstyledButton>
          </Popover.Target>
          <Popover.Dropdown>
            <Versions pattern={pattern.id} open={version.id} />
          </Popover.Dropdown>
        </Popover>
        {pattern.parent !== null && (
          <span>
            variant of <Link to={`/patterns/${pattern.parent.id}`}>{pattern.parent.name}</Link>
          </span>
        )}
        {current && (
          <Popover withRoles trapFocus returnFocus>
            <Popover.Target>
              <UnstyledButton className={classes.sheetVersion} aria-label={`Species, water, notes: ${about(pattern)}`}>
                {about(pattern)}
              </UnstyledButton>
            </Popover.Target>
            <Popover.Dropdown>
              <Notes sheet={sheet} />
            </Popover.Dropdown>
          </Popover>
        )}
        {version.proven_at !== null ? (
          <span className="seal">Proven on {counted(version.proven_baits, 'bait')}</span>
        ) : pattern.proven !== null && current ? (
          <Link to={`/patterns/${pattern.id}/versions/${pattern.proven.version_id}`}>
            version {pattern.proven.number} is proven on {pattern.proven.body}
          </Link>
        ) : (
          version.painted_at !== null && <span title="An edit goes into a new version">painted, stays as it is</span>
        )}
        <span className={classes.sheetDo}>
          <Link
            className={classes.sheetRun}
            to={`/runs/new?version=${version.id}`}
            aria-disabled={version.steps.length === 0}
          >
            Plan a run
          </Link>
          {current && (
            <>
              <UnstyledButton onClick={onReference}>Reference</UnstyledButton>
              <Link to={`/patterns/${pattern.id}/variants`}>Variants</Link>
              <Link to={`/patterns/${pattern.id}/fit`}>Other body</Link>
              {version.steps.length > 2 && <UnstyledButton onClick={onBetterOrder}>Better order</UnstyledButton>}
              <a href={`/api/v1/patterns/${pattern.id}/export`} download>
                Export
              </a>
              {version.steps.length > 0 && <UnstyledButton onClick={onPicture}>As a picture</UnstyledButton>}
              {!version.steps.some((step) => step.document.type === 'prep' || step.document.type === 'inspect') && (
                <UnstyledButton onClick={onPrepare}>Add its preparation steps</UnstyledButton>
              )}
              <UnstyledButton onClick={() => change.mutate({ retired: pattern.state !== 'retired' })}>
                {pattern.state === 'retired' ? 'Take back into use' : 'Retire'}
              </UnstyledButton>
            </>
          )}
        </span>
      </p>
    </>
  );
}

const SHORT = 34;

/** Species and water, as far as there is room; what opens has the notes too. */
function about({ species, water }: Sheet['pattern']): string {
  const all = [species, water].filter((text) => text !== '').join(' · ');
  if (all === '') return 'Species, water, notes';
  return all.length > SHORT ? `${all.slice(0, SHORT - 1)}…` : all;
}
