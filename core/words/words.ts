/** Words of another language: the same tree as English has, as far as a learner’s seat needs it. */
export interface Words {
  readonly [key: string]: string | readonly string[] | Words;
}
