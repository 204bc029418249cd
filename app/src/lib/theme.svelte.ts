export type Theme = 'paper' | 'night';

const key = 'ample-tide.theme';

function initial(): Theme {
  const stored = localStorage.getItem(key);
  if (stored === 'paper' || stored === 'night') return stored;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'paper';
}

/** Paper for the kitchen table, night for dim halls; kept between visits. */
class ThemeChoice {
  now = $state<Theme>(initial());

  constructor() {
    this.show();
  }

  toggle = () => {
    this.now = this.now === 'paper' ? 'night' : 'paper';
    localStorage.setItem(key, this.now);
    this.show();
  };

  /** Shows a theme for as long as a view needs it; the choice stays as it was. Returns what ends it. */
  lend(other: Theme): () => void {
    document.documentElement.dataset.theme = other;
    return () => this.show();
  }

  private show() {
    document.documentElement.dataset.theme = this.now;
  }
}

export const theme = new ThemeChoice();
