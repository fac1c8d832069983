import { isPng, textOf } from './pngText';

/** Under this keyword a picture carries its recipe. */
export const KEYWORD = 'Hawkbrush recipe';

function isPdf(bytes: Uint8Array): boolean {
  return new TextDecoder('latin1').decode(bytes.subarray(0, 5)) === '%PDF-';
}

/** Whether a picture has a recipe in it, right or wrong. */
export async function carriesRecipe(file: File): Promise<boolean> {
  return textOf(new Uint8Array(await file.arrayBuffer()), KEYWORD) !== null;
}

/** The recipe that a picture or a PDF carries; undefined: the file is a recipe itself. @throws Error where it carries none */
async function carried(file: File, bytes: Uint8Array): Promise<string | undefined> {
  if (isPdf(bytes)) {
    const { recipeOfPdf } = await import('./recipePdf');
    const attached = await recipeOfPdf(bytes).catch(() => null);
    if (attached === null) throw new Error(`${file.name} is a PDF that carries no recipe.`);
    return attached;
  }
  const text = textOf(bytes, KEYWORD);
  if (text === null && isPng(bytes)) throw new Error(`${file.name} is a picture that carries no recipe.`);
  return text ?? undefined;
}

/** The recipe document of a file: a recipe file, or a picture or PDF that carries one. @throws Error that says what is wrong with it */
export async function recipeIn(file: File): Promise<{ [field: string]: unknown }> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const text = await carried(file, bytes);
  try {
    return JSON.parse(text ?? new TextDecoder().decode(bytes));
  } catch {
    throw new Error(`${file.name} is no pattern file: it is not JSON.`);
  }
}
