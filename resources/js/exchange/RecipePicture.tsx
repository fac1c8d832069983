import { Button, Modal } from '@mantine/core';
import { useEffect, useState } from 'react';
import { words } from '../api/client';
import { useTexture } from '../api/queries';
import type { Settings, Sheet } from '../api/types';
import { counted } from '../units/units';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import { drawCard } from './drawCard';
import classes from './exchange.module.css';
import { withText } from './pngText';
import { KEYWORD } from './recipeFile';
import { pdfWith } from './recipePdf';

interface Props {
  sheet: Sheet;
  settings: Settings;
  onClose: () => void;
}

interface Made {
  kind: string;
  url: string;
  kb: number;
}

/** A recipe as one picture or one printed page that carries the recipe: seen with what is in it before it is passed on. */
export function RecipePicture({ sheet, settings, onClose }: Props) {
  const { pattern, version } = sheet;
  const texture = useTexture(version.id, version.revision, null, 'clear').data;
  const [made, setMade] = useState<Made[] | null>(null);
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    const urls: string[] = [];
    let gone = false;
    if (texture === undefined) return;
    void (async () => {
      try {
        await document.fonts.ready;
        const answer = await fetch(`/api/v1/patterns/${pattern.id}/export`);
        if (!answer.ok) throw new Error('The recipe did not come.');
        // Notes name places and people: they stay here.
        const recipe = JSON.stringify({ ...(await answer.json()), notes: '' });
        const about = [pattern.species, pattern.water, version.body.name, `version ${version.number}`];
        const card = drawCard({
          name: pattern.name,
          about: about.filter(Boolean).join(' · '),
          version,
          texture,
          settings,
        });
        const plain = await new Promise<Blob | null>((done) => card.toBlob(done, 'image/png'));
        if (plain === null) throw new Error('The picture could not be made.');
        const png = new Uint8Array(await plain.arrayBuffer());
        const files = [
          { kind: 'png', type: 'image/png', bytes: withText(png, KEYWORD, recipe) },
          { kind: 'pdf', type: 'application/pdf', bytes: await pdfWith(png, pattern.name, recipe) },
        ];
        if (gone) return;
        setMade(
          files.map(({ kind, type, bytes }) => {
            const url = URL.createObjectURL(new Blob([bytes], { type }));
            urls.push(url);
            return { kind, url, kb: Math.round(bytes.length / 1024) };
          }),
        );
      } catch (error) {
        setTrouble(words(error));
      }
    })();
    return () => {
      gone = true;
      urls.forEach((url) => void URL.revokeObjectURL(url));
    };
  }, [pattern, version, texture, settings]);
  const paints = new Set(
    version.steps.flatMap(({ document: d }) => (d.type === 'paint' ? d.mix.map((part) => part.paint) : [])),
  );
  return (
    <Modal opened onClose={onClose} title="Recipe as a picture" size="xl" centered>
      {trouble !== '' && <p role="alert">{trouble}</p>}
      {made === null && trouble === '' && <p role="status">Drawing the card …</p>}
      {made !== null && (
        <>
          <img className={classes.card} src={made[0]?.url} alt={`${pattern.name}: the bait and its ladder`} />
          <p>
            Inside: {counted(version.steps.length, 'step')}, {counted(paints.size, 'paint')} with their optics, the body{' '}
            {version.body.name} and the shop’s habits. Your notes stay here: no place, no customer, no prices, no runs.
          </p>
          <p className={layout.actions}>
            {made.map(({ kind, url, kb }) => (
              <Button
                key={kind}
                component="a"
                href={url}
                download={`${pattern.name}.${kind}`}
                variant={kind === 'png' ? 'filled' : 'default'}
              >
                {kind === 'png' ? 'Save picture' : 'Save PDF to print, A4'}, {kb} kB
              </Button>
            ))}
          </p>
        </>
      )}
    </Modal>
  );
}
