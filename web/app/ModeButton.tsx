import DarkMode from '@mui/icons-material/DarkModeOutlined';
import LightMode from '@mui/icons-material/LightModeOutlined';
import IconButton from '@mui/material/IconButton';
import { useColorScheme } from '@mui/material/styles';
import { useTranslation } from 'react-i18next';

/** Changes between light and dark colours. */
export function ModeButton() {
  const { t } = useTranslation();
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <IconButton
      aria-label={dark ? t('app.modeButton.lightColours') : t('app.modeButton.darkColours')}
      onClick={() => setMode(dark ? 'light' : 'dark')}
    >
      {dark ? <LightMode /> : <DarkMode />}
    </IconButton>
  );
}
