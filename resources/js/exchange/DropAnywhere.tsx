import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { api, ask, keyed, newId, photograph, words } from '../api/client';
import { offerUndo, say } from '../parts/Notices';
import { takesPictures } from '../parts/takesPictures';
import { counted } from '../units/units';
import { broughtWords } from './broughtWords';
import { carriesRecipe, recipeIn } from './recipeFile';

const PICTURES = ['image/jpeg', 'image/png', 'image/webp'];

/** Takes a file that is dropped anywhere, or a picture that is pasted, for what it is. */
export function DropAnywhere() {
  const go = useNavigate();
  const queries = useQueryClient();
  const { pathname } = useLocation();
  const pattern = /^\/patterns\/([^/]+)$/.exec(pathname)?.[1];
  const body = /^\/stores\/bodies\/[^/]+$/.exec(pathname)?.[0];
  useEffect(() => {
    const recipe = async (file: File) => {
      const document = await recipeIn(file);
      const { brought, ...sheet } = await ask(
        api.POST('/patterns/import', { body: document, params: { header: keyed(newId()) } }),
      );
      queries.setQueryData(['sheet', sheet.pattern.id], sheet);
      void queries.invalidateQueries();
      await go(`/patterns/${sheet.pattern.id}`);
      say('dropped', broughtWords(brought));
    };
    const reference = async (file: File, id: string) => {
      await ask(
        api.POST('/patterns/{id}/pictures', { params: { path: { id }, header: keyed(newId()) }, ...photograph(file) }),
      );
      void queries.invalidateQueries();
      say('dropped', `${file.name} is kept with this pattern: open “Reference”.`);
    };
    const picture = async (file: File) => {
      const taker = takesPictures();
      if (await carriesRecipe(file)) await recipe(file);
      else if (pattern !== undefined) await reference(file, pattern);
      else if (taker !== undefined) {
        taker.take(file);
        say('dropped', `${file.name} ${taker.becomes}.`);
      } else {
        say('dropped', `${file.name} is a picture without a recipe. Drop it on the page of a pattern or a bait.`);
      }
    };
    const table = async (file: File) => {
      const { id, added, changed } = await ask(api.POST('/rack/import', { body: { csv: await file.text() } }));
      void queries.invalidateQueries();
      offerUndo(
        'dropped',
        `${file.name}: ${counted(added, 'paint')} added to the rack, ${changed} brought up to date.`,
        () => {
          void ask(api.POST('/rack/imports/{id}/undo', { params: { path: { id } } })).then(
            () => queries.invalidateQueries(),
            (trouble) => say('dropped', words(trouble)),
          );
        },
      );
    };
    const palette = async (file: File) => {
      const swatches = await ask(api.POST('/palettes/read', { body: { text: await file.text() } }));
      await go('/stores', { state: { swatches } });
    };
    const outline = async (file: File) => {
      const traced = await ask(api.POST('/bodies/outline', { body: { svg: await file.text() } }));
      await go(body ?? '/stores/bodies/new', { state: { traced } });
    };
    const kinds: [type: string, ending: string, take: (file: File) => Promise<void>][] = [
      ['application/json', '.json', recipe],
      ['application/pdf', '.pdf', recipe],
      ['text/csv', '.csv', table],
      ['', '.gpl', palette],
      ['image/svg+xml', '.svg', outline],
      ...PICTURES.map((type) => [type, '.', picture] as [string, string, typeof picture]),
    ];
    const take = async (file: File) => {
      const name = file.name.toLowerCase();
      const kind = kinds.find(([type, ending]) => name.endsWith(ending) || (type !== '' && file.type === type));
      try {
        if (kind !== undefined) await kind[2](file);
        else {
          say(
            'dropped',
            `${file.name}: drop a recipe (its picture, PDF or .json), a photograph, a table of paints (.csv), a palette (.gpl) or the outline of a body (.svg).`,
          );
        }
      } catch (trouble) {
        say('dropped', `Nothing was taken in. ${words(trouble)}`);
      }
    };
    const over = (event: DragEvent) => {
      if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
    };
    const drop = (event: DragEvent) => {
      const file = event.dataTransfer?.files[0];
      if (file === undefined) return;
      event.preventDefault();
      void take(file);
    };
    const paste = (event: ClipboardEvent) => {
      const file = event.clipboardData?.files[0];
      if (file === undefined) return;
      event.preventDefault();
      void take(file);
    };
    window.addEventListener('dragover', over);
    window.addEventListener('drop', drop);
    window.addEventListener('paste', paste);
    return () => {
      window.removeEventListener('dragover', over);
      window.removeEventListener('drop', drop);
      window.removeEventListener('paste', paste);
    };
  }, [go, queries, pattern, body]);
  return null;
}
