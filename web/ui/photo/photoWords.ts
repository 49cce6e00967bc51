import type { TFunction } from 'i18next';
import type { Photo, SeatState } from '#core/build/foldSeat';

/** What a photo shows: “Photo before: Wrong value”. */
export function photoWords(
  t: TFunction,
  { mistakes }: Pick<SeatState, 'mistakes'>,
  { of, mistake }: Pick<Photo, 'of' | 'mistake'>,
): string {
  const shown = mistakes.find(({ eventId }) => eventId === mistake);
  const what = shown
    ? [t(`mistake.${shown.mistake}.name`), shown.designator].filter(Boolean).join(' ')
    : '–';
  return t(`ui.photo.of.${of}`, { what });
}
