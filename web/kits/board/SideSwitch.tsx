import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTranslation } from 'react-i18next';
import type { Side } from '#core/board/board';
import { useChoices } from '../../app/useChoices.ts';

/** The side in the address. */
export function useSide(): Side {
  const [search] = useChoices();
  return search.get('side') === 'bottom' ? 'bottom' : 'top';
}

/** Turns the board over. */
export function SideSwitch() {
  const { t } = useTranslation();
  const [, choose] = useChoices();
  const side = useSide();
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={side}
      aria-label={t('kits.sideSwitch.sideOfTheBoard')}
      onChange={(_, chosen: Side | null) => {
        if (chosen) choose({ side: chosen === 'bottom' ? 'bottom' : undefined });
      }}
    >
      <ToggleButton value="top">{t('kits.sideSwitch.componentSide')}</ToggleButton>
      <ToggleButton value="bottom">{t('kits.sideSwitch.solderSide')}</ToggleButton>
    </ToggleButtonGroup>
  );
}
