import type { Message } from './foldSeat.ts';

type Timed = Pick<Message, 'at' | 'minutes' | 'readAt'>;

const endMs = ({ at, minutes = 0 }: Timed): number => Date.parse(at) + minutes * 60_000;

/** Whole minutes that a break still lasts, 0 when it is over; null of a message that is no break. */
export const minutesLeftOf = (message: Timed, now: Date): number | null =>
  message.minutes === undefined
    ? null
    : // Clocks of two devices differ a little: no break is longer than it was said to be.
      Math.min(message.minutes, Math.max(0, Math.ceil((endMs(message) - now.getTime()) / 60_000)));

export const isBreakOver = (message: Timed, now: Date): boolean =>
  minutesLeftOf(message, now) === 0;

/** Whether a seat still shows it: until it is read, and a break until it is over as well. */
export const isMessageOpen = (message: Timed, now: Date): boolean =>
  message.readAt === null || (message.minutes !== undefined && !isBreakOver(message, now));

/** What everybody is to see: told to every seat, and a break that lasts, or a stop that not all have read. */
export function onTheWall(
  seats: readonly { readonly messages: readonly Message[] }[],
  now: Date,
): Message | undefined {
  const [first, ...others] = seats;
  return first?.messages.findLast((message) => {
    const same = others.map(({ messages }) =>
      messages.find((one) => one.message === message.message),
    );
    if (same.includes(undefined)) return false;
    if (message.sort === 'break') return !isBreakOver(message, now);
    return message.sort === 'stop' && [message, ...same].some((one) => one?.readAt === null);
  });
}
