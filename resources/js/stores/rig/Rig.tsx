import { useSettings } from '../../api/queries';
import { useRig } from '../../api/shopQueries';
import type { Equipment } from '../../api/types';
import { Failed } from '../../parts/Failed';
import layout from '../../parts/layout.module.css';
import { Waiting } from '../../parts/Waiting';
import { StoreHead } from '../things/StoreHead';
import { Things } from '../things/Thing';
import { useStorePage } from '../things/useStorePage';
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
  const page = useStorePage(rig.data?.equipment);
  if (rig.isError) return <Failed error={rig.error} retry={() => void rig.refetch()} />;
  if (rig.data === undefined || settings === undefined) return <Waiting />;
  const { equipment, bounds, dryers } = rig.data;
  return (
    <section aria-label="Rig">
      <StoreHead
        of="Rig"
        about="what is in hand counts for air, drying and plans"
        {...page.head}
        add="Add to the rig"
      />
      {KINDS.map(({ kind, name, none }) => {
        const shown = equipment.filter((one) => one.kind === kind && page.isShown(one));
        return (
          <section key={kind} className={layout.part} aria-label={name}>
            <h2>{name}</h2>
            {shown.length === 0 && <p className="dim">{none}</p>}
            <Things>
              {shown.map((one) => (
                <OneOfRig key={one.id} {...{ one, bounds, settings }} {...page.opening(one.id)} />
              ))}
            </Things>
          </section>
        );
      })}
      <NewEquipment opened={page.adding} onClose={page.close} dryers={dryers} settings={settings} />
    </section>
  );
}
