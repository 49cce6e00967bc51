/** Who works on the instructor's side: the instructor, or a helper by name. */
export interface Staff {
  readonly helper: { readonly id: string; readonly name: string } | null;
}
