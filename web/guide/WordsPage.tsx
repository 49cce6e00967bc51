import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { examplePart } from '#core/parts/examplePart';
import { familyOf } from '#core/parts/families/index';
import { plain } from '#core/partslist/plain';
import { glossary, type Term } from '#core/words/glossary';
import { useChoices } from '../app/useChoices.ts';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { GuideTabs } from './GuideTabs.tsx';
import './guide.css';

/** The words of the trade, in the reader’s language, by alphabet. */
export function WordsPage() {
  const { t, i18n } = useTranslation();
  const [search, choose] = useChoices();
  const asked = search.get('find') ?? '';
  const found = glossary
    .map((one) => ({
      ...one,
      term: t(`glossary.${one.id}.term`),
      means: t(`glossary.${one.id}.means`),
    }))
    .filter(({ term, means }) => plain(`${term} ${means}`).includes(plain(asked)))
    .sort((a, b) => a.term.localeCompare(b.term, i18n.language));
  return (
    <>
      <GuideTabs />
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', alignItems: 'flex-end', mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 240 }}>
          <Typography variant="h1">{t('guide.wordsPage.title')}</Typography>
          <Typography sx={{ color: 'text.secondary' }}>{t('guide.wordsPage.lead')}</Typography>
        </Box>
        <TextField
          label={t('guide.wordsPage.find')}
          size="small"
          type="search"
          value={asked}
          onChange={({ target }) => choose({ find: target.value || undefined })}
          sx={{ minWidth: 240 }}
        />
      </Box>
      {found.length === 0 && (
        <Typography role="status">{t('guide.wordsPage.none', { asked })}</Typography>
      )}
      <dl className="guide-words">
        {found.map(({ id, term, means, shownBy }) => (
          <div key={id} id={id}>
            <dt>{term}</dt>
            <dd>
              {means}
              {shownBy && <Shown family={shownBy} />}
            </dd>
          </div>
        ))}
      </dl>
    </>
  );
}

/** A part that shows what a word means. */
function Shown({ family }: { readonly family: NonNullable<Term['shownBy']> }) {
  const { t } = useTranslation();
  const part = examplePart(familyOf({ family }));
  return (
    <Link to={`/guide/${family}`} className="guide-word-shown">
      <PartPicture part={part} pixelsPerMm={pictureScale(part, { width: 120, height: 44 })} />
      {t(`family.${family}.one`)}
    </Link>
  );
}
