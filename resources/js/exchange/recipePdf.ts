import { PDFDocument } from '@cantoo/pdf-lib';

/** Points of a millimetre. */
const MM = 72 / 25.4;
const A4 = [210 * MM, 297 * MM] as const;
/** Every printer leaves so much white. */
const MARGIN = 12 * MM;
const ATTACHED = 'recipe.json';

/** A card on one page of A4, lying or standing as it fits, with the recipe attached. */
export async function pdfWith(png: Uint8Array, title: string, recipe: string): Promise<Uint8Array<ArrayBuffer>> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(title, { showInWindowTitleBar: true });
  const card = await pdf.embedPng(png);
  const [width, height] = card.width > card.height ? [A4[1], A4[0]] : A4;
  const page = pdf.addPage([width, height]);
  const drawn = card.scaleToFit(width - 2 * MARGIN, height - 2 * MARGIN);
  page.drawImage(card, { x: (width - drawn.width) / 2, y: height - MARGIN - drawn.height, ...drawn });
  await pdf.attach(new TextEncoder().encode(recipe), ATTACHED, {
    mimeType: 'application/json',
    description: 'The recipe: drop this file on the shelf of patterns in Hawkbrush.',
  });
  return new Uint8Array(await pdf.save());
}

/** The recipe attached to a PDF; null where there is none. @throws when it is no whole PDF */
export async function recipeOfPdf(bytes: Uint8Array): Promise<string | null> {
  const pdf = await PDFDocument.load(bytes, { updateMetadata: false });
  const attached = pdf.getAttachments().find((one) => one.name === ATTACHED);
  return attached === undefined ? null : new TextDecoder().decode(attached.data);
}
