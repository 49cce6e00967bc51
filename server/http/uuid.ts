import { validate } from 'uuid';

/** Whether a text can be asked of a uuid column; anything else would be an error of the database. */
export const isUuid = (text: string): boolean => validate(text);
