import { Anchor } from '@mantine/core';
import { Link } from 'react-router';
import type { CleanOut, Plan, Settings } from '../api/types';
import layout from '../parts/layout.module.css';
import table from '../parts/table.module.css';
import { clock, day, minutes, money, temperature, volume } from '../units/units';
import { Batches } from './Batches';
import { Melts } from './Melts';
import classes from './runs.module.css';

interface Props {
  plan: Plan;
  settings: Settings;
}

/** Mixing sheet, what is short, the order of work with clock times, and the cautions that apply. */
export function PlanSheet({ plan, settings }: Props) {
  return (
    <>
      <section className={`${layout.part} ${classes.planSum}`} aria-label="In short">
        <p>
          <b>{plan.baits}</b> {plan.baits === 1 ? 'bait' : 'baits'}
        </p>
        <p>
          <b>{minutes(plan.hands_on_min)}</b> hands-on
        </p>
        {plan.clean_min > 0 && (
          <p>
            <b>{minutes(plan.clean_min)}</b> of it cleaning, {Math.round(plan.cleaner_ml)} ml of cleaner
          </p>
        )}
        <p>
          <b>{minutes(plan.total_min)}</b> in all
        </p>
        <p>
          done about <b>{clock(plan.ends_at, plan.starts_at)}</b>
        </p>
        {plan.cost.total > 0 && (
          <p>
            Materials <b>{money(plan.cost.each, settings)}</b> each
            {plan.baits > 1 && `, ${money(plan.cost.total, settings)} in total`}{' '}
            <span className="dim">({costWords(plan.cost, settings)})</span>
          </p>
        )}
        <p className="dim">
          dew point {temperature.show(plan.dew_point_c, settings)} {temperature.unit(settings)}
        </p>
      </section>
      {!plan.clear_coat_ok && (
        <p className={`${layout.caution} ${layout.part}`}>
          Too damp for clear: the surface must be at least 3 °C above the dew point. Warm or dry the room first.
        </p>
      )}
      {plan.cold.length > 0 && (
        <section className={`${layout.part} ${layout.caution}`} aria-label="Cold room">
          <h2>The room is cold</h2>
          <p>
            Water-borne paint dries chalky in the cold, two-part clears thicken and may stay soft. Warm the room, the
            baits and the bottles first; the product’s sheet goes first.
          </p>
          <ul className={layout.listed}>
            {plan.cold.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ul>
        </section>
      )}
      {plan.stale.map(({ name, good_until }) => (
        <p key={name} className={`${layout.part} ${layout.caution}`}>
          {name} was good until {day(good_until)}: see that a little of it sets before it goes on baits, or take a new
          one.
        </p>
      ))}
      {plan.short_eyes.length > 0 && (
        <section className={`${layout.part} ${layout.caution}`} aria-label="Too few eyes">
          <h2>Too few eyes</h2>
          <ul className={layout.listed}>
            {plan.short_eyes.map((eye) => (
              <li key={eye.name}>
                {eye.name}: needs {eye.needs}, {eye.left} left
              </li>
            ))}
          </ul>
        </section>
      )}
      {plan.short.length > 0 && (
        <section className={`${layout.part} ${layout.caution}`} aria-label="Short on the rack">
          <h2>Short on the rack</h2>
          <ul className={layout.listed}>
            {plan.short.map((paint) => (
              <li key={paint.paint_id}>
                {paint.name}: needs {volume(paint.needs_ml, settings)}, {volume(paint.left_ml, settings)} left
              </li>
            ))}
          </ul>
        </section>
      )}
      <section className={layout.part} aria-label="Order of work">
        <h2>Order of work and mixing sheet</h2>
        <div className={table.scroll}>
          <table className={`${table.table} ${table.stacked}`}>
            <thead>
              <tr>
                <th>Step</th>
                <th>Clean first</th>
                <th>Mix, in drops</th>
                <th className={table.num}>Hands-on</th>
                <th className={table.num}>Wait</th>
                <th className={table.num}>Done at</th>
              </tr>
            </thead>
            <tbody>
              {plan.steps.map((step) => (
                <tr key={step.step}>
                  <td>
                    {step.number} {step.name}
                  </td>
                  <td data-label="Clean first">{step.clean === null ? '' : cleanWords(step.clean)}</td>
                  <td data-label="Mix, drops">{step.cup === null ? '' : cupWords(step.cup, plan.thinner)}</td>
                  <td data-label="Hands-on" className={table.num}>
                    {step.hands_on_min > 0 ? minutes(step.hands_on_min) : ''}
                  </td>
                  <td data-label="Wait" className={table.num}>
                    {step.wait_min > 0 && (
                      <span>
                        {minutes(step.wait_min)} {step.wait_for}
                        {step.wait_differs !== '' && (
                          <span className={`dim ${classes.differs}`}>{step.wait_differs}</span>
                        )}
                      </span>
                    )}
                  </td>
                  <td data-label="Done at" className={table.num}>
                    {clock(step.done_at, plan.starts_at)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <p className="dim">
          Drops of 1/20 ml, rounded up to whole ones in the recipe’s ratio. Times by hand are common practice; drying is
          a model’s figure for this room, not a promise: touch a test card.
        </p>
      </section>
      <Batches plan={plan} />
      <Melts plan={plan} settings={settings} />
      <section className={layout.part} aria-label="Cautions">
        <h2>
          <Anchor component={Link} to="/stores/cautions">
            Cautions
          </Anchor>
        </h2>
        <ul className={layout.listed}>
          {plan.cautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
      </section>
    </>
  );
}

/** Drops of each paint, and of what thins it. */
export function cupWords(cup: NonNullable<Plan['steps'][number]['cup']>, thinner: Plan['thinner']): string {
  const parts = cup.paints.map((p) => `${p.drops} ${p.name}`);
  if (cup.reducer_drops > 0) parts.push(`${cup.reducer_drops} ${thinner}`);
  return parts.join(' + ');
}

/** Rinse, 1.5 min; why stands in the title. */
function cleanWords({ level, minutes: min, reasons }: CleanOut) {
  return (
    <span title={reasons.join('; ')}>
      {level}, {minutes(min)}
    </span>
  );
}

/** What it is made up of, and what no price is known of. */
function costWords({ by, not_known }: Plan['cost'], settings: Settings): string {
  const known = by.filter(({ cost }) => cost > 0).map(({ what, cost }) => `${what} ${money(cost, settings)}`);
  return [...known, ...(not_known.length === 0 ? [] : [`without ${not_known.join(', ')}`])].join(', ');
}
