/**
 * What is printed on a type in its flat body, where there is no room for the number (from memory of makers' marking
 * tables). Beside the number on a list it tells that the flat one is meant.
 */
const prints: Readonly<Record<string, readonly string[]>> = {
  SS8050: ['Y1'],
  SS8550: ['Y2'],
  S8050: ['J3Y', 'Y1'],
  S8550: ['2TY', 'Y2'],
  S9012: ['2T1'],
  S9013: ['J3'],
  S9014: ['J6'],
  S9015: ['M6'],
  S9018: ['J8'],
  '2SC1815': ['HF'],
  '2SA1015': ['BA'],
  '2SC945': ['CR'],
  '2SA733': ['CS'],
  '2N3904': ['1AM'],
  '2N3906': ['2A'],
  '2N2222A': ['1P'],
  '2N2907A': ['2F'],
  '1N4148': ['T4', 'W1', 'KB2'],
  '1N5819': ['SL'],
};

/** Whether a text has the print of the flat body beside the number. */
export const hasChipPrint = (number: string, text: string): boolean =>
  (prints[number] ?? []).some((print) => text.split(/[\s,;:()/]+/).includes(print));
