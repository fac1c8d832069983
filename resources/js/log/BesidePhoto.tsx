import { Slider } from '@mantine/core';
import '@mantine/core/styles/Slider.layer.css';
import { useState } from 'react';
import type { BodyShape, Texture } from '../api/types';
import { BaitPicture } from '../stage/BaitPicture';
import { KeptPhoto } from '../stage/KeptPhoto';
import { useSize } from '../stage/useSize';
import classes from './besidePhoto.module.css';

interface Props {
  body: BodyShape;
  texture: Texture | undefined;
  photo: string;
  label: string;
}

const HIGH = 300;

/** The photograph over the prediction: the line between them is pulled along. */
export function BesidePhoto({ body, texture, photo, label }: Props) {
  const stage = useSize<HTMLDivElement>();
  const [at, setAt] = useState(50);
  return (
    <figure className={classes.beside}>
      <div className={classes.pair} ref={stage.ref}>
        <BaitPicture
          body={body}
          texture={texture}
          view="left"
          width={stage.width}
          height={HIGH}
          label={`${label}, as planned`}
        />
        <div className={classes.photo} style={{ clipPath: `inset(0 ${100 - at}% 0 0)` }}>
          <KeptPhoto src={`/api/v1/photos/${photo}`} alt={`${label}, photographed`} />
        </div>
        <i className={classes.line} style={{ left: `${at}%` }} />
      </div>
      <figcaption>
        <span>Photograph</span>
        <Slider
          className={classes.slider}
          value={at}
          onChange={setAt}
          label={null}
          thumbLabel="Where the photograph ends and the prediction begins, %"
        />
        <span>As planned</span>
      </figcaption>
    </figure>
  );
}
