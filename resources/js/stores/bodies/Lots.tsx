import { Button, NumberInput, TextInput, UnstyledButton } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, words } from '../../api/client';
import type { BodyPage, Settings } from '../../api/types';
import { useOnce } from '../../api/useOnce';
import { AskForm } from '../../parts/AskForm';
import { DayField } from '../../parts/DayField';
import { useSentForm } from '../../parts/useSentForm';
import { day, money, moneyLabel } from '../../units/units';
import '../../parts/controls';
import layout from '../../parts/layout.module.css';
import classes from './bodies.module.css';

const FAULTS = [
  'leaks',
  'water in the rattle chamber',
  'line tie crooked',
  'hook hanger bent',
  'crack',
  'seam too far gone',
];

type Lot = BodyPage['lots'][number];

interface Props {
  page: BodyPage;
  settings: Settings;
  onPage: (page: BodyPage) => void;
}

/** Where bodies came from, and what looking them over has shown. */
export function Lots({ page, settings, onPage }: Props) {
  const [buying, setBuying] = useState(false);
  const [open, setOpen] = useState<string | null>(null);
  return (
    <section aria-label="Lots">
      <div className="page-head">
        <h2>Lots</h2>
        <span className="spacer" />
        <Button variant="default" onClick={() => setBuying(true)}>
          A new lot
        </Button>
      </div>
      {page.lots.length === 0 ? (
        <p className="dim">No lot yet: enter what you bought or made, and look it over bait by bait.</p>
      ) : (
        <ul className={classes.lots}>
          {page.lots.map((lot) => (
            <li key={lot.id}>
              <UnstyledButton
                className={`${layout.rowButton} ${classes.lotHead}`}
                aria-expanded={open === lot.id}
                onClick={() => setOpen(open === lot.id ? null : lot.id)}
              >
                <b>{lot.supplier === '' ? 'no supplier' : lot.supplier}</b>
                <span>
                  {lot.count} bodies{lot.price === null ? '' : `, ${money(lot.price, settings)} each`}
                  {lot.bought_on === null ? '' : `, ${day(lot.bought_on)}`}
                </span>
                <span>{judged(lot)}</span>
              </UnstyledButton>
              {open === lot.id && <Inspect lot={lot} onPage={onPage} />}
            </li>
          ))}
        </ul>
      )}
      {buying && <Buy body={page.body.id} settings={settings} onClose={() => setBuying(false)} onPage={onPage} />}
    </section>
  );
}

function judged(lot: Lot): string {
  if (lot.reject_share === null) return 'not looked over yet';
  return `${lot.rejected} of ${lot.inspected} rejected, ${Math.round(lot.reject_share * 100)} %`;
}

/** One body after the other: good, or out with what is wrong. */
function Inspect({ lot, onPage }: { lot: Lot; onPage: (page: BodyPage) => void }) {
  const seen = new Map(lot.seen.map((one) => [one.number, one]));
  const first = Array.from({ length: lot.count }, (_, i) => i + 1).find((n) => !seen.has(n)) ?? 1;
  const once = useOnce();
  const [chosen, setChosen] = useState<number | null>(null);
  const [fault, setFault] = useState('');
  const number = chosen ?? first;
  const said = seen.get(number);
  const judge = useMutation({
    mutationFn: (rejected: boolean) =>
      once({ number, rejected, fault: rejected ? fault.trim() : '' }, (body, headers) =>
        ask(api.POST('/lots/{id}/inspections', { params: { path: { id: lot.id } }, body, headers })),
      ),
    onSuccess: (page) => {
      setFault('');
      setChosen(null);
      onPage(page);
    },
  });
  return (
    <div className={classes.inspect}>
      <ul aria-label="Bodies of this lot">
        {Array.from({ length: lot.count }, (_, i) => i + 1).map((n) => {
          const one = seen.get(n);
          const word = one === undefined ? 'to do' : one.rejected ? `rejected: ${one.fault}` : 'good';
          return (
            <li key={n}>
              <UnstyledButton
                aria-pressed={n === number}
                title={word}
                aria-label={`Body ${n}, ${word}`}
                onClick={() => setChosen(n)}
              >
                {n}
                <i aria-hidden="true">{one === undefined ? '·' : one.rejected ? '✕' : '✓'}</i>
              </UnstyledButton>
            </li>
          );
        })}
      </ul>
      <p>
        Body {number}
        {said === undefined ? '' : said.rejected ? `, rejected: ${said.fault}` : ', good'}
      </p>
      <form
        className={classes.inspectForm}
        onSubmit={(event) => {
          event.preventDefault();
          judge.mutate(true);
        }}
      >
        <Button disabled={judge.isPending} onClick={() => judge.mutate(false)}>
          Good
        </Button>
        <TextInput
          size="xs"
          aria-label="What is wrong with it"
          placeholder="what is wrong with it"
          list="faults"
          maxLength={200}
          value={fault}
          onChange={(event) => setFault(event.currentTarget.value)}
        />
        <Button variant="default" type="submit" disabled={judge.isPending || fault.trim() === ''}>
          Reject
        </Button>
        <datalist id="faults">
          {FAULTS.map((name) => (
            <option key={name} value={name} />
          ))}
        </datalist>
      </form>
      {judge.isError && (
        <p role="alert" className="notice">
          {words(judge.error)}
        </p>
      )}
    </div>
  );
}

function Buy({ body, settings, onClose, onPage }: Omit<Props, 'page'> & { body: string; onClose: () => void }) {
  const { form, pending, error, submit } = useSentForm({
    fields: { supplier: '', count: 10, price: '', bought_on: '' },
    send: ({ price, bought_on, ...lot }, once) =>
      once(
        { ...lot, ...(price === '' ? {} : { price: Number(price) }), ...(bought_on === '' ? {} : { bought_on }) },
        (lot, headers) => ask(api.POST('/bodies/{id}/lots', { params: { path: { id: body } }, body: lot, headers })),
      ),
    onDone: (page) => {
      onPage(page);
      onClose();
    },
  });
  return (
    <AskForm
      title="A new lot"
      action="Save lot"
      opened
      pending={pending}
      error={error}
      onClose={onClose}
      onSubmit={submit}
    >
      <TextInput label="From whom" maxLength={80} {...form.getInputProps('supplier')} data-autofocus />
      <NumberInput label="How many" min={1} max={10000} allowDecimal={false} {...form.getInputProps('count')} />
      <NumberInput
        label={moneyLabel('Paid for one', settings)}
        min={0}
        decimalScale={2}
        {...form.getInputProps('price')}
      />
      <DayField
        label="Bought on"
        value={form.values.bought_on}
        error={form.errors.bought_on}
        onChange={(day) => form.setFieldValue('bought_on', day)}
      />
    </AskForm>
  );
}
