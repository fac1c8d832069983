import { useMutation } from '@tanstack/react-query';
import { api, ask, words } from '../api/client';
import { FilePick } from '../parts/FilePick';
import classes from './masks.module.css';

interface Props {
  label: string;
  path: string;
  onOutline: (outline: string, longMm: number) => void;
}

/** An outline of one's own, out of an SVG file at its true size. */
export function OutlineField({ label, path, onOutline }: Props) {
  const read = useMutation({
    mutationFn: async (file: File) => ask(api.POST('/masks/outline', { body: { svg: await file.text() } })),
    onSuccess: (found) => onOutline(found.outline, found.width_mm),
  });
  const figures = [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])] as const);
  const [x, y] = [figures.map((p) => p[0]), figures.map((p) => p[1])];
  const [left, top] = [Math.min(...x), Math.min(...y)];
  const box = `${left - 0.5} ${top - 0.5} ${Math.max(...x) - left + 1} ${Math.max(...y) - top + 1}`;
  return (
    <div className={classes.outlineField}>
      <svg viewBox={box} role="img" aria-label={`${label} as it is cut`}>
        <path d={path} fillRule="evenodd" fill="currentColor" />
      </svg>
      <div>
        <FilePick
          action="From an SVG file"
          label={`${label}, SVG file`}
          accept=".svg,image/svg+xml"
          inline
          disabled={read.isPending}
          onFile={read.mutate}
        />
        {read.isSuccess && (
          <p className="dim" role="status">
            {read.data.width_mm} × {read.data.height_mm} mm.
            {read.data.dropped.length === 0 ? '' : ` Left out: ${read.data.dropped.join(', ')}.`}
          </p>
        )}
        {read.isError && <p role="alert">{words(read.error)}</p>}
      </div>
    </div>
  );
}
