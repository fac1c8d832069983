import { NativeSelect } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { api, ask, words } from '../api/client';
import { FilePick } from '../parts/FilePick';
import { type CardTold, HALVES, WORDS } from './halves';
import '../parts/controls';
import layout from '../parts/layout.module.css';

/** Readings another program has written as CGATS text, one for each half. */
export function FromFile({ onCard }: { onCard: (card: Partial<CardTold>) => void }) {
  const read = useMutation({
    mutationFn: async (picked: File) =>
      (await ask(api.POST('/readings/read', { body: { text: await picked.text() } }))).readings,
  });
  return (
    <div>
      <FilePick action="Choose a CGATS file" label="Measured colours" accept=".txt,.cgats,.it8" onFile={read.mutate} />
      {read.isError && (
        <p role="alert" className="notice">
          {words(read.error)}
        </p>
      )}
      {read.data !== undefined && (
        <div className={layout.two}>
          {HALVES.map((half) => (
            <NativeSelect
              key={half}
              label={WORDS[half]}
              defaultValue=""
              data={[
                { value: '', label: 'choose a reading' },
                ...read.data.map((one, i) => ({ value: String(i), label: one.name })),
              ]}
              onChange={(event) => {
                const one = read.data[Number(event.currentTarget.value)];
                if (event.currentTarget.value !== '' && one !== undefined) {
                  onCard({ [half]: { given: one.as, hex: one.colour.hex } });
                }
              }}
            />
          ))}
        </div>
      )}
    </div>
  );
}
