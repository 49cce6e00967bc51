import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type PhotoPlace, photoAddress, photoHere } from '../../app/photoBox.ts';
import './photo.css';

interface SeatPhotoProps {
  readonly place: PhotoPlace;
  readonly photoId: string;
  /** What it shows. */
  readonly alt: string;
}

/** The photo was taken on another device and is not on the server yet: it is asked for again so often, in ms. */
const askAgainMs = 10_000;

/** A photo of a seat, large when it is tapped; from this device as long as the server does not have it. */
export function SeatPhoto({ place, photoId, alt }: SeatPhotoProps) {
  const { t } = useTranslation();
  const [here, setHere] = useState<string>();
  const [isMissing, setIsMissing] = useState(false);
  useEffect(() => {
    let isWanted = true;
    void photoHere(photoId).then((image) => isWanted && setHere(image));
    return () => {
      isWanted = false;
    };
  }, [photoId]);
  useEffect(() => {
    if (!isMissing) return;
    const timer = setTimeout(() => setIsMissing(false), askAgainMs);
    return () => clearTimeout(timer);
  }, [isMissing]);
  const address = here ?? photoAddress(place, photoId);
  if (isMissing && here === undefined) {
    return <span className="photo-missing">{t('ui.photo.notHereYet', { what: alt })}</span>;
  }
  const picture = <img src={address} alt={alt} onError={() => setIsMissing(true)} />;
  // Browsers open no page of what is only here.
  return here === undefined ? (
    <a className="photo" href={address} target="_blank" rel="noreferrer">
      {picture}
    </a>
  ) : (
    <span className="photo">{picture}</span>
  );
}
