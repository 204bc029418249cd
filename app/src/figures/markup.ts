import type { Figure } from '../lib/api/client';

const swap: Record<string, string> = {
  'right-arm': 'left-arm',
  'left-arm': 'right-arm',
  'right-leg': 'left-leg',
  'left-leg': 'right-leg',
};

/** The paths of a figure as text; with the hues of right and left exchanged where it is shown mirrored. */
export function markup(figure: Figure, mirrored: boolean): string {
  let text = '';
  for (const path of figure.paths) {
    const tone = mirrored ? (swap[path.tone] ?? path.tone) : path.tone;
    text += `<path class="${tone}${path.shaded ? ' shaded' : ''}" d="m${path.x} ${path.y}${path.steps}"/>`;
  }
  return text;
}
