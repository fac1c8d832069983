import { Anchor, Button } from '@mantine/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { api, ask, words } from '../../api/client';
import { useSettings } from '../../api/queries';
import type { BodyChange, BodyPage as Page, Settings } from '../../api/types';
import { useOnce } from '../../api/useOnce';
import { Failed } from '../../parts/Failed';
import { Strip } from '../../parts/Strip';
import { useUnsaved } from '../../parts/unsaved';
import { Waiting } from '../../parts/Waiting';
import { BodyViews } from './BodyViews';
import { Figures } from './Figures';
import { KeptForm } from './KeptForm';
import { Lots } from './Lots';
import { MeasureForm } from './MeasureForm';
import { More } from './More';
import { type Measures, measuresOf, PLAIN, toForm, useBodyLook } from './measured';
import { NewShape } from './NewShape';
import { PreparationPart } from './PreparationPart';
import { TracePart, useDropped } from './TracePart';
import { Zones } from './Zones';
import '../../parts/controls';
import { PageTitle } from '../../parts/PageTitle';
import classes from './bodies.module.css';
import { changed, type Kept, keptOf, NEW } from './kept';

/** A body of the drawer, or one that is being measured for it. */
export function BodyPage() {
  const { id = '' } = useParams();
  // An outline that is dropped here begins the page anew.
  const { key } = useLocation();
  const settings = useSettings().data;
  const asked = useQuery({
    queryKey: ['body', id],
    queryFn: () => ask(api.GET('/bodies/{id}', { params: { path: { id: id } } })),
    enabled: id !== 'new',
  });
  if (asked.isError) return <Failed error={asked.error} />;
  if (settings === undefined || (id !== 'new' && asked.data === undefined)) return <Waiting />;
  return <Measured key={`${id} ${key}`} page={asked.data} settings={settings} />;
}

