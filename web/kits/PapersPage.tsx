import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { type KitPaper, kitPaperPath, type StepSize } from '#contract/papers';
import { PaperLanguage, usePaperLanguage } from '../ui/PaperLanguage.tsx';
import { TableFiles } from '../ui/TableFiles.tsx';
import { useKit } from './KitFrame.tsx';
import '../ui/plainTable.css';

const papers: readonly {
  readonly key: string;
  readonly paper: KitPaper;
  readonly steps?: StepSize;
  readonly name: string;
  readonly text: string;
}[] = [
  {
    key: 'parts-sheet',
    paper: 'parts-sheet',
    get name() {
      return t('kits.papersPage.partsSheet');
    },
    get text() {
      return t('kits.papersPage.everyLineWithItsDrawingAnd');
    },
  },
  {
    key: 'resistor-card',
    paper: 'resistor-card',
    get name() {
      return t('kits.papersPage.resistorCard');
    },
    get text() {
      return t('kits.papersPage.aLineForEachPlaceWith');
    },
  },
  {
    key: 'cutting-list',
    paper: 'cutting-list',
    get name() {
      return t('kits.papersPage.cuttingList');
    },
    get text() {
      return t('kits.papersPage.everyWireWithItsLength');
    },
  },
  {
    key: 'drill-template',
    paper: 'drill-template',
    get name() {
      return t('kits.papersPage.drillTemplate');
    },
    get text() {
      return t('kits.papersPage.panelsAtTrueSize');
    },
  },
  {
    key: 'circuit-sheet',
    paper: 'circuit-sheet',
    get name() {
      return t('kits.papersPage.circuitSheet');
    },
    get text() {
      return t('kits.papersPage.circuitAndReadings');
    },
  },
  {
    key: 'fault-sheet',
    paper: 'fault-sheet',
    get name() {
      return t('kits.papersPage.faultSheet');
    },
    get text() {
      return t('kits.papersPage.faultsAndReadings');
    },
  },
  {
    key: 'step-sheets',
    paper: 'step-sheets',
    get name() {
      return t('kits.papersPage.stepSheets');
    },
    get text() {
      return t('kits.papersPage.theStepsForABenchWithout');
    },
  },
  {
    key: 'large-steps',
    paper: 'step-sheets',
    steps: 'large',
    get name() {
      return t('kits.papersPage.largeSteps');
    },
    get text() {
      return t('kits.papersPage.oneStepAPageToStand');
    },
  },
  {
    key: 'picture-steps',
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
  const lang = usePaperLanguage();
  return (
    <>
      <Typography sx={{ mb: 2 }}>{t('kits.papersPage.drawnAsOnTheScreenPrint')}</Typography>
      <PaperLanguage />
      <table
        className="plain plain-fields"
        aria-label={t('kits.papersPage.papers')}
        style={{ maxWidth: 900, marginTop: 16 }}
      >
        <tbody>
          {papers.map(({ key, paper, name, text, steps = 'small' }) => (
            <tr key={key}>
              <th scope="row" style={{ whiteSpace: 'nowrap' }}>
                {name}
              </th>
              <td>{text}</td>
              <td>
                <Box sx={{ display: 'flex', flexWrap: 'wrap', justifyContent: 'flex-end' }}>
                  <Button
                    href={kitPaperPath(id, paper, 'pdf', { steps, lang })}
                    target="_blank"
                    aria-label={`${name}, A4`}
                  >
                    {t('kits.papersPage.a4')}
                  </Button>
                  <Button
                    href={kitPaperPath(id, paper, 'pdf', { size: 'letter', steps, lang })}
                    target="_blank"
                    aria-label={t('kits.papersPage.letter', { name })}
                  >
                    {t('kits.papersPage.letter2')}
                  </Button>
                  <TableFiles
                    short
                    pathOf={(format) => kitPaperPath(id, paper, format, { lang })}
                    label={(format) => t('kits.papersPage.asFormat', { name, format })}
                  />
                </Box>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
