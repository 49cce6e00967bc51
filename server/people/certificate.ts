import { builtOf } from '#core/build/built';
import type { SeatState } from '#core/build/foldSeat';
import { stateOfBuild } from '#core/learning/builds';
import { measuringOf } from '#core/order/checks/measuring';
import { readingWords } from '#core/words/orderWords';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import type { StoredBuild } from '../builds/queries.ts';
import { timeInWords } from '../clock/siteTime.ts';
import { makePdf, mm } from '../papers/pdf.ts';
import type { Speaker } from '../words/speak.ts';

/** More lines than these have no room on the sheet; the rest is counted. */
const mostLines = 16;

/** What staff have looked at and what a meter showed, by whom and when; what was only tapped is no part of it. */
function seenOf(
  { t, locale }: Speaker,
  { steps }: Pick<StoredBuild, 'steps'>,
  { checkedGood, readings }: SeatState,
): readonly string[] {
  const when = (at: string) => timeInWords(locale, at, { dateStyle: 'short', timeStyle: 'short' });
  const lines = steps.flatMap((step) => {
    const places = stepPlaces(step);
    const what = [stepTitle(t, step), places && `(${places})`].filter(Boolean).join(' ');
    const looked = checkedGood.find(({ stepId }) => stepId === step.id);
    const reading = readings.findLast(({ stepId }) => stepId === step.id);
    const isRight = reading && measuringOf(step)?.judge(reading.amount) === 'right';
    return [
      ...(looked
        ? [
            t('papers.certificate.checkedBy', {
              what,
              by: looked.helper ?? t('papers.certificate.theInstructor'),
              when: when(looked.at),
            }),
          ]
        : []),
      ...(isRight
        ? [
            t('papers.certificate.measured', {
              what: stepTitle(t, step),
              reading: readingWords(t, step, reading.amount),
              when: when(reading.at),
            }),
          ]
        : []),
    ];
  });
  return lines.length <= mostLines
    ? lines
    : [
        ...lines.slice(0, mostLines - 1),
        t('papers.certificate.more', { count: lines.length - mostLines + 1 }),
      ];
}

/** A certificate of a finished board: what was seen of it, by whom and when, and nothing else. */
export function certificatePdf(
  speaker: Speaker,
  name: string,
  build: StoredBuild,
): Promise<Buffer> {
  const { t, locale } = speaker;
  const state = stateOfBuild(build);
  const day = timeInWords(locale, state.finishedAt ?? build.startsAt, { dateStyle: 'long' });
  const joints = build.steps.reduce(
    (sum, step) => sum + (step.kind === 'check' ? 0 : step.joints),
    0,
  );
  const { checked, claimed } = builtOf(build.steps, state);
  const seen = seenOf(speaker, build, state);
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
      ...(seen.length === 0
        ? []
        : [
            {
              text: t('papers.certificate.seen'),
              fontSize: 14,
              bold: true,
              margin: [0, 0, 0, 8] as [number, number, number, number],
            },
            {
              columns: [0, 1].map((column) => ({
                ul: seen
                  .filter((_, index) => index % 2 === column)
                  .map((text) => ({
                    text,
                    fontSize: 11,
                    margin: [0, 1, 0, 1] as [number, number, number, number],
                  })),
              })),
            },
          ]),
      {
        margin: [0, 50, 0, 0],
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
