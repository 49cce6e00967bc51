import { emptyDocument, type KitDocument } from '#contract/kitDocument';
import { kitFileEnding, packKitFile } from '#core/kitfile/kitFile';
import { guessMapping } from '#core/partslist/guessMapping';
import { readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import { piecesInBag } from '#core/stores/packing';
import { demoBoards } from './boards.ts';
import { demoOwn } from './instructor.ts';
import { type DemoKit, demoKits } from './scenario.ts';

/** A kit of the demo as a document: its list as the import reads it, with what was found out about it since. */
export async function documentOf(demo: DemoKit, csv: string): Promise<KitDocument> {
  const table = readTable(csv);
  if (!table.ok) throw new Error(table.problem.says);
  const { lines } = readPartsList(table.value, guessMapping(table.value));
  const board = demoBoards[demo.name];
  const by = await demoOwn[demo.name]?.();
  const empty = emptyDocument(demo.name);
  return {
    ...empty,
    description: demo.description,
    tags: demo.tags,
    supplyVolt: demo.supplyVolt,
    lines: lines.map(({ part, confidence, doubts }) => {
      const lotNote = demo.lotNotes[part.designators[0] ?? ''];
      const line = { confidence, part: lotNote ? { ...part, lotNote } : part };
      return doubts ? { ...line, doubts } : line;
    }),
    errata: [...demo.errata],
    board: by ? { ...board, ...by.onBoard } : board,
    ...(by ? { order: { ...empty.order, own: by.own }, stepPictures: by.stepPictures } : {}),
  };
}

/** The examples that ship with the product: kit files by their names, and the index that lists them. */
export async function exampleFiles(
  csvOf: (file: string) => string,
): Promise<ReadonlyMap<string, Uint8Array>> {
  const documents = await Promise.all(
    demoKits.map(async (demo) => ({ demo, document: await documentOf(demo, csvOf(demo.file)) })),
  );
  const examples = documents.map(({ demo, document }) => {
    return {
      document,
      entry: {
        file: demo.file.replace(/\.csv$/, kitFileEnding),
        name: demo.name,
        description: demo.description,
        pieces: piecesInBag(document.lines.map(({ part }) => part)),
      },
    };
  });
  const index = JSON.stringify(
    examples.map(({ entry }) => entry),
    null,
    2,
  );
  return new Map([
    ['index.json', new TextEncoder().encode(`${index}\n`)],
    ...examples.map(
      ({ entry, document }) => [entry.file, packKitFile({ ...document }, {})] as const,
    ),
  ]);
}
