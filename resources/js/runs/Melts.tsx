import type { Melt, Plan, Settings } from '../api/types';
import layout from '../parts/layout.module.css';
import { counted, minutes, temperature } from '../units/units';

/** How the vinyl of each dip is heated, what is stirred into it and how long it can be dipped into. */
export function Melts({ plan, settings }: { plan: Plan; settings: Settings }) {
  const at = (c: number) => `${Math.round(temperature.show(c, settings))} ${temperature.unit(settings)}`;
  return plan.steps.map(
    ({ step, name, melt, stirs }) =>
      melt !== null && (
        <section key={step} className={layout.part} aria-label={`Dip: ${name}`}>
          <h2>{name}</h2>
          {stirs.length > 0 && <p>Into the cup: {stirs.map((s) => `${s.ml} ml ${s.name}`).join(', ')}.</p>}
          <p>
            Heat {heats(melt)}; after each, stir with metal, never with wood, and measure, until it stands between{' '}
            {at(melt.from_c)} and {at(melt.to_c)}.
          </p>
          <p>
            It stays there about {minutes(melt.holds_min)}, {counted(melt.dips, 'dip')}; then {melt.again_s} s of heat
            again. Never over {at(melt.never_c)}: it yellows and fumes. Times are a model’s; the thermometer decides.
          </p>
        </section>
      ),
  );
}

/** 60 s, 6 × 30 s, 10 s. */
function heats({ heats: all }: Melt): string {
  const runs: [number, number][] = [];
  for (const seconds of all) {
    const last = runs.at(-1);
    if (last?.[0] === seconds) last[1] += 1;
    else runs.push([seconds, 1]);
  }
  return runs.map(([seconds, times]) => (times > 1 ? `${times} × ${seconds} s` : `${seconds} s`)).join(', ');
}
