import type { Change, Settings, Step, VersionListed } from '../api/types';
import { length, pressure } from '../units/units';

/** What an edit does to these steps, in words. */
export function changeWords(change: Change | 'undo' | 'redo', steps: Step[], settings: Settings): string {
  if (typeof change === 'string') return change === 'undo' ? 'take the last change back' : 'make it again';
  const name = (id: string) =>
    steps.find((s) => s.document.id === id)?.shown.name ?? 'a step that is not there any more';
  switch (change.op) {
    case 'add':
    case 'begin':
      return 'a new step';
    case 'order':
      return 'another order';
    case 'body':
      return 'another body';
    case 'prepare':
      return 'the preparation of its body';
    case 'several':
      return 'one mend for several steps';
    case 'place':
      return `${name(change.step)}: where it goes`;
    case 'handle':
      return `${name(change.step)}: moved on the bait`;
    case 'swap':
      return 'another paint in the place of one';
    case 'change': {
      const set = Object.entries(change.set).map(([field, value]) => fieldWords(field, value, settings));
      return `${name(change.step)}: ${set.join(', ')}`;
    }
    case 'move':
    case 'duplicate':
    case 'remove':
      return `${change.op} ${name(change.step)}`;
  }
}

const WHOLE: Record<string, string> = {
  mix: 'its paint',
  technique: 'how it is put on',
  where: 'where it goes',
  set: 'how it is set',
};

function fieldWords(field: string, value: unknown, settings: Settings): string {
  if (field === 'on') return value === true ? 'switched on' : 'switched off';
  const whole = WHOLE[field];
  if (whole !== undefined) return whole;
  if (value === null) return `no ${field.replace(/_(mm|deg|percent)$/, '').replaceAll('_', ' ')}`;
  if (field === 'psi' && typeof value === 'number')
    return `${pressure.show(value, settings)} ${pressure.unit(settings)}`;
  if (field.endsWith('_mm') && typeof value === 'number')
    return `${field.slice(0, -3).replaceAll('_', ' ')} ${length.show(value, settings)} ${length.unit(settings)}`;
  const unit = field.endsWith('_percent') ? ' %' : field.endsWith('_deg') ? '°' : '';
  return `${field.replace(/_(deg|percent)$/, '').replaceAll('_', ' ')} ${value}${unit}`;
}

/** One difference between two versions: Moss back: psi 10 → 12, coats 2 → 3. */
export function listedChange(change: VersionListed['changes'][number], settings: Settings): string {
  if (change.what === 'added') return `new: ${change.step}`;
  if (change.what === 'removed') return `without ${change.step}`;
  if (change.what === 'moved') return `${change.step} in another place of the order`;
  const fields = change.fields.map(({ field, was, now }) => {
    if (field === 'mix') return `${was} → ${now}`;
    if (field === 'on' || WHOLE[field] !== undefined || was === null || now === null)
      return fieldWords(field, now, settings);
    return `${fieldWords(field, was, settings)} → ${fieldWords(field, now, settings).replace(/^[a-z ]+ (?=[\d-])/, '')}`;
  });
  return `${change.step}: ${fields.join(', ')}`;
}
