import { emptyDocument, type KitDocument } from '#contract/kitDocument';
import { kitFileEnding, packKitFile } from '#core/kitfile/kitFile';
import { guessMapping } from '#core/partslist/columns';
import { readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import { piecesInBag } from '#core/stores/packing';
import { demoBoards } from './boards.ts';
import { type DemoKit, demoKits } from './scenario.ts';

/** A kit of the demo as a document: its list as the import reads it, with what was found out about it since. */
export function documentOf(demo: DemoKit, csv: string): KitDocument {
  const table = readTable(csv);
  if (!table.ok) throw new Error(table.problem.says);
  const { lines } = readPartsList(table.value, guessMapping(table.value));
  const { backdrop = null, ...board } = demoBoards[demo.name];
  return {
    ...emptyDocument(demo.name),
    description: demo.description,
    tags: demo.tags,
    supplyVolt: demo.supplyVolt,
    lines: lines.map(({ part, confidence, doubts }) => {
      const lotNote = demo.lotNotes[part.designators[0] ?? ''];
      const line = { confidence, part: lotNote ? { ...part, lotNote } : part };
      return doubts ? { ...line, doubts } : line;
    }),
    errata: [...demo.errata],
    board,
    backdrop,
  };
}

/** The examples that ship with the product: kit files by their names, and the index that lists them. */
export function exampleFiles(csvOf: (file: string) => string): ReadonlyMap<string, Uint8Array> {
  const examples = demoKits.map((demo) => {
    const document = documentOf(demo, csvOf(demo.file));
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
