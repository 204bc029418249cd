/** Keeps the screen awake while a class is taught, where the browser can; again whenever the page comes back into view. */
export class ScreenLock {
  private lock: WakeLockSentinel | null = null;
  private wanted = false;

  constructor() {
    document.addEventListener('visibilitychange', () => {
      if (this.wanted && document.visibilityState === 'visible') this.hold();
    });
  }

  hold() {
    this.wanted = true;
    void navigator.wakeLock?.request('screen').then(
      (lock) => {
        this.lock = lock;
        if (!this.wanted) this.release();
      },
      () => undefined,
    );
  }

  release() {
    this.wanted = false;
    void this.lock?.release().catch(() => undefined);
    this.lock = null;
  }
}
