import { useTranslation } from 'react-i18next';
import { Glyph } from '../ui/Glyph.tsx';

interface NetworkProps {
  readonly connected: boolean;
  /** Entries that the server has not acknowledged. */
  readonly waiting: number;
}

/** Says plainly whether what was entered has arrived. Over plain HTTP browsers keep no pages for when there is no network. */
export function Network({ connected, waiting }: NetworkProps) {
  const { t } = useTranslation();
  if (!connected) {
    return (
      <span role="status" className="network network-off">
        <Glyph name="ring" />{' '}
        {waiting > 0 ? t('seat.offlineWaiting', { count: waiting }) : t('seat.offline')}
        {globalThis.isSecureContext === false && <strong> {t('seat.doNotReload')}</strong>}
      </span>
    );
  }
  return (
    <span role="status" className="network">
      {waiting > 0 ? (
        t('seat.sending', { count: waiting })
      ) : (
        <>
          <Glyph name="dot" /> {t('seat.saved')}
        </>
      )}
    </span>
  );
}
