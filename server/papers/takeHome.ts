import type { Content } from 'pdfmake/interfaces.js';
import { builtOf } from '#core/build/built';
import type { BuildEvent } from '#core/build/event';
import { foldSeat } from '#core/build/foldSeat';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { hasHazard } from '#core/safety/hasHazard';
import { partName } from '#core/words/partWords';
import { timeInWords } from '../clock/siteTime.ts';
import type { SeatPhoto } from '../photos/queries.ts';
import type { StoredSeat } from '../seats/queries.ts';
import type { Speaker } from '../words/speak.ts';
import { least, makePaper, mm } from './pdf.ts';

/**
 * What goes home with a board. It says what is known of this kit, and where something is not known that it is not.
 * The cautions are the usual ones of small battery circuits (common practice).
 *
 * @param parts of the kit's list
 * @param supplyVolt in V; null where nobody has said
 * @param photo of the board, where there is one
 */
export function takeHomePdf(
  { t, locale }: Speaker,
  seat: StoredSeat,
  events: readonly BuildEvent[],
  parts: readonly Part[],
  supplyVolt: number | null,
  photo: SeatPhoto | undefined,
): Promise<Buffer> {
  const state = foldSeat(
    seat.steps.map(({ id }) => id),
    events,
  );
  const { checked, claimed } = builtOf(seat.steps, state);
  const fitted = parts.filter(({ supply }) => supply !== 'spare');
  const cells = fitted.filter((part) => familyOf(part).power === 'cells');
  const turned = fitted.filter(
    (part) => part.designators.length > 0 && familyOf(part).polarity === 'polarised',
  );
  const day = timeInWords(locale, state.finishedAt ?? seat.startsAt, { dateStyle: 'long' });
  const section = (title: string, lines: readonly string[]): Content[] => [
    { text: title, bold: true, fontSize: 14, margin: [0, 12, 0, 4] },
    { ul: [...lines], fontSize: least + 1 },
  ];
  const say = (key: string, values: Record<string, unknown> = {}) =>
    t(`papers.takeHome.${key}`, values);
  return makePaper({
    title: seat.kitName,
    facts:
      seat.name === ''
        ? say('madeOn', { day, workshop: seat.workshopTitle })
        : say('madeBy', { name: seat.name, day, workshop: seat.workshopTitle }),
    size: 'a4',
    content: [
      ...(seat.kitDescription === ''
        ? []
        : [
            {
              text: seat.kitDescription,
              fontSize: least + 2,
              margin: [0, 4, 0, 4] as [number, number, number, number],
            },
          ]),
      ...(photo
        ? [
            {
              image: `data:${photo.mediaType};base64,${Buffer.from(photo.bytes).toString('base64')}`,
              fit: [mm(80), mm(60)] as [number, number],
              margin: [0, 4, 0, 4] as [number, number, number, number],
            },
          ]
        : []),
      {
        text: checked > 0 ? say('checked', { count: checked, of: claimed }) : say('notChecked'),
        fontSize: least + 1,
      },
      ...section(
        say('inIt'),
        fitted
          .filter(({ designators }) => designators.length > 0)
          .map(
            (part) => `${part.quantity} × ${partName(t, part)} (${part.designators.join(', ')})`,
          ),
      ),
      ...section(say('supply'), [
        supplyVolt === null ? say('supplyUnknown') : say('supplyVolt', { volt: supplyVolt }),
        ...cells.map((part) => say('cell', { pieces: part.quantity, cell: partName(t, part) })),
        say('rightWay'),
        say('takeOut'),
        ...(hasHazard('button-cell')({ parts: fitted }) ? [say('buttonCell')] : []),
      ]),
      ...section(say('care'), [say('dry'), say('wires'), say('metal')]),
      ...section(say('ifItStops'), [
        say('freshCell'),
        say('lookAtJoints'),
        ...(turned.length > 0
          ? [
              say('wayRound', {
                places: turned.flatMap(({ designators }) => designators).join(', '),
              }),
            ]
          : []),
        say('bringItBack'),
      ]),
      ...section(say('safety'), [say('powerOff'), say('hot'), say('smoke'), say('qualified')]),
    ],
  });
}
