import type { Settings, Texture, Version } from '../api/types';
import { drawFittings } from '../stage/fittings';
import { frame, paintBody, type View } from '../stage/pixels';
import { skinOf } from '../stage/skin';
import { faceOf } from '../steps/kinds';

const WIDE = 1500;
const MARGIN = 48;
const PLATE_HIGH = 560;
const ROW_HIGH = 46;
const COLUMNS = 2;
const DISPLAY = '"Bricolage Grotesque Variable", sans-serif';
const TEXT = '"Instrument Sans Variable", sans-serif';
/** Of the day: a card is printed and passed on. */
const [PAPER, INK, DIM, STAGE, LINE] = ['#f4f3f0', '#23221f', '#68655d', '#8d8d8b', '#cfccc4'];

export interface CardOf {
  name: string;
  about: string;
  version: Version;
  texture: Texture;
  settings: Settings;
}

/** A recipe on one card: the bait from three sides, and its ladder with the figures. */
export function drawCard({ name, about, version, texture, settings }: CardOf): HTMLCanvasElement {
  const steps = version.steps.filter((step) => step.document.on);
  const rows = Math.ceil(steps.length / COLUMNS);
  const top = 120;
  const canvas = document.createElement('canvas');
  canvas.width = WIDE;
  canvas.height = top + PLATE_HIGH + 40 + rows * ROW_HIGH + MARGIN + 30;
  const context = canvas.getContext('2d');
  if (context === null) throw new Error('This browser draws no pictures.');
  context.fillStyle = PAPER;
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.fillStyle = INK;
  context.font = `700 54px ${DISPLAY}`;
  context.fillText(name, MARGIN, 74, WIDE - 2 * MARGIN);
  context.fillStyle = DIM;
  context.font = `500 22px ${TEXT}`;
  context.fillText(about, MARGIN, 106, WIDE - 2 * MARGIN);

  context.fillStyle = STAGE;
  context.fillRect(0, top, WIDE, PLATE_HIGH);
  const views: [View, number, number, number, number][] = [
    ['left', MARGIN, top + 20, 900, PLATE_HIGH - 40],
    ['back', 980, top + 30, WIDE - 980 - MARGIN, 240],
    ['belly', 980, top + 290, WIDE - 980 - MARGIN, 240],
  ];
  for (const [view, x, y, width, height] of views) context.drawImage(bait(version, texture, view, width, height), x, y);

  steps.forEach((step, i) => {
    const x = MARGIN + Math.floor(i / rows) * ((WIDE - 2 * MARGIN) / COLUMNS);
    const y = top + PLATE_HIGH + 40 + (i % rows) * ROW_HIGH;
    const { shown } = step;
    if (shown.chip !== undefined) {
      context.fillStyle = shown.chip.black;
      context.fillRect(x, y, 28, 28);
      context.fillStyle = shown.chip.white;
      context.fillRect(x + 28, y, 28, 28);
    }
    context.strokeStyle = LINE;
    context.strokeRect(x + 0.5, y + 0.5, 56, 28);
    context.fillStyle = INK;
    context.font = `600 20px ${TEXT}`;
    context.fillText(`${shown.number} ${shown.name}`, x + 72, y + 13, 300);
    context.font = `400 16px ${TEXT}`;
    context.fillStyle = DIM;
    const figures = [shown.technique, shown.where, ...faceOf(step).foot(step, settings)].filter(Boolean).join(' · ');
    context.fillText(figures, x + 72, y + 33, WIDE / COLUMNS - MARGIN - 90);
  });
  context.font = `400 16px ${TEXT}`;
  context.fillText(
    'Colours are estimates of a model. The file of this card carries its recipe: drop it on the shelf of patterns in Hawkbrush.',
    MARGIN,
    canvas.height - 24,
  );
  return canvas;
}

function bait(version: Version, texture: Texture, view: View, width: number, height: number): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext('2d');
  if (context === null) return canvas;
  const f = frame(version.body, view, width, height);
  paintBody(context, version.body, skinOf(texture), view, f, 'flat', true);
  drawFittings(context, version.body, view, f, texture.eye ?? null);
  return canvas;
}
