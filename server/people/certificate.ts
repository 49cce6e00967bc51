import { builtOf } from '#core/build/built';
import { opportunitiesOf, stateOfBuild } from '#core/learning/builds';
import { estimatesOf } from '#core/learning/skillEstimates';
import type { StoredBuild } from '../builds/queries.ts';
import { timeInWords } from '../clock/siteTime.ts';
import { makePdf, mm } from '../papers/pdf.ts';
import type { Speaker } from '../words/speak.ts';

/** A certificate of a finished board, with the skills that its steps have shown. */
export function certificatePdf(
  { t, locale }: Speaker,
  name: string,
  build: StoredBuild,
): Promise<Buffer> {
  const state = stateOfBuild(build);
  const day = timeInWords(locale, state.finishedAt ?? build.startsAt, { dateStyle: 'long' });
  const joints = build.steps.reduce(
    (sum, step) => sum + (step.kind === 'check' ? 0 : step.joints),
    0,
  );
  const { checked, claimed } = builtOf(build.steps, state);
  const shown = estimatesOf(opportunitiesOf([build])).filter(
    ({ right }) => right.of > 0 && right.count > 0,
  );
  return makePdf({
    pageSize: 'A4',
    pageOrientation: 'landscape',
    pageMargins: [mm(28), mm(26), mm(28), mm(20)],
    info: { title: `${name}: ${build.kitName}` },
    background: (_page, { width, height }) => ({
      canvas: [
        {
          type: 'rect',
          x: mm(10),
          y: mm(10),
          w: width - mm(20),
          h: height - mm(20),
          lineWidth: 2,
          lineColor: '#8f4517',
        },
        {
          type: 'rect',
          x: mm(12),
          y: mm(12),
          w: width - mm(24),
          h: height - mm(24),
          lineWidth: 0.6,
          lineColor: '#1b5e3c',
        },
      ],
    }),
    content: [
      { text: build.workshopTitle, fontSize: 13, color: '#62564a' },
      { text: name, fontSize: 46, bold: true, margin: [0, 24, 0, 8] },
      {
        text: t('papers.certificate.hasBuilt', { kit: build.kitName, count: joints }),
        fontSize: 19,
        margin: [0, 0, 0, 8],
      },
      {
        text:
          checked > 0
            ? t('papers.certificate.checked', { count: checked, of: claimed })
            : t('papers.certificate.notChecked'),
        fontSize: 13,
        margin: [0, 0, 0, 8],
      },
      { text: day, fontSize: 14, margin: [0, 0, 0, 26] },
      { text: t('papers.certificate.shown'), fontSize: 14, bold: true, margin: [0, 0, 0, 8] },
      {
        columns: [0, 1].map((column) => ({
          ul: shown
            .filter((_, index) => index % 2 === column)
            .map(({ skill, right }) => ({
              text: t('papers.certificate.right', {
                skill: t(`skill.${skill}.name`),
                right: right.count,
                count: right.of,
              }),
              fontSize: 13,
              margin: [0, 1, 0, 1] as [number, number, number, number],
            })),
        })),
      },
      {
        margin: [0, 70, 0, 0],
        columns: [
          {
            text: `_______________________________\n${t('papers.certificate.instructor')}`,
            fontSize: 11,
          },
          {
            text: `_______________________________\n${t('papers.certificate.placeAndDate')}`,
            fontSize: 11,
          },
        ],
      },
    ],
  });
}
