import { does } from './amounts.ts';
import { type Model, named } from './model.ts';

/** It takes nothing at rest; whether it swings depends on what drives it, which is not followed here. */
export const timebase: Model = {
  id: 'timebase',
  source: 'as a few picofarads; that it swings is not worked out',
  takes: (part) => does(part, 'timebase'),
  assumes: () => 'crystal-still',
  cards: (at) =>
    at.isJoined(3)
      ? [1, 3].map((pin) => `${named('C', at, String(pin))} ${at.node(pin)} ${at.node(2)} 20p`)
      : [`${named('C', at)} ${at.node(1)} ${at.node(2)} 5p`],
};
