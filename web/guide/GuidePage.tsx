import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { examplePart } from '#core/parts/examplePart';
import { calledWords } from '#core/parts/families/called';
import { families } from '#core/parts/families/index';
import { other } from '#core/parts/families/other';
import { plain } from '#core/partslist/plain';
import { ink } from '../app/tokens.ts';
import { useChoices } from '../app/useChoices.ts';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { GuideTabs } from './GuideTabs.tsx';
import './guide.css';

/** Every kind of part with its picture: find the one on your mat. */
export function GuidePage() {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const asked = search.get('find') ?? '';
  const found = families.filter(
    (family) =>
      family !== other &&
      [family.words.one, family.words.many, ...calledWords(family)].some((word) =>
        plain(word).includes(plain(asked)),
      ),
  );
  return (
    <>
      <GuideTabs />
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', alignItems: 'flex-end', mb: 2.5 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">{t('guide.guidePage.whichPartIsThis')}</Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            {t('guide.guidePage.lookForThePictureThatIs')}
          </Typography>
        </Box>
        <TextField
          label={t('guide.guidePage.findByName')}
          size="small"
          type="search"
          value={asked}
          onChange={({ target }) => choose({ find: target.value || undefined })}
          sx={{ minWidth: 260 }}
        />
      </Box>
      {found.length === 0 ? (
        <Typography role="status">
          {t('guide.guidePage.noKindOfPartIsCalled', { asked })}
        </Typography>
      ) : (
        <Box component="ul" aria-label={t('guide.guidePage.kindsOfParts')} sx={gridStyle}>
          {found.map((family) => {
            const part = examplePart(family);
            return (
              <li key={family.id}>
                <Box component={Link} to={`/guide/${family.id}`} sx={cardStyle}>
                  <Box className="mat" sx={{ height: 118, '& .mat': { p: 0 } }}>
                    <PartPicture
                      part={part}
                      pixelsPerMm={pictureScale(part, { width: 150, height: 104 })}
                    />
                  </Box>
                  <span>{t(`family.${family.id}.one`)}</span>
                </Box>
              </li>
            );
          })}
        </Box>
      )}
    </>
  );
}

const gridStyle = {
  listStyle: 'none',
  m: 0,
  p: 0,
  display: 'grid',
  gap: 1.5,
  gridTemplateColumns: 'repeat(auto-fill, minmax(162px, 1fr))',
};
const cardStyle = {
  display: 'grid',
  gap: 0.5,
  color: 'inherit',
  fontWeight: 650,
  textDecoration: 'none',
  '&:hover span': { textDecoration: 'underline', textDecorationColor: ink('copper') },
};
