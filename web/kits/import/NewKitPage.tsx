import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTranslation } from 'react-i18next';
import { useChoices } from '../../app/useChoices.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import { EmptyKit } from './EmptyKit.tsx';
import { Examples } from './Examples.tsx';
import { ListImport } from './ListImport.tsx';

/** The doors that a kit comes in by, with what stands behind each. */
const doors = { list: ListImport, empty: EmptyKit, example: Examples } as const;
type Door = keyof typeof doors;

/** One place for a new kit, whatever there is of it: a list, a file, an example, or nothing yet. */
export function NewKitPage() {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const asked = search.get('from') ?? 'list';
  const door: Door = Object.hasOwn(doors, asked) ? (asked as Door) : 'list';
  const Behind = doors[door];
  return (
    <>
      <PageHead title={t('kits.newKit.title')} facts={t('kits.newKit.nothingIsSaved')} />
      <ToggleButtonGroup
        exclusive
        value={door}
        aria-label={t('kits.newKit.startFrom')}
        onChange={(_, next: Door | null) => next && choose({ from: next })}
        sx={{ flexWrap: 'wrap' }}
      >
        {(Object.keys(doors) as Door[]).map((one) => (
          <ToggleButton key={one} value={one} sx={{ px: 2 }}>
            {t(`kits.newKit.door.${one}`)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Box sx={{ mt: 2.5 }}>
        <Behind />
      </Box>
    </>
  );
}
