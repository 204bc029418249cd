import { api } from '../lib/api/client';
import type { components } from '../lib/api/schema';

export type Face = components['schemas']['FaceResponse'];

/** The body map, asked for when it is first looked at. */
class BodyMap {
  private faces = $state.raw<{ front: Face; back: Face }>();
  private asked = false;

  of(face: 'front' | 'back'): Face | undefined {
    if (!this.asked) {
      this.asked = true;
      void this.bring();
    }
    return this.faces?.[face];
  }

  private async bring() {
    try {
      this.faces = (await api.GET('/api/body/map')).data;
    } catch {
      // Asked again the next time.
      this.asked = false;
    }
  }
}

export const bodyMap = new BodyMap();

/** How full an area is: a minute a side is a tide coming in, five are high water. */
export function tint(ms: number): number {
  return ms <= 0 ? 0 : Math.min(1, 0.18 + (ms / 300_000) * 0.82);
}
