import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { OpenDocument } from '../../lists/useListFile.ts';
import { KitFromDocument } from './KitFromDocument.tsx';
import '../kits.css';

/** What `examples/index.json` says of each kit file beside it. */
interface Example {
  readonly file: string;
  readonly name: string;
  readonly description: string;
  readonly pieces: number;
}

/** Kits that ship with the product: a first one to look at, or to change into one’s own. */
export function Examples() {
  const { t } = useTranslation();
  const [examples, setExamples] = useState<readonly Example[]>([]);
  const [chosen, setChosen] = useState<OpenDocument>();
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    fetch('/examples/index.json')
      .then((response) => response.json())
      .then(setExamples, () => setFailed(true));
  }, []);
  const open = async (file: string) => {
    try {
      const response = await fetch(`/examples/${file}`);
      const { openKitFile } = await import('#core/kitfile/kitFile');
      const kit = openKitFile(new Uint8Array(await response.arrayBuffer()));
      if (!kit.ok) return setFailed(true);
      setFailed(false);
      return setChosen(kit.value);
    } catch {
      return setFailed(true);
    }
  };
  return (
    <>
      <Typography sx={{ mb: 2, maxWidth: '70ch' }}>{t('kits.newKit.exampleText')}</Typography>
      {failed && <p role="alert">{t('kits.newKit.exampleFailed')}</p>}
      <ul className="kit-cards" aria-label={t('kits.newKit.door.example')}>
        {examples.map(({ file, name, description, pieces }) => (
          <li key={file} className="kit-card is-plain">
            <h2>{name}</h2>
            <p>{description}</p>
            <p>{t('kits.newKit.pieces', { count: pieces })}</p>
            <Button
              variant={chosen?.name === name ? 'contained' : 'outlined'}
              onClick={() => void open(file)}
              aria-label={t('kits.newKit.take', { name })}
            >
              {t('kits.newKit.takeThis')}
            </Button>
          </li>
        ))}
      </ul>
      {chosen && (
        <Box sx={{ mt: 3 }}>
          <KitFromDocument key={String(chosen.name)} document={chosen} />
        </Box>
      )}
    </>
  );
}
