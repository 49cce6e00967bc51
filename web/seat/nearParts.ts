import type { Room } from '#core/board/view';

/** How much of the board is drawn about what a learner is at: nothing larger than when 30 mm fill the width. */
export const nearParts: Room = {
  besideMm: 7,
  aboveMm: 3.5,
  leastWidthMm: 30,
  leastHeightMm: 18,
};
