import { Anchor, Button } from '@mantine/core';
import { useState } from 'react';
import { useSettings } from '../../api/queries';
import { useRig } from '../../api/shopQueries';
import type { Equipment } from '../../api/types';
import { Failed } from '../../parts/Failed';
import layout from '../../parts/layout.module.css';
import { PageTitle } from '../../parts/PageTitle';
import { Waiting } from '../../parts/Waiting';
import classes from '../kept.module.css';
import { NewEquipment } from './NewEquipment';
import { OneOfRig } from './OneOfRig';

const KINDS: { kind: Equipment['kind']; name: string; none: string }[] = [
  { kind: 'airbrush', name: 'Airbrushes', none: 'Without one, plans assume a 0.35 mm nozzle.' },
  { kind: 'compressor', name: 'Compressor', none: 'None is named.' },
  {
    kind: 'dryer',
    name: 'Dryers and fans',
    none: 'Without one, plans assume a hair dryer at a hand’s width.',
  },
];

/** What is sprayed and dried with. What is in hand counts for air, drying and plans. */
export function Rig() {
  const rig = useRig();
  const settings = useSettings().data;
  const [adding, setAdding] = useState(false);
  const [old, setOld] = useState(false);
  if (rig.isError) return <Failed error={rig.error} retry={() => void rig.refetch()} />;
  if (rig.data === undefined || settings === undefined) return <Waiting />;
  const { equipment, bounds, dryers } = rig.data;
  const away = equipment.filter((one) => one.archived).length;
  return (
    <section aria-label="Rig">
      <div className="page-head">
        <PageTitle of="Rig" />
        <h1>Rig</h1>
        <span className="dim">what is in hand counts for air, drying and plans</span>
        <span className="spacer" />
        {away > 0 && (
          <Anchor component="button" type="button" aria-pressed={old} onClick={() => setOld(!old)}>
            {old ? 'Without what was put away' : `${away} put away`}
          </Anchor>
        )}
        <Button onClick={() => setAdding(true)}>Add to the rig</Button>
      </div>
      {KINDS.map(({ kind, name, none }) => {
        const shown = equipment.filter((one) => one.kind === kind && (old || !one.archived));
        return (
          <section key={kind} className={layout.part} aria-label={name}>
            <h2>{name}</h2>
            {shown.length === 0 && <p className="dim">{none}</p>}
            <ul className={classes.kept}>
              {shown.map((one) => (
                <OneOfRig key={one.id} one={one} bounds={bounds} settings={settings} />
              ))}
            </ul>
          </section>
        );
      })}
      <NewEquipment opened={adding} onClose={() => setAdding(false)} dryers={dryers} settings={settings} />
    </section>
  );
}
