import Button, { type ButtonProps } from '@mui/material/Button';
import { type TableFormat, tableFormats } from '#contract/tables';

interface TableFilesProps extends Pick<ButtonProps, 'size' | 'disabled'> {
  readonly pathOf: (format: TableFormat) => string;
  /** What is fetched, with the name of the format in it. */
  readonly label: (format: string) => string;
  /** Where what it is stands beside it already, and the format is enough to be seen. */
  readonly short?: boolean;
}

/** Links that fetch a table as a file, one for each form that spreadsheets read. */
export const TableFiles = ({ pathOf, label, short = false, ...button }: TableFilesProps) => (
  <>
    {tableFormats.map((format) => {
      const name = format.toUpperCase();
      return (
        <Button
          key={format}
          {...button}
          href={pathOf(format)}
          {...(short ? { 'aria-label': label(name) } : {})}
        >
          {short ? name : label(name)}
        </Button>
      );
    })}
  </>
);
