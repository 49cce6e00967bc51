import { useTranslation } from 'react-i18next';
import type { PersonBuild } from '#contract/people';
import { photoWords } from '../ui/photo/photoWords.ts';
import { SeatPhoto } from '../ui/photo/SeatPhoto.tsx';

/** The photos of one board, with what each shows. */
export function PersonPhotos({ build }: { readonly build: PersonBuild }) {
  const { t } = useTranslation();
  const { state, workshopId, seatId } = build;
  return (
    <ul className="photos">
      {state.photos.map((photo) => (
        <li key={photo.eventId}>
          <SeatPhoto
            place={{ workshopId, seatId }}
            photoId={photo.photo}
            alt={photoWords(t, state, photo)}
          />
          <div>{photoWords(t, state, photo)}</div>
        </li>
      ))}
    </ul>
  );
}
