import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Deed, PhotoSubject } from '#core/build/event';
import type { SeatState } from '#core/build/foldSeat';
import { FileInput } from '../../ui/FileInput.tsx';
import { photoWords } from '../../ui/photo/photoWords.ts';
import { SeatPhoto } from '../../ui/photo/SeatPhoto.tsx';
import { usePhotos } from '../../ui/photo/usePhotos.ts';

interface SeatPhotosProps {
  readonly workshopId: string;
  readonly seatId: string;
  readonly state: SeatState;
  readonly report: (deed: Deed) => void;
}

interface Subject {
  readonly of: PhotoSubject;
  readonly mistake?: string;
}

/** Photos of a learner's board, and of mistakes before and after they were put right. */
export function SeatPhotos({ workshopId, seatId, state, report }: SeatPhotosProps) {
  const { t } = useTranslation();
  const place = { workshopId, seatId };
  const { take, problem, waiting } = usePhotos(place, report);
  const input = useRef<HTMLInputElement>(null);
  const subjects: readonly Subject[] = [
    { of: 'board' },
    ...state.mistakes.toReversed().flatMap(({ eventId: mistake }): Subject[] => [
      { of: 'before', mistake },
      { of: 'after', mistake },
    ]),
  ];
  const [chosen, setChosen] = useState(0);
  const subject = subjects[chosen] ?? subjects[0] ?? { of: 'board' };
  return (
    <section aria-label={t('workshops.photos.title')}>
      <div className="form-row">
        <TextField
          select
          size="small"
          label={t('workshops.photos.shows')}
          value={chosen < subjects.length ? chosen : 0}
          onChange={({ target }) => setChosen(Number(target.value))}
          sx={{ minWidth: 200, flex: 1 }}
        >
          {subjects.map((one, index) => (
            <MenuItem key={`${one.of} ${one.mistake}`} value={index}>
              {photoWords(t, state, one)}
            </MenuItem>
          ))}
        </TextField>
        <Button variant="outlined" color="inherit" onClick={() => input.current?.click()}>
          {t('ui.photo.take')}
        </Button>
      </div>
      <FileInput
        label={t('ui.photo.takeOf', { what: photoWords(t, state, subject) })}
        input={input}
        accept="image/*"
        camera
        take={(file) => take(file, subject.of, subject.mistake)}
      />
      {problem && <p role="alert">{t(`ui.photo.${problem}`)}</p>}
      {waiting > 0 && <p role="status">{t('ui.photo.waiting', { count: waiting })}</p>}
      <ul className="photos">
        {state.photos.map((photo) => {
          const words = photoWords(t, state, photo);
          return (
            <li key={photo.eventId}>
              <SeatPhoto place={place} photoId={photo.photo} alt={words} />
              <div>
                {words}{' '}
                <Button
                  size="small"
                  color="inherit"
                  aria-label={t('workshops.photos.deleteIt', { what: words })}
                  onClick={() => report({ kind: 'undo', undoes: photo.eventId })}
                >
                  {t('workshops.correct.delete')}
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
