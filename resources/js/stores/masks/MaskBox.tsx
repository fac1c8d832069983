import { Anchor, Button, Checkbox, NativeSelect, NumberInput, Switch, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { api, ask, words } from '../../api/client';
import { useMasks } from '../../api/listQueries';
import { useBodies, useSettings } from '../../api/queries';
import type { Mask, Settings } from '../../api/types';
import { MakeMask } from '../../masks/MakeMask';
import { PlatePicture } from '../../masks/PlatePicture';
import { Waiting } from '../../parts/Waiting';
import { length } from '../../units/units';
import '../../parts/controls';
import classes from '../../masks/masks.module.css';
import layout from '../../parts/layout.module.css';
import { PageTitle } from '../../parts/PageTitle';

const PX_PER_MM = 2.2;
const PAPERS = ['A4', 'A3', 'letter'];

/** The masks one owns, to one scale; and sheets of them at true size. */
export function MaskBox() {
  const masks = useMasks().data;
  const bodies = useBodies().data;
  const settings = useSettings().data;
  const [making, setMaking] = useState(false);
  const [chosen, setChosen] = useState<string[]>([]);
  const [body, setBody] = useState('');
  const [old, setOld] = useState(false);
  if (masks === undefined || bodies === undefined || settings === undefined) return <Waiting />;
  const shown = masks.filter((mask) => (body === '' || mask.body.id === body) && (old || !mask.retired));
  const picked = chosen.filter((id) => masks.some((mask) => mask.id === id));
  return (
    <section aria-label="Mask box">
      <div className="page-head">
        <PageTitle of="Mask box" />
        <h1>Mask box</h1>
        <span className="spacer" />
        <Button disabled={bodies.length === 0} onClick={() => setMaking(true)}>
          Make a mask
        </Button>
      </div>
      {masks.length === 0 ? (
        <div className="empty">
          <h2>The box is empty</h2>
          <p>
            Make the first mask for a body of the drawer, or put the mask of a step into the box from its pattern. Then
            print it or send it to a cutter, at true size.
          </p>
        </div>
      ) : (
        <>
          <div className={layout.sieve}>
            <NativeSelect
              aria-label="For which body"
              size="xs"
              data={[
                { value: '', label: 'for every body' },
                ...bodies
                  .filter((b) => masks.some((m) => m.body.id === b.id))
                  .map((b) => ({ value: b.id, label: `for ${b.name}` })),
              ]}
              value={body}
              onChange={(event) => setBody(event.currentTarget.value)}
            />
            <Switch
              size="xs"
              label="worn out ones too"
              checked={old}
              onChange={(event) => setOld(event.currentTarget.checked)}
            />
            <span className="spacer" />
            <Anchor
              component="button"
              type="button"
              onClick={() => setChosen(picked.length === shown.length ? [] : shown.map((mask) => mask.id))}
            >
              {picked.length === shown.length ? 'None' : 'All of these'}
            </Anchor>
          </div>
          <SheetBar ids={picked} />
          <ul className={classes.masks}>
            {shown.map((mask) => (
              <MaskCard
                key={mask.id}
                mask={mask}
                settings={settings}
                chosen={picked.includes(mask.id)}
                onChoose={(on) => setChosen(on ? [...picked, mask.id] : picked.filter((id) => id !== mask.id))}
              />
            ))}
          </ul>
        </>
      )}
      {making && <MakeMask bodies={bodies} settings={settings} onClose={() => setMaking(false)} />}
    </section>
  );
}

/** The chosen masks on a sheet, to print or to cut. */
function SheetBar({ ids }: { ids: string[] }) {
  const [paper, setPaper] = useState('A4');
  const [pair, setPair] = useState(true);
  const query = `ids=${ids.join(',')}&pair=${pair ? 1 : 0}&paper=${paper}`;
  return (
    <fieldset className={classes.maskSheet} aria-label="Sheet">
      <b>{ids.length === 0 ? 'Tick masks to lay them out on a sheet' : `${ids.length} on a sheet, at true size`}</b>
      <NativeSelect
        aria-label="Paper"
        size="xs"
        data={PAPERS}
        value={paper}
        onChange={(event) => setPaper(event.currentTarget.value)}
      />
      <Switch
        size="xs"
        label="left and right"
        checked={pair}
        onChange={(event) => setPair(event.currentTarget.checked)}
      />
      {ids.length > 0 && (
        <>
          <a className="link" href={`/api/v1/masks/sheet.pdf?${query}`} download>
            PDF to print
          </a>
          <a className="link" href={`/api/v1/masks/sheet.svg?${query}`} download>
            SVG for a cutter
          </a>
          <span className="dim">Print at 100 %: the check line must measure 50 mm. Mind the blade.</span>
        </>
      )}
    </fieldset>
  );
}

interface CardProps {
  mask: Mask;
  settings: Settings;
  chosen: boolean;
  onChoose: (on: boolean) => void;
}

function MaskCard({ mask, settings, chosen, onChoose }: CardProps) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const change = useMutation({
    mutationFn: (set: object) =>
      ask(api.PATCH('/masks/{id}', { params: { path: { id: mask.id } }, body: { revision: mask.revision, ...set } })),
    onSettled: () => queries.invalidateQueries({ queryKey: ['masks'] }),
  });
  const [wide, tall] = mask.plate.opening_mm.map((mm) => length.show(mm, settings));
  const worn = mask.lasts !== null && mask.uses >= mask.lasts;
  const id = useId();
  return (
    <li className={mask.retired ? classes.retired : ''}>
      <label className={classes.maskPick} htmlFor={id}>
        <Checkbox
          id={id}
          className={classes.maskPickBox}
          size="sm"
          aria-label={`${mask.name} on the sheet`}
          checked={chosen}
          onChange={(event) => onChoose(event.currentTarget.checked)}
        />
        <span className={`${classes.maskPicture} on-stage`}>
          <PlatePicture plate={mask.plate} pxPerMm={PX_PER_MM} label={`${mask.name}, as it is cut`} />
        </span>
        <b>{mask.name}</b>
      </label>
      <span>
        {mask.body.name} · {wide} × {tall} {length.unit(settings)}
        {mask.sheet === '' ? '' : ` · ${mask.sheet}`}
      </span>
      <span className={worn ? layout.low : ''}>
        {mask.retired
          ? 'out of use'
          : worn
            ? `worn: ${mask.uses} of ${mask.lasts} baits`
            : `${mask.uses}${mask.lasts === null ? '' : ` of ${mask.lasts}`} baits`}
      </span>
      <Anchor component="button" type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Close' : 'About it'}
      </Anchor>
      {open && (
        <div className={classes.maskAbout}>
          <p>{mask.label}.</p>
          {mask.plate.index.map((line) => (
            <p key={line}>{line}</p>
          ))}
          <TextInput
            size="xs"
            label="Name"
            defaultValue={mask.name}
            maxLength={80}
            onBlur={(event) =>
              event.currentTarget.value.trim() !== '' &&
              event.currentTarget.value !== mask.name &&
              change.mutate({ name: event.currentTarget.value.trim() })
            }
          />
          <NumberInput
            size="xs"
            label="Baits sprayed through it"
            defaultValue={mask.uses}
            min={0}
            allowDecimal={false}
            onBlur={(event) =>
              Number(event.currentTarget.value) !== mask.uses &&
              change.mutate({ uses: Number(event.currentTarget.value) })
            }
          />
          <NumberInput
            size="xs"
            label="Good for how many baits"
            defaultValue={mask.lasts ?? ''}
            min={1}
            allowDecimal={false}
            onBlur={(event) =>
              Number(event.currentTarget.value) >= 1 &&
              Number(event.currentTarget.value) !== mask.lasts &&
              change.mutate({ lasts: Number(event.currentTarget.value) })
            }
          />
          <Anchor component="button" type="button" onClick={() => change.mutate({ retired: !mask.retired })}>
            {mask.retired ? 'Back into use' : 'Worn out'}
          </Anchor>
          {change.isError && <p role="alert">{words(change.error)}</p>}
        </div>
      )}
    </li>
  );
}
