/** The files of a table: text that any program reads, or a workbook. */
export const tableFormats = ['csv', 'xlsx'] as const;
export type TableFormat = (typeof tableFormats)[number];

export const xlsxType = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
export const tableTypes = ['text/csv', xlsxType] as const;
