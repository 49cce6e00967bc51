const key = 'ozzet.reloaded-at';
const onceWithinMs = 30_000;

/**
 * A page that was open over an update asks for parts that are there no more (Vite’s `vite:preloadError`): it is loaded
 * anew, once. Without network it stays: what it has is kept.
 */
export function reloadWhenUpdated(): void {
  addEventListener('vite:preloadError', () => {
    const last = Number(sessionStorage.getItem(key) ?? 0);
    if (!navigator.onLine || Date.now() - last < onceWithinMs) return;
    sessionStorage.setItem(key, String(Date.now()));
    location.reload();
  });
}
