import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { FamilyId } from '#core/parts/families/ids';
import { families } from '#core/parts/families/index';
import type { Recognition } from '#core/partslist/recognise';

interface FamilyFieldProps {
  /** Id of the chosen family; empty for none. */
  readonly value: FamilyId | '';
  /** What the words are like: those come first. */
  readonly likely: Recognition;
  readonly choose: (family: FamilyId | '') => void;
}

/** Chooses the kind of part; what the words of the line speak for comes first. */
export function FamilyField({ value, likely, choose }: FamilyFieldProps) {
  const { t } = useTranslation();
  const first = [likely.family, ...likely.others].map(({ id }) => id);
  const ids = [...first, ...families.map(({ id }) => id).filter((id) => !first.includes(id))];
  return (
    <Autocomplete
      options={ids}
      value={value === '' ? null : value}
      onChange={(_, id) => choose(id ?? '')}
      getOptionLabel={(id) => t(`family.${id}.one`)}
      groupBy={(id) =>
        first.includes(id) ? t('kits.familyField.likely') : t('kits.familyField.all')
      }
      renderInput={(params) => (
        <TextField {...params} label={t('kits.familyField.kindOfPart')} size="small" />
      )}
    />
  );
}
