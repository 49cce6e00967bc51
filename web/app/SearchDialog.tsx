import Dialog from '@mui/material/Dialog';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { everything, type Found, matching } from './search.ts';
import { useIsInstructor } from './staff.ts';
import './search.css';

/** Opens by Ctrl K on every page, and by the button in the head. */
export function useSearchKey(open: () => void): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return;
      event.preventDefault();
      open();
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, [open]);
}

interface SearchDialogProps {
  readonly open: boolean;
  readonly close: () => void;
}

/** Kits, workshops, people, pages and actions by their names, without the mouse. */
export function SearchDialog({ open, close }: SearchDialogProps) {
  const { t } = useTranslation();
  return (
    <Dialog
      open={open}
      onClose={close}
      fullWidth
      maxWidth="sm"
      aria-label={t('app.search.title')}
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start' } }}
    >
      <Search close={close} />
    </Dialog>
  );
}

function Search({ close }: { readonly close: () => void }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const isInstructor = useIsInstructor();
  const [all, setAll] = useState<readonly Found[]>([]);
  const [asked, setAsked] = useState('');
  const [at, setAt] = useState(0);
  const found = matching(all, asked);
  useEffect(() => {
    let isWanted = true;
    void everything(isInstructor).then((one) => isWanted && setAll(one));
    return () => {
      isWanted = false;
    };
  }, [isInstructor]);
  const go = (to: string) => {
    close();
    void navigate(to);
  };
  const press = (event: React.KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step !== undefined && found.length > 0) {
      event.preventDefault();
      setAt((at + step + found.length) % found.length);
    }
    const chosen = found[at];
    if (event.key === 'Enter' && chosen) go(chosen.to);
  };
  return (
    <div className="search">
      <input
        type="search"
        role="combobox"
        aria-label={t('app.search.title')}
        aria-expanded={found.length > 0}
        aria-controls="search-found"
        aria-activedescendant={found[at] ? `search-${at}` : undefined}
        placeholder={t('app.search.hint')}
        value={asked}
        // biome-ignore lint/a11y/noAutofocus: whoever opens the search types at once
        autoFocus
        onChange={({ target }) => {
          setAsked(target.value);
          setAt(0);
        }}
        onKeyDown={press}
      />
      <div id="search-found" role="listbox" aria-label={t('app.search.title')}>
        {found.map(({ kind, name, to }, index) => (
          // biome-ignore lint/a11y/useKeyWithClickEvents: the field has the keys
          <div
            key={to}
            id={`search-${index}`}
            role="option"
            tabIndex={-1}
            aria-selected={index === at}
            onClick={() => go(to)}
          >
            <span>{name}</span>
            <span className="search-kind">{t(`app.search.kind.${kind}`)}</span>
          </div>
        ))}
      </div>
      {asked.trim() !== '' && found.length === 0 && (
        <p role="status">{t('app.search.none', { asked })}</p>
      )}
    </div>
  );
}
