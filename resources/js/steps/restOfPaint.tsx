import { NativeSelect } from '@mantine/core';
import { AirOfStep } from '../air/AirOfStep';
import { CleanBefore } from '../air/CleanBefore';
import { PlacesOfStep } from '../air/PlacesOfStep';
import type { CoatAir, Settings } from '../api/types';
import { MaskOfStep } from '../masks/MaskOfStep';
import { settingWords, TechniqueSettings } from '../masks/TechniqueSettings';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import layout from '../parts/layout.module.css';
import { counted, length, pressure } from '../units/units';
import { aim } from './aimOfPaint';
import { MaskStaysOn } from './MaskStaysOn';
import { nameAndCheck } from './nameAndCheck';
import { OPEN, type Technique } from './PlaceRow';
import type { RestPart } from './Rest';
import type { RestOfPaintProps as Props } from './restProps';
import { set } from './setOfPaint';

/** What a paint step has besides paint, technique, place and coats: each part in words, with its fields. */
export function restOfPaint(props: Props): RestPart[] {
  const { step, technique } = props;
  const { where } = step.document;
  return [
    ...(technique !== undefined && technique.settings.length > 0 ? [marks(props, technique)] : []),
    ...('zone' in where ? [] : [edges(props)]),
    air(props),
    ...(technique?.sprayed === false ? [] : [aim(props)]),
    side(props),
    set(props),
    ...before(props),
    order(props),
    nameAndCheck(props),
  ];
}

function marks({ step, version, settings, onChange }: Props, technique: Technique): RestPart {
  const { document: d } = step;
  return {
    name: 'Marks',
    words: settingWords(technique.settings, d.technique, settings, version.body.length_mm) || 'its figures',
    fields: (
      <>
        <TechniqueSettings
          list={technique.settings}
          technique={d.technique}
          settings={settings}
          lengthMm={version.body.length_mm}
          onChange={(change) => onChange((now) => ({ technique: change(now.technique) }))}
        />
        <MaskStaysOn step={step} version={version} onChange={onChange} />
        <MaskOfStep step={step} version={version} />
        {technique.random && <p className="dim">Random by nature: the hand will differ from the picture.</p>}
      </>
    ),
  };
}

function edges({ step, version, settings, onChange }: Props): RestPart {
  const { where } = step.document;
  const range = { ...OPEN, ...where };
  const mm = (u: number) => length.show(u * version.body.length_mm, settings);
  const unit = length.unit(settings);
  const edge = (
    label: string,
    field: keyof typeof OPEN,
    [min, max]: [number, number],
    step: number,
    show: (value: number) => number,
    read: (shown: number) => number,
  ) => (
    <Figure
      label={label}
      value={show(range[field])}
      min={show(min)}
      max={show(max)}
      step={step}
      onSave={(value) => value !== null && onChange((now) => ({ where: { ...now.where, [field]: read(value) } }))}
    />
  );
  const fromMm = (shown: number) => length.read(shown, settings) / version.body.length_mm;
  const plain = (value: number) => value;
  return {
    name: 'Edges of the place',
    words: `${mm(range.from_u)} to ${mm(range.to_u)} ${unit}, ${Math.round(range.from_deg)}° to ${Math.round(range.to_deg)}°`,
    fields: (
      <>
        <div className={layout.two}>
          {edge(`Place from, ${unit} from the nose`, 'from_u', [0, range.to_u], 0.5, mm, fromMm)}
          {edge(`Place to, ${unit} from the nose`, 'to_u', [range.from_u, 1], 0.5, mm, fromMm)}
        </div>
        <div className={layout.three}>
          {edge('Upper edge, °', 'from_deg', [0, range.to_deg], 5, plain, plain)}
          {edge('Lower edge, °', 'to_deg', [range.from_deg, 180], 5, plain, plain)}
          {edge(
            'Edge fades, %',
            'soft',
            [0, 1],
            10,
            (n) => Math.round(n * 100),
            (n) => n / 100,
          )}
        </div>
      </>
    ),
  };
}

function air({ step, vocabulary: { bounds, works }, settings, inShop, onChange }: Props): RestPart {
  const { document: d, shown } = step;
  const sprayed = shown.sprayed !== false;
  const usual = inShop?.air ?? null;
  return {
    name: 'Air and paint',
    words: [
      sprayed ? `${pressure.show(d.psi, settings)} ${pressure.unit(settings)}${beside(usual, settings)}` : 'by hand',
      d.thinning_percent === 0 ? 'unthinned' : `${d.thinning_percent} % thinned`,
      `${counted(d.strokes, 'stroke')} a side`,
    ].join(', '),
    fields: (
      <>
        <div className={layout.three}>
          {sprayed && (
            <Figure
              label={pressure.unit(settings)}
              value={pressure.show(d.psi, settings)}
              {...within(bounds.psi, (psi) => pressure.show(psi, settings))}
              onSave={(v) => v !== null && onChange({ psi: pressure.read(v, settings) })}
            />
          )}
          <Figure
            label="Thinned, %"
            value={d.thinning_percent}
            {...within(bounds.thinning_percent)}
            step={5}
            onSave={(v) => v !== null && onChange({ thinning_percent: v })}
          />
          <Figure
            label="Strokes a side"
            value={d.strokes}
            {...within(bounds.strokes)}
            decimals={0}
            onSave={(v) => v !== null && onChange({ strokes: v })}
          />
        </div>
        {usual !== null && <AirOfStep document={d} air={usual} works={works} settings={settings} onChange={onChange} />}
        <p className="dim">{shown.dry_um} µm dry where it is aimed, all coats together (model).</p>
      </>
    ),
  };
}

/** Where its air stands beside what is usual. */
function beside(usual: CoatAir['air'], settings: Settings): string {
  if (usual === null) return '';
  const { low, high, stands } = usual.psi;
  const [from, to] = [low, high].map((psi) => pressure.show(psi, settings));
  return stands === 'within' ? ` (within ${from} to ${to})` : ` (${stands} ${from} to ${to})`;
}

/** How the airbrush is cleaned before it; nothing where the same paint goes on. */
function before({ inShop }: Props): RestPart[] {
  const clean = inShop?.clean ?? null;
  return clean === null
    ? []
    : [{ name: 'Cleaning before it', words: `${clean.level} before it`, fields: <CleanBefore clean={clean} /> }];
}

function order({ step, version, onMove }: Props): RestPart {
  return {
    name: 'Order',
    words: 'where in the order',
    fields: <PlacesOfStep version={version} step={step.document.id} onMove={onMove} />,
  };
}

const SIDES = ['both', 'left', 'right'] as const;
const SIDE_WORDS = { both: 'both sides alike', left: 'left side only', right: 'right side only' };

function side({ step, onChange }: Props): RestPart {
  const now = step.document.where.side ?? 'both';
  return {
    name: 'Sides',
    words: SIDE_WORDS[now],
    fields: (
      <NativeSelect
        label="Side"
        size="xs"
        data={SIDES.map((value) => ({ value, label: SIDE_WORDS[value] }))}
        value={now}
        onChange={(event) => {
          const chosen = SIDES.find((one) => one === event.currentTarget.value);
          void onChange((document) => ({ where: { ...document.where, side: chosen } }));
        }}
      />
    ),
  };
}
