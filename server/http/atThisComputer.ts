import type { Request } from 'express';
import { cameBy } from './cameBy.ts';

/**
 * Whether the page is open on the computer itself, by its own address: not through a proxy, not by the room's door, and
 * not by a page from elsewhere whose name was made to lead here.
 */
export function isAtThisComputer(request: Request): boolean {
  const { host = '', origin } = request.headers;
  return (
    cameBy(request) === 'machine' &&
    isLoopback(request.socket.remoteAddress) &&
    !forwarding.some((header) => header in request.headers) &&
    /^(127(\.\d+){3}|localhost|\[::1\])(:\d+)?$/.test(host) &&
    (origin === undefined || origin === `${request.protocol}://${host}`)
  );
}

/** What proxies add. */
const forwarding = [
  'forwarded',
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-proto',
  'x-real-ip',
  'via',
];

const isLoopback = (address: string | undefined) =>
  address === '::1' || address?.replace('::ffff:', '').startsWith('127.') === true;
