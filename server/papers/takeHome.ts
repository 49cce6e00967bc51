import type { Content } from 'pdfmake/interfaces.js';
import { builtOf } from '#core/build/built';
import type { BuildEvent } from '#core/build/event';
import { foldSeat } from '#core/build/foldSeat';
import { familyOf } from '#core/parts/families/index';
import type { Hazard } from '#core/parts/family';
import type { Part } from '#core/parts/part';
import { hasHazard } from '#core/safety/hasHazard';
import { partName } from '#core/words/partWords';
import { timeInWords } from '../clock/siteTime.ts';
import type { SeatPhoto } from '../photos/queries.ts';
import type { StoredSeat } from '../seats/queries.ts';
import type { Speaker } from '../words/speak.ts';
import { least, makePaper, mm } from './pdf.ts';

/** What is said besides of parts that can hurt somebody at home. */
const harmLines = {
  'button-cell': 'buttonCell',
  lithium: 'lithium',
  bright: 'bright',
  laser: 'bright',
} as const;

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
  // Where nothing of a battery is in the list, it is fed from outside.
  const power = fitted.some((part) => familyOf(part).power !== 'none') ? 'battery' : 'plug';
  const has = (hazard: Hazard) => hasHazard(hazard)({ parts: fitted });
  const isDangerous = has('high-voltage');
  const harms = (Object.keys(harmLines) as (keyof typeof harmLines)[])
    .filter(has)
    .map((hazard) => harmLines[hazard]);
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
      ...(isDangerous
        ? section(say('highVoltage.title'), [
            say('highVoltage.carries'),
            say('highVoltage.stays'),
            say('highVoltage.who'),
            say('highVoltage.bring'),
          ])
        : []),
      ...section(say(`supply.${power}`), [
        supplyVolt === null ? say('supplyUnknown') : say('supplyVolt', { volt: supplyVolt }),
        ...cells.map((part) => say('cell', { pieces: part.quantity, cell: partName(t, part) })),
        say(`rightWay.${power}`),
        say(`takeOut.${power}`),
        ...new Set(harms.map((line) => say(line))),
      ]),
      ...section(say('care'), [say(`dry.${power}`), say('wires'), say(`metal.${power}`)]),
      // Nobody is sent to look for a fault where it can hurt.
      ...(isDangerous
        ? []
        : [
            ...section(say('ifItStops'), [
              say(`fresh.${power}`),
              say(`lookAtJoints.${power}`),
              ...(turned.length > 0
                ? [
                    say('wayRound', {
                      places: turned.flatMap(({ designators }) => designators).join(', '),
                    }),
                  ]
                : []),
              say('bringItBack'),
            ]),
            ...section(say('safety'), [
              say(`powerOff.${power}`),
              say(`hot.${power}`),
              say('smoke'),
              say('qualified'),
            ]),
          ]),
    ],
  });
}
