import { useTranslation } from 'react-i18next';

interface NetworkProps {
  readonly connected: boolean;
  /** Entries that the server has not acknowledged. */
  readonly waiting: number;
}

/** Says plainly whether what was entered has arrived. */
export function Network({ connected, waiting }: NetworkProps) {
  const { t } = useTranslation();
  if (!connected) {
    return (
      <span role="status" className="network network-off">
        <span aria-hidden="true">◌ </span>
        {waiting > 0 ? t('seat.offlineWaiting', { count: waiting }) : t('seat.offline')}
      </span>
    );
  }
  return (
    <span role="status" className="network">
      {waiting > 0 ? (
        t('seat.sending', { count: waiting })
      ) : (
        <>
          <span aria-hidden="true">● </span>
          {t('seat.saved')}
        </>
      )}
    </span>
  );
}
