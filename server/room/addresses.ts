import { networkInterfaces } from 'node:os';
import type { FoundAddress } from '#contract/room';

/** The addresses that devices of a network could reach this computer by: IPv4, since that is what phones are given. */
export function addressesFound(): FoundAddress[] {
  return Object.entries(networkInterfaces()).flatMap(([network, found]) =>
    (found ?? []).flatMap(({ address, family, internal }) =>
      family === 'IPv4' && !internal ? [{ address, network }] : [],
    ),
  );
}
