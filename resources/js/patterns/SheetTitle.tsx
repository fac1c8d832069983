import { Popover } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { words, write } from '../api/client';
import { useBodies } from '../api/queries';
import type { Sheet } from '../api/types';

interface Props {
  sheet: Sheet;
  onBody: (bodyId: string) => void;
  onPrepare: () => void;
}

/** Name, body and version of the pattern, its seal, and what can be done with it. */
export function SheetTitle({ sheet, onBody, onPrepare }: Props) {
  const { pattern, version } = sheet;
  const bodies = useBodies().data ?? [];
  return (
    <div className="sheet-title">
      <h1>
        <NameField sheet={sheet} />
      </h1>
      <p>
        <label>
          <span className="visually-hidden">Body</span>
          <select
            className="sheet-body"
            value={version.body.id}
            onChange={(event) => onBody(event.currentTarget.value)}
          >
            {bodies.map((body) => (
              <option key={body.id} value={body.id}>
                {body.name}
              </option>
            ))}
          </select>
        </label>
        <span>
          version {version.number}
          {version.note === '' ? '' : ` (${version.note})`}
        </span>
        {pattern.parent !== null && (
          <span>
            sister of <Link to={`/patterns/${pattern.parent.id}`}>{pattern.parent.name}</Link>
          </span>
        )}
        {version.proven_at !== null ? (
          <span className="seal">Proven on {pattern.proven_baits} baits</span>
        ) : (
          version.painted_at !== null && <span title="An edit goes into a new version">painted, stays as it is</span>
        )}
      </p>
      <p className="sheet-do">
        <Link className="sheet-run" to={`/runs/new?version=${version.id}`} aria-disabled={version.steps.length === 0}>
          Plan a run
        </Link>
        <Link to={`/patterns/${pattern.id}/sisters`}>Sisters</Link>
        <Link to={`/patterns/${pattern.id}/fit`}>Other body</Link>
        <a href={`/api/v1/patterns/${pattern.id}/export`} download>
          Export
        </a>
        {!version.steps.some((step) => step.document.type === 'prep' || step.document.type === 'inspect') && (
          <button type="button" onClick={onPrepare}>
            Take up its preparation
          </button>
        )}
        <Popover withRoles trapFocus returnFocus>
          <Popover.Target>
            <button type="button">Notes</button>
          </Popover.Target>
          <Popover.Dropdown>
            <Notes sheet={sheet} />
          </Popover.Dropdown>
        </Popover>
      </p>
    </div>
  );
}

function usePatternChange(sheet: Sheet) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: Record<string, string | boolean>) =>
      write<Sheet>('PATCH', `/patterns/${sheet.pattern.id}`, { revision: sheet.pattern.revision, ...change }),
    onSuccess: (saved) => {
      queries.setQueryData(['sheet', sheet.pattern.id], saved);
      void queries.invalidateQueries({ queryKey: ['patterns'] });
    },
  });
}

function NameField({ sheet }: { sheet: Sheet }) {
  const change = usePatternChange(sheet);
  return (
    <input
      className="sheet-name"
      aria-label="Name of the pattern"
      key={sheet.pattern.name}
      defaultValue={sheet.pattern.name}
      maxLength={120}
      size={Math.max(8, sheet.pattern.name.length)}
      onBlur={(event) => {
        const name = event.currentTarget.value.trim();
        if (name === '') event.currentTarget.value = sheet.pattern.name;
        else if (name !== sheet.pattern.name) change.mutate({ name });
      }}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  );
}

function Notes({ sheet }: { sheet: Sheet }) {
  const change = usePatternChange(sheet);
  const { pattern } = sheet;
  const [species, setSpecies] = useState(pattern.species);
  const [water, setWater] = useState(pattern.water);
  const [notes, setNotes] = useState(pattern.notes);
  return (
    <form
      className="notes-form"
      onSubmit={(event) => {
        event.preventDefault();
        change.mutate({ species, water, notes });
      }}
    >
      <label>
        Species
        <input value={species} maxLength={60} onChange={(event) => setSpecies(event.currentTarget.value)} />
      </label>
      <label>
        Water it suits
        <input value={water} maxLength={60} onChange={(event) => setWater(event.currentTarget.value)} />
      </label>
      <label>
        Notes
        <textarea rows={4} value={notes} maxLength={4000} onChange={(event) => setNotes(event.currentTarget.value)} />
      </label>
      {change.isError && <p role="alert">{words(change.error)}</p>}
      <p className="sheet-notes-do">
        <button type="submit" className="plain-button">
          {change.isSuccess ? 'Saved' : 'Save'}
        </button>
        <button type="button" className="link" onClick={() => change.mutate({ retired: pattern.state !== 'retired' })}>
          {pattern.state === 'retired' ? 'Take back into use' : 'Retire this pattern'}
        </button>
      </p>
    </form>
  );
}
