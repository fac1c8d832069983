import { Anchor, Button, TextInput } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem, words } from '../api/client';
import type { Bait } from '../api/types';
import { useUnsaved } from '../parts/unsaved';
import '../parts/controls';
import classes from './log.module.css';

/** What to keep and what to change. One written elsewhere meanwhile is shown beside it; neither is lost. */
export function Lesson({ bait, onKept }: { bait: Bait; onKept: (saved: Bait) => void }) {
  const [lesson, setLesson] = useState(bait.lesson);
  const learn = useMutation({
    mutationFn: (revision: number) =>
      ask(api.PATCH('/baits/{id}', { params: { path: { id: bait.id } }, body: { revision, lesson } })),
    onSuccess: onKept,
  });
  const current = learn.error instanceof Problem && learn.error.status === 409 ? learn.error.document?.current : null;
  const theirs = isBait(current) ? current : undefined;
  const dirty = lesson !== bait.lesson;
  useUnsaved(dirty ? `The lesson of ${bait.label}` : null);
  return (
    <form
      className={classes.lesson}
      onSubmit={(event) => {
        event.preventDefault();
        learn.mutate(theirs?.revision ?? bait.revision);
      }}
    >
      <TextInput
        label="Lesson"
        maxLength={250}
        value={lesson}
        placeholder="What to keep, what to change"
        onChange={(event) => setLesson(event.currentTarget.value)}
      />
      <Button variant="default" type="submit" disabled={!dirty || learn.isPending}>
        {theirs === undefined ? 'Keep' : 'Keep mine instead'}
      </Button>
      {learn.isError && (
        <p role="alert" className="notice">
          Not kept. {theirs === undefined ? words(learn.error) : `Changed elsewhere meanwhile: “${theirs.lesson}”.`}
          {theirs !== undefined && (
            <>
              {' '}
              <Anchor
                component="button"
                type="button"
                onClick={() => {
                  learn.reset();
                  setLesson(theirs.lesson);
                  onKept(theirs);
                }}
              >
                Take theirs
              </Anchor>
            </>
          )}
        </p>
      )}
    </form>
  );
}

function isBait(value: unknown): value is Bait {
  return typeof value === 'object' && value !== null && 'lesson' in value;
}
