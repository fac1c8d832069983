import { NativeSelect } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { api, ask, words } from '../api/client';
import type { Readings } from '../api/types';
import { FilePick } from '../parts/FilePick';
import { LightNote } from '../parts/LightNote';
import { type CardTold, HALVES, WORDS } from './halves';
import '../parts/controls';
import layout from '../parts/layout.module.css';

/** Readings another program has written as CGATS text, one for each half. */
export function FromFile({ onCard }: { onCard: (card: Partial<CardTold>) => void }) {
  const read = useMutation({
    mutationFn: async ({ file, light }: { file: File; light?: Readings['light'] }) => ({
      file,
      ...(await ask(api.POST('/readings/read', { body: { text: await file.text(), ...(light && { light }) } }))),
    }),
  });
  return (
    <div>
      <FilePick
        action="Choose a CGATS file"
        label="Measured colours"
        accept=".txt,.cgats,.it8"
        onFile={(file) => read.mutate({ file })}
      />
      {read.isError && (
        <p role="alert" className="notice">
          {words(read.error)}
        </p>
      )}
      {read.data !== undefined && (
        <LightNote file={read.data} onLight={(light) => read.mutate({ file: read.data.file, light })} />
      )}
      {read.data !== undefined && (
        <div className={layout.two} key={read.data.light}>
          {HALVES.map((half) => (
            <NativeSelect
              key={half}
              label={WORDS[half]}
              defaultValue=""
              data={[
                { value: '', label: 'choose a reading' },
                ...read.data.readings.map((one, i) => ({ value: String(i), label: one.name })),
              ]}
              onChange={(event) => {
                const one = read.data.readings[Number(event.currentTarget.value)];
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