function Measured({ page, settings }: { page: Page | undefined; settings: Settings }) {
  const queries = useQueryClient();
  const once = useOnce();
  const go = useNavigate();
  const [kept, setKept] = useState<Kept>(page === undefined ? NEW : keptOf(page.body));
  const [measures, setMeasures] = useState<Measures>(page === undefined ? PLAIN : measuresOf(page.form));
  const [part, setPart] = useState<'measures' | 'zones'>('measures');
  const [zone, setZone] = useState<string | null>(null);
  const [tracing, setTracing] = useState(useDropped() !== null);
  // What a new body is called where nothing is typed (empty while its shape is asked for), and that shape before it was measured.
  const [called, setCalled] = useState('');
  const [begin, setBegin] = useState<Measures>(PLAIN);
  const look = useBodyLook(measures);
  const shape = look.data?.shape ?? page?.shape;
  const zones = look.data?.zones ?? page?.zones ?? [];
  const measured =
    page === undefined || JSON.stringify(toForm(measures)) !== JSON.stringify(toForm(measuresOf(page.form)));
  const told = page === undefined ? kept : changed(kept, page.body);
  const open = measured || Object.keys(told).length > 0;

  const begun = page !== undefined || JSON.stringify([kept, measures]) !== JSON.stringify([NEW, begin]);
  const isSaved = useUnsaved(open && begun ? `What was measured of ${kept.name || 'this body'}` : null);

  const put = (next: Page) => {
    queries.setQueryData(['body', next.body.id], next);
    void queries.invalidateQueries({ queryKey: ['bodies'] });
  };
  const change = (set: Omit<BodyChange, 'revision'>) => {
    const { id = '', revision = 0 } = page?.body ?? {};
    return ask(api.PATCH('/bodies/{id}', { params: { path: { id } }, body: { revision, ...set } }));
  };
  const save = useMutation({
    mutationFn: () => change({ ...told, ...(measured ? toForm(measures) : {}) }),
    onSuccess: (next) => {
      setKept(keptOf(next.body));
      setMeasures(measuresOf(next.form));
      put(next);
    },
  });
  const add = useMutation({
    mutationFn: (name: string) =>
      once({ ...kept, name, stock: page === undefined ? kept.stock : 0, ...toForm(measures) }, (body, headers) =>
        ask(api.POST('/bodies', { body, headers })),
      ),
    onSuccess: (body) => {
      void queries.invalidateQueries({ queryKey: ['bodies'] });
      isSaved();
      void go(`/stores/bodies/${body.id}`);
    },
  });
  const archive = useMutation({
    mutationFn: (archived: boolean) => change({ archived }),
    onSuccess: put,
  });
  const failed = save.error ?? archive.error ?? add.error ?? (look.isError ? look.error : null);
  const set = (some: Partial<Kept>) => setKept((was) => ({ ...was, ...some }));

  return (
    <article className="body-page" aria-label={page?.body.name ?? 'A new body'}>
      <div className="page-head">
        <PageTitle of={page?.body.name ?? 'New body'} />
        <h1>{page?.body.name ?? 'New body'}</h1>
        {page !== undefined && <span>{page.body.stock} left</span>}
        <span className="spacer" />
        {page === undefined ? (
          <Button loading={add.isPending || called === ''} onClick={() => add.mutate(kept.name.trim() || called)}>
            Save body
          </Button>
        ) : (
          <>
            {measured && page.painted ? (
              <Button disabled={add.isPending} onClick={() => add.mutate(`${kept.name}, measured anew`)}>
                Save as a body of its own
              </Button>
            ) : (
              <Button disabled={save.isPending || !open} onClick={() => save.mutate()}>
                {open ? 'Save' : 'Saved'}
              </Button>
            )}
            {!open && !page.body.archived && (
              <Button component={Link} to={`/patterns?new=${page.body.id}`}>
                Begin a pattern on it
              </Button>
            )}
            {!open && (
              <Button
                variant="default"
                disabled={archive.isPending}
                onClick={() => archive.mutate(!page.body.archived)}
              >
                {page.body.archived ? 'Bring back to the drawer' : 'Archive'}
              </Button>
            )}
            {open && (
              <Button
                variant="default"
                onClick={() => {
                  setKept(keptOf(page.body));
                  setMeasures(measuresOf(page.form));
                }}
              >
                Undo the changes
              </Button>
            )}
          </>
        )}
      </div>
      {measured && page?.painted === true && (
        <p className="notice">
          Baits were painted on this body: its own measures stay. Save the new ones as a body of its own.
        </p>
      )}
      {failed !== null && (
        <p role="alert" className="notice">
          {words(failed)}
        </p>
      )}
      <div className={classes.bodyTwo}>
        <div>
          {shape !== undefined && (
            <BodyViews
              name={kept.name || 'The body'}
              shape={shape}
              zone={part === 'zones' ? zones.find((one) => one.name === zone) : undefined}
              rings={
                part === 'zones' || tracing
                  ? undefined
                  : { measures, settings, onStations: (stations) => setMeasures((was) => ({ ...was, stations })) }
              }
            />
          )}
          {shape !== undefined && <Figures shape={shape} settings={settings} />}
          {page !== undefined && (
            <div className={classes.bodyBelow}>
              <PreparationPart steps={page.preparation} />
              <Lots
                {...{ page, settings }}
                onPage={(next) => {
                  // What is bought and rejected counts at once, whatever else stands open in the form.
                  set({ stock: next.body.stock });
                  put(next);
                }}
              />
            </div>
          )}
        </div>
        <div>
          {page === undefined && (
            <NewShape
              kept={kept}
              settings={settings}
              called={called}
              onKept={set}
              onShape={(shape) => {
                setCalled(shape?.called ?? '');
                if (shape === undefined) return;
                setMeasures(measuresOf(shape.form));
                setBegin(measuresOf(shape.form));
              }}
            />
          )}
          <More open={page !== undefined || tracing}>
            <KeptForm
              kept={kept}
              rest={page === undefined}
              shine={measures.shine}
              onKept={set}
              onShine={(shine) => setMeasures({ ...measures, shine })}
            />
            <Strip legend="Part" value={part} options={{ measures: 'Measures', zones: 'Zones' }} onChange={setPart} />
            {part === 'zones' ? (
              <Zones
                zones={zones}
                measures={measures}
                settings={settings}
                shown={zone}
                onShow={setZone}
                onChange={setMeasures}
              />
            ) : tracing ? (
              <TracePart
                lengthMm={measures.length_mm}
                onClose={() => setTracing(false)}
                onStations={(stations) => {
                  setMeasures((was) => ({ ...was, stations }));
                  setTracing(false);
                }}
              />
            ) : (
              <>
                <Anchor component="button" type="button" onClick={() => setTracing(true)}>
                  Trace it from a photograph or an outline
                </Anchor>
                <MeasureForm measures={measures} settings={settings} onChange={setMeasures} />
              </>
            )}
          </More>
        </div>
      </div>
    </article>
  );
}
