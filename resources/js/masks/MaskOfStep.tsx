import { Anchor } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, ask, words } from '../api/client';
import { useMasksOf } from '../api/listQueries';
import { useSettings } from '../api/queries';
import type { Step, Version } from '../api/types';
import { useOnce } from '../api/useOnce';
import { inUnit } from '../units/sentence';
import classes from './masks.module.css';

/** Where the mark of a step is placed from, and which mask of the box serves it. */
export function MaskOfStep({ step, version }: { step: Step; version: Pick<Version, 'id' | 'revision'> }) {
  const queries = useQueryClient();
  const once = useOnce();
  const settings = useSettings().data;
  const needs = useMasksOf(version.id, version.revision, step.shown.cut === true);
  const need = needs.data?.find((one) => one.step === step.document.id);
  const make = useMutation({
    mutationFn: () =>
      once({ version_id: version.id, step: step.document.id }, (body, headers) =>
        ask(api.POST('/masks', { body, headers })),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['masks'] }),
  });
  if (step.shown.cut !== true && (step.shown.index ?? []).length === 0) return null;
  return (
    <div className={classes.maskOfStep}>
      {step.shown.index?.map((line) => (
        <p key={line}>{settings === undefined ? line : inUnit(line, settings)}, left and right alike.</p>
      ))}
      {step.shown.cut === true &&
        need !== undefined &&
        (need.mask !== null ? (
          <p>
            Mask:{' '}
            <Link className="link" to="/stores/masks">
              {need.mask.name}
            </Link>
            , {need.mask.uses}
            {need.mask.lasts === null ? '' : ` of ${need.mask.lasts}`} baits.
          </p>
        ) : (
          <p>
            No mask of this size is in the box.{' '}
            <Anchor
              component="button"
              type="button"
              // An answer that is still under way knows nothing of a mask made meanwhile, and would be taken for the latest.
              disabled={make.isPending || needs.isPlaceholderData}
              onClick={() => make.mutate()}
            >
              Put it into the box
            </Anchor>
          </p>
        ))}
      {make.isError && <p role="alert">{words(make.error)}</p>}
    </div>
  );
}
