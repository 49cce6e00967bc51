import type { SentStepPicture } from '#contract/pictures';
import type { Board } from '#core/board/board';
import type { OwnSteps } from '#core/order/own/own';
import type { PictureMark, StepPicture } from '#core/order/own/pictures';
import type { OwnText } from '#core/words/ownText';
import closedCase from './pictures/closed-case.png?inline';
import meterOnSocket from './pictures/meter-on-socket.png?inline';
import probeTips from './pictures/probe-tips.png?inline';
import type { DemoKitName } from './scenario.ts';

/** What an instructor has added to a kit by hand: steps in two languages, pictures, its case and its cables. */
export interface InstructorsOwn {
  readonly own: OwnSteps;
  readonly stepPictures: readonly SentStepPicture[];
  readonly onBoard: Pick<Board, 'panels' | 'cables'>;
}

/** Drawn from the `.svg` beside them by `npm run pictures`; every one says that it is a drawing. */
const images = { probeTips, meterOnSocket, closedCase };
const [widthPx, heightPx] = [800, 600];

async function hashOf(image: string): Promise<string> {
  const bytes = Uint8Array.from(atob(image.split(',')[1] ?? ''), (char) => char.charCodeAt(0));
  const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return [...hash].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** The tester on strip board goes into a case, and its probes are made on a jig. */
async function wireFinderOwn(): Promise<InstructorsOwn> {
  const picture = async (
    image: string,
    alt: OwnText,
    marks: readonly PictureMark[],
  ): Promise<StepPicture> => ({ hash: await hashOf(image), widthPx, heightPx, alt, marks });
  return {
    stepPictures: await Promise.all(
      Object.values(images).map(async (image) => ({ hash: await hashOf(image), image })),
    ),
    own: {
      changed: [
        {
          at: 'check-function',
          basis: 'function|',
          words: {
            how: {
              en: 'Put the battery on its clip.\nTouch the probes together, then hold them apart.',
              de: 'Die Batterie an den Clip stecken.\nDie Prüfspitzen zusammenhalten, dann auseinander.',
            },
            expects: {
              en: 'It beeps while the probes touch, and is silent when they do not.',
              de: 'Es piepst, solange sich die Spitzen berühren, und ist still, wenn nicht.',
            },
          },
        },
      ],
      added: [
        {
          id: 'probes',
          sort: 'work',
          after: 'BZ1',
          words: {
            title: {
              en: 'Make the ends of the probe wires',
              de: 'Die Enden der Prüfleitungen machen',
            },
            how: {
              en: 'Push the wire against the stop and strip it there.\nTwist the strands and tin them.',
              de: 'Die Leitung an den Anschlag schieben und dort abisolieren.\nDie Litze verdrillen und verzinnen.',
            },
            look: {
              en: 'No single strand stands out.',
              de: 'Kein einzelner Draht steht ab.',
            },
            repeat: {
              times: 4,
              jig: {
                en: 'the stripping board with its stop',
                de: 'dem Abisolierbrett mit Anschlag',
              },
              minutesEach: 1,
            },
            pictures: [
              await picture(
                probeTips,
                {
                  en: 'Drawing: a red wire lies on a board against a stop, its end bare and twisted; below it a black one, tinned, 5 mm bare.',
                  de: 'Zeichnung: eine rote Leitung liegt auf einem Brett am Anschlag, ihr Ende blank und verdrillt; darunter eine schwarze, verzinnt, 5 mm blank.',
                },
                [
                  {
                    sort: 'arrow',
                    from: { x: 0.85, y: 0.25 },
                    to: { x: 0.68, y: 0.44 },
                    label: { en: 'stop', de: 'Anschlag' },
                  },
                ],
              ),
            ],
          },
        },
        {
          id: 'supply-at-the-socket',
          sort: 'check',
          after: 'check-first-power',
          words: {
            title: { en: 'Is the supply at the socket?', de: 'Ist die Spannung an der Fassung?' },
            how: {
              en: 'The chip is still out. Set the meter to 20 V.\nHold the probe wires of the kit together.',
              de: 'Der Chip ist noch nicht drin. Das Multimeter auf 20 V stellen.\nDie Prüfleitungen des Bausatzes zusammenhalten.',
            },
            measure: {
              unit: 'volt',
              at: {
                en: 'from pin 8 (red) to pin 1 (black) of X1',
                de: 'von Pin 8 (rot) nach Pin 1 (schwarz) von X1',
              },
              least: 7.5,
              most: 9.9,
            },
            pictures: [
              await picture(
                meterOnSocket,
                {
                  en: 'Drawing: a meter shows 9.12. Its red probe is on the upper left corner of the socket, the black one on the lower left; the notch is at the left.',
                  de: 'Zeichnung: ein Multimeter zeigt 9.12. Die rote Spitze ist oben links an der Fassung, die schwarze unten links; die Kerbe ist links.',
                },
                [
                  {
                    sort: 'ring',
                    from: { x: 0.325, y: 0.62 },
                    to: { x: 0.275, y: 0.595 },
                    label: { en: 'pin 8', de: 'Pin 8' },
                  },
                  {
                    sort: 'ring',
                    from: { x: 0.325, y: 0.78 },
                    to: { x: 0.275, y: 0.755 },
                    label: { en: 'pin 1', de: 'Pin 1' },
                  },
                ],
              ),
            ],
          },
        },
        {
          id: 'case',
          sort: 'work',
          after: 'check-function',
          words: {
            title: { en: 'Close the case', de: 'Das Gehäuse schließen' },
            how: {
              en: 'Battery off its clip.\nPull the probe wires out through the grommets until the knots sit inside.\nPut the lid on and tighten its screws by hand.',
              de: 'Die Batterie vom Clip nehmen.\nDie Prüfleitungen durch die Tüllen ziehen, bis die Knoten innen anliegen.\nDen Deckel aufsetzen und die Schrauben von Hand anziehen.',
            },
            look: {
              en: 'No wire is caught under the lid.',
              de: 'Keine Leitung ist unter dem Deckel eingeklemmt.',
            },
            minutes: 6,
            pictures: [
              await picture(
                closedCase,
                {
                  en: 'Drawing: a closed case with a round opening in its lid; a red and a black wire come out of two grommets in its front.',
                  de: 'Zeichnung: ein geschlossenes Gehäuse mit rundem Loch im Deckel; vorn kommen eine rote und eine schwarze Leitung aus zwei Tüllen.',
                },
                [
                  {
                    sort: 'arrow',
                    from: { x: 0.2, y: 0.25 },
                    to: { x: 0.5, y: 0.47 },
                    label: { en: 'sounder', de: 'Summer' },
                  },
                ],
              ),
            ],
          },
        },
      ],
      hidden: [],
    },
    onBoard: {
      panels: [
        {
          name: 'Lid',
          widthMm: 84,
          heightMm: 54,
          fromX: 'left',
          fromY: 'top',
          holes: [
            { xMm: 28, yMm: 27, diameterMm: 12, what: 'sounder' },
            { xMm: 5, yMm: 5, diameterMm: 3.2, what: 'screw' },
            { xMm: 79, yMm: 49, diameterMm: 3.2, what: 'screw' },
          ],
        },
        {
          name: 'Front',
          widthMm: 84,
          heightMm: 30,
          fromX: 'left',
          fromY: 'bottom',
          holes: [
            { xMm: 20, yMm: 12, diameterMm: 6.5, what: 'grommet, red probe' },
            { xMm: 64, yMm: 12, diameterMm: 6.5, what: 'grommet, black probe' },
          ],
        },
      ],
      cables: [
        {
          name: 'Probe leads',
          mm: 400,
          through: 'the grommets of the front panel',
          cores: [
            { colour: 'red', from: 'W1', to: 'red probe' },
            { colour: 'black', from: 'W2', to: 'black probe' },
          ],
        },
      ],
    },
  };
}

/** By kit; most kits are as they were computed. */
export const demoOwn: Readonly<Partial<Record<DemoKitName, () => Promise<InstructorsOwn>>>> = {
  'Wire Finder': wireFinderOwn,
};
