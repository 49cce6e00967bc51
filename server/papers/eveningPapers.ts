import { PDFDocument } from 'pdf-lib';
import type { KitPaper, SheetSize, WorkshopPaper } from '#contract/papers';
import type { Speaker } from '../words/speak.ts';
import { kitPaperDefinitions } from './kitPapers.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import type { BagsToPack } from './workshopPaper.ts';
import { workshopPaperDefinitions } from './workshopPapers.ts';

/** What an evening needs on paper, in the order in which it is used. */
const ofWorkshop: readonly WorkshopPaper[] = [
  'checklist',
  'seat-plan',
  'count-sheet',
  'bag-list',
  'bag-labels',
];
const ofKit: readonly KitPaper[] = ['resistor-card', 'step-sheets'];

/** Everything for the evening as one file to print. */
export async function eveningPdf(
  bags: BagsToPack,
  kit: PlannedRevision,
  size: SheetSize,
  speaker: Speaker,
): Promise<Buffer> {
  const all = await PDFDocument.create();
  all.setTitle(speaker.t('papers.evening.title', { title: bags.title }));
  const papers = [
    ...ofWorkshop.map((paper) =>
      workshopPaperDefinitions[paper].pdf(bags, { size, order: 'kind', speaker }),
    ),
    ...ofKit.map((paper) => kitPaperDefinitions[paper].pdf(kit, { size, steps: 'small', speaker })),
  ];
  for (const paper of papers) {
    const one = await PDFDocument.load(await paper);
    for (const page of await all.copyPages(one, one.getPageIndices())) all.addPage(page);
  }
  return Buffer.from(await all.save());
}
