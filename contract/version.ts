/** The version of the program, as package.json has it; a test holds the two together. */
export const version = '0.38.0';
