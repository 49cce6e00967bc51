import { useEffect, useState } from 'react';
import { v7 as newId } from 'uuid';
import type { Deed, PhotoSubject } from '#core/build/event';
import { keepPhotoHere, type PhotoPlace, sendPhotos } from '../../app/photoBox.ts';
import { smallPicture } from '../picture/smallPicture.ts';

/** Longer side of a photo that is kept, in dots: a joint can be told, and a room full of them is sent over bad Wi-Fi. */
const longestSide = 1280;

/** How often what waits is tried again, in ms. */
const tryAgainMs = 15_000;

export interface Photos {
  /** Keeps a photo and says so in the log. */
  readonly take: (file: File, of: PhotoSubject, mistake?: string) => Promise<void>;
  /** The last file was no picture that this browser can open, or could neither be kept nor sent. */
  readonly problem: 'wrong' | 'notKept' | undefined;
  /** How many wait on this device for the network. */
  readonly waiting: number;
}

/** Photos of a seat: made small, kept on this device, and sent when the network allows. */
export function usePhotos(place: PhotoPlace, report: (deed: Deed) => void): Photos {
  const [problem, setProblem] = useState<Photos['problem']>();
  const [waiting, setWaiting] = useState(0);
  useEffect(() => {
    const flush = () => void sendPhotos().then(setWaiting);
    flush();
    const timer = setInterval(flush, tryAgainMs);
    addEventListener('online', flush);
    return () => {
      clearInterval(timer);
      removeEventListener('online', flush);
    };
  }, []);
  return {
    problem,
    waiting,
    take: async (file, of, mistake) => {
      const small = await smallPicture(file, longestSide).catch(() => undefined);
      if (!small) return setProblem('wrong');
      const photo = newId();
      const isKept = await keepPhotoHere(photo, place, small.image).then(
        () => true,
        () => false,
      );
      setProblem(isKept ? undefined : 'notKept');
      if (!isKept) return;
      report({ kind: 'photo', photo, of, ...(mistake === undefined ? {} : { mistake }) });
      setWaiting(await sendPhotos());
    },
  };
}
