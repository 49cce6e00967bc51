import { useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { Deed } from '#core/build/event';
import type { SeatState } from '#core/build/foldSeat';
import { FileInput } from '../ui/FileInput.tsx';
import { SeatPhoto } from '../ui/photo/SeatPhoto.tsx';
import { usePhotos } from '../ui/photo/usePhotos.ts';

interface BoardPhotoProps {
  readonly token: string;
  readonly state: SeatState;
  readonly report: (deed: Deed) => void;
}

/** Photos of the learner's own board: staff see them too, and the sheet to take home shows the last one. */
export function BoardPhoto({ token, state, report }: BoardPhotoProps) {
  const { t } = useTranslation();
  const input = useRef<HTMLInputElement>(null);
  const { take, problem, waiting } = usePhotos({ token }, report);
  const photos = state.photos.filter(({ of }) => of === 'board');
  return (
    <section aria-labelledby="photo-title">
      <h2 id="photo-title">{t('seat.boardPhoto.title')}</h2>
      <p>{t('seat.boardPhoto.whoSees')}</p>
      <button type="button" className="side-button" onClick={() => input.current?.click()}>
        {t('ui.photo.take')}
      </button>
      <FileInput
        label={t('seat.boardPhoto.title')}
        input={input}
        accept="image/*"
        camera
        take={(file) => take(file, 'board')}
      />
      {problem && <p role="alert">{t(`ui.photo.${problem}`)}</p>}
      {waiting > 0 && <p role="status">{t('ui.photo.waiting', { count: waiting })}</p>}
      <ul className="photos">
        {photos.map(({ eventId, photo, by }) => (
          <li key={eventId}>
            <SeatPhoto place={{ token }} photoId={photo} alt={t('ui.photo.of.board')} />
            {by === 'learner' && (
              <button
                type="button"
                className="text-button"
                onClick={() => report({ kind: 'undo', undoes: eventId })}
              >
                {t('seat.boardPhoto.delete')}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
