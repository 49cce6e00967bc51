import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { type KitPaper, kitPaperPath } from '#contract/papers';
import { useKit } from './KitFrame.tsx';
import '../ui/plainTable.css';

const papers: readonly {
  readonly paper: KitPaper;
  readonly name: string;
  readonly text: string;
}[] = [
  {
    paper: 'parts-sheet',
    get name() {
      return t('kits.papersPage.partsSheet');
    },
    get text() {
      return t('kits.papersPage.everyLineWithItsDrawingAnd');
    },
  },
  {
    paper: 'resistor-card',
    get name() {
      return t('kits.papersPage.resistorCard');
    },
    get text() {
      return t('kits.papersPage.aLineForEachPlaceWith');
    },
  },
  {
    paper: 'step-sheets',
    get name() {
      return t('kits.papersPage.stepSheets');
    },
    get text() {
      return t('kits.papersPage.theStepsForABenchWithout');
    },
  },
  {
    paper: 'picture-steps',
    get name() {
      return t('kits.papersPage.stepsInPictures');
    },
    get text() {
      return t('kits.papersPage.theSameWithoutWordsForA');
    },
  },
];

/** What is printed for a kit, whoever builds it. */
export function PapersPage() {
  const { t } = useTranslation();
  const { id } = useKit();
  return (
    <>
      <Typography sx={{ mb: 1 }}>{t('kits.papersPage.drawnAsOnTheScreenPrint')}</Typography>
      <table
        className="plain plain-fields"
        aria-label={t('kits.papersPage.papers')}
        style={{ maxWidth: 900 }}
      >
        <tbody>
          {papers.map(({ paper, name, text }) => (
            <tr key={paper}>
              <th scope="row" style={{ whiteSpace: 'nowrap' }}>
                {name}
              </th>
              <td>{text}</td>
              <td className="number">
                <Button
                  href={kitPaperPath(id, paper, 'pdf')}
                  target="_blank"
                  aria-label={`${name}, A4`}
                >
                  {t('kits.papersPage.a4')}
                </Button>
                <Button
                  href={kitPaperPath(id, paper, 'pdf', 'letter')}
                  target="_blank"
                  aria-label={t('kits.papersPage.letter', { name })}
                >
                  {t('kits.papersPage.letter2')}
                </Button>
                <Button
                  href={kitPaperPath(id, paper, 'csv')}
                  aria-label={t('kits.papersPage.asCsv', { name })}
                >
                  {t('kits.papersPage.csv')}
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
