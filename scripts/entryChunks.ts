/** What the bundler tells of a module. */
interface Context {
  getModuleInfo(id: string): { readonly importedIds: readonly string[] } | null;
}

/** Everything that a page loads at once: what its entry imports outright, and what that imports. */
function reachedFrom(entry: string, context: Context): ReadonlySet<string> {
  const seen = new Set<string>();
  const open = [entry];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (seen.has(id)) continue;
    seen.add(id);
    open.push(...(context.getModuleInfo(id)?.importedIds ?? []));
  }
  return seen;
}

/**
 * Few files for what both pages load at once: a hundred small ones are packed worse, and each is a request of its own
 * in a bench’s Wi-Fi. What is loaded later keeps its own files.
 *
 * @param entries the first module of each page
 * @param first what must run before any package does
 * @param later what a package’s index names beside what the pages use of it at once
 */
export function entryChunks(
  entries: readonly [string, string],
  first: readonly string[],
  later: readonly string[],
) {
  let reached: readonly ReadonlySet<string>[] | undefined;
  const chunkOf = (id: string, context: Context): string | null => {
    if (later.some((part) => id.includes(part))) return null;
    // The entry itself stays where its page looks for it.
    if (entries.includes(id)) return null;
    if (first.includes(id)) return 'both';
    reached ??= entries.map((entry) => reachedFrom(entry, context));
    const by = reached.map((modules) => modules.has(id));
    if (by.every(Boolean)) return 'both';
    if (!by[1] || !id.includes('/core/')) return null;
    // Rooms that show no board need not bring what draws one.
    return [...reachedFrom(id, context)].some((one) => one.includes('/core/board/'))
      ? 'boards'
      : 'trade';
  };
  // What both need is taken first: nothing of it waits for the trade, which the instructor’s first page does not load.
  return ['both', 'trade', 'boards'].map((chunk, index) => ({
    debugName: chunk,
    priority: 3 - index,
    name: (id: string, context: Context) => (chunkOf(id, context) === chunk ? chunk : null),
  }));
}
