/**
 * Lets the browser keep the pages themselves, so that a reload works without the network too. Browsers allow that on
 * this computer and over HTTPS only; elsewhere the page says so by failing to load, and what was entered is kept.
 *
 * @param scope the path below which the pages lie
 */
export function keepPages(scope: '/' | '/seat/'): void {
  if (!('serviceWorker' in navigator)) return;
  const keep = () => {
    navigator.serviceWorker.register('/pages.js', { scope }).catch((problem: unknown) => {
      console.warn('The pages are not kept for times without network.', problem);
    });
  };
  // The page may have loaded already: its words are waited for before this is asked.
  if (document.readyState === 'complete') keep();
  else addEventListener('load', keep);
}
