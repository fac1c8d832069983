import { useQuery, useQueryClient } from '@tanstack/react-query';
import { createElement, useState } from 'react';
import { api, ask, words } from '../api/client';
import type { NewStep, Settings, Version } from '../api/types';
import type { ChoiceGroup } from '../parts/Chooser';
import { say } from '../parts/Notices';
import { TypedWords } from './TypedWords';

/** The choice that adds what is typed. */
export const IN_WORDS = 'in words';

/** A step in words, as it is understood while it is typed. */
export function useTypedStep(
  version: Pick<Version, 'id' | 'revision' | 'body'>,
  after: string | null,
  settings: Settings,
  onStep: (step: NewStep) => void,
) {
  const queries = useQueryClient();
  const [line, setLine] = useState('');
  const { body } = version;
  const wanted = line.trim();
  const query = {
    queryKey: ['typed', version.id, version.revision, after, wanted],
    queryFn: () =>
      ask(
        api.GET('/versions/{id}/typed', {
          params: { path: { id: version.id }, query: { line: wanted, ...(after === null ? {} : { after }) } },
        }),
      ),
  };
  const {
    data: read,
    error,
    isPlaceholderData,
  } = useQuery({
    ...query,
    enabled: wanted !== '',
    retry: false,
    placeholderData: (previous) => previous,
  });
  // While the answer to what was typed last is on the way, it can be added all the same.
  const data = isPlaceholderData && read?.step === null ? undefined : read;
  const group: ChoiceGroup | undefined =
    wanted === '' || (error === null && data?.step === null)
      ? undefined
      : {
          name: 'In words',
          choices: [
            {
              value: IN_WORDS,
              wide: true,
              text: `Add: ${data?.as?.shown.name ?? wanted}`,
              shown: createElement(TypedWords, {
                typed: data,
                body,
                settings,
                trouble: error === null ? null : words(error),
              }),
            },
          ],
        };
  /** What is typed now, even if its answer is still on the way. */
  const add = async () => {
    try {
      const { step } = await queries.fetchQuery({ ...query, retry: false });
      if (step === null) say('typed', 'None of these words says what to do.');
      else onStep(step);
    } catch (trouble) {
      say('typed', words(trouble));
    }
  };
  return { read: setLine, group, add };
}
