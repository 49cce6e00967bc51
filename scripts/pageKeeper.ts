import type { Plugin, Rolldown } from 'vite';

/** What a page needs to open without network: by the path below which its service worker keeps it. */
interface KeptPage {
  readonly scope: string;
  readonly shell: string;
  readonly assets: readonly string[];
}

/**
 * The service worker: pages come from the network as long as it answers, and from what was kept where it does not;
 * assets and pictures have names of their own contents and are kept as they are.
 */
const worker = (version: string, pages: readonly KeptPage[]): string => `
const kept = 'ozzet-pages-${version}';
const { pathname: scope } = new URL(self.registration.scope);
const page = ${JSON.stringify(pages)}.find((one) => one.scope === scope);
const name = kept + scope;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches.open(name).then((cache) => cache.addAll([page.shell, ...page.assets])).then(() => self.skipWaiting()),
  );
});
self.addEventListener('activate', (event) => {
  const isOld = (other) => other.startsWith('ozzet-pages-') && !other.startsWith(kept) && other.endsWith(scope);
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter(isOld).map((other) => caches.delete(other))))
      .then(() => self.clients.claim()),
  );
});
self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { pathname, origin } = new URL(request.url);
  const isPicture = pathname.startsWith('/api/pictures/');
  if (origin !== self.location.origin || request.method !== 'GET' || (pathname.startsWith('/api/') && !isPicture)) return;
  const fromKept = (what) => caches.open(name).then((cache) => cache.match(what, { ignoreVary: true }));
  const keepAlso = async (answer) => {
    if (answer.ok) await (await caches.open(name)).put(request, answer.clone());
    return answer;
  };
  if (request.mode === 'navigate') {
    event.respondWith(fetch(request).catch(() => fromKept(page.shell).then((shell) => shell ?? Response.error())));
  } else if (isPicture) {
    event.respondWith(fromKept(request).then((picture) => picture ?? fetch(request).then(keepAlso)));
  } else if (pathname.startsWith('/assets/')) {
    event.respondWith(fromKept(request).then((asset) => asset ?? fetch(request)));
  }
});
`;

/** A Vite plugin that writes the service worker beside the pages: only the build knows the names of what it made. */
export function pageKeeper(): Plugin {
  return {
    name: 'page-keeper',
    apply: 'build',
    generateBundle: {
      // After Vite has taken out the files that held nothing but style sheets.
      order: 'post',
      handler(_options, bundle) {
        const all = Object.keys(bundle).filter((name) => name.startsWith('assets/'));
        const pages: KeptPage[] = [
          { scope: '/', shell: '/kept', assets: pathsOf(all) },
          { scope: '/seat/', shell: '/seat/kept', assets: pathsOf(neededBy(bundle, 'seat')) },
        ];
        const source = worker(hashOf(all.sort().join()), pages);
        this.emitFile({ type: 'asset', fileName: 'pages.js', source });
      },
    },
  };
}

const pathsOf = (names: readonly string[]) => names.map((name) => `/${name}`).sort();

/** The files that an entry loads, with what those load. */
function neededBy(bundle: Rolldown.OutputBundle, entry: string): string[] {
  const first = Object.values(bundle).find(
    (file) => file.type === 'chunk' && file.isEntry && file.name === entry,
  );
  const found = new Set<string>();
  const open = first ? [first.fileName] : [];
  for (let name = open.pop(); name !== undefined; name = open.pop()) {
    if (found.has(name) || !bundle[name]) continue;
    found.add(name);
    const file = bundle[name];
    if (file?.type !== 'chunk') continue;
    const { importedCss, importedAssets } = file.viteMetadata ?? {};
    open.push(
      ...file.imports,
      ...file.dynamicImports,
      // A worker is a file of its own that the code names.
      ...Object.keys(bundle).filter((other) => other !== name && file.code.includes(other)),
      ...(importedCss ?? []),
      ...(importedAssets ?? []),
    );
  }
  return [...found];
}

/** Changes whenever the names do (FNV-1a, 32 bits, public domain). */
function hashOf(text: string): string {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ letter.charCodeAt(0), 0x01000193) >>> 0;
  return hash.toString(16);
}
