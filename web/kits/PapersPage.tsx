import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
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
    name: 'Parts sheet',
    text: 'Every line with its drawing and a box to tick: for packing, and for the learner who checks the bag.',
  },
  {
    paper: 'resistor-card',
    name: 'Resistor card',
    text: 'A line for each place, with the bands drawn and in words: resistors are taped on and taken off in order.',
  },
  {
    paper: 'step-sheets',
    name: 'Step sheets',
    text: 'The steps for a bench without a screen: what, where, which way round, what to hold, checks with a line for the reading.',
  },
  {
    paper: 'picture-steps',
    name: 'Steps in pictures',
    text: 'The same without words, for a reader of any language: numbers, drawn parts, the board, signs.',
  },
];

/** What is printed for a kit, whoever builds it. */
export function PapersPage() {
  const { id } = useKit();
  return (
    <>
      <Typography sx={{ mb: 1 }}>
        Drawn as on the screen. Print at 100 %, so that parts keep twice their size. Labels, bag
        lists and count sheets belong to a workshop: its Pack page has them.
      </Typography>
      <table className="plain plain-fields" aria-label="Papers" style={{ maxWidth: 900 }}>
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
                  A4
                </Button>
                <Button
                  href={kitPaperPath(id, paper, 'pdf', 'letter')}
                  target="_blank"
                  aria-label={`${name}, Letter`}
                >
                  Letter
                </Button>
                <Button href={kitPaperPath(id, paper, 'csv')} aria-label={`${name} as CSV`}>
                  CSV
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
