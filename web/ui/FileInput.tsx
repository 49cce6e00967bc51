import type { RefObject } from 'react';

interface FileInputProps {
  readonly label: string;
  readonly input: RefObject<HTMLInputElement | null>;
  readonly accept: string;
  readonly take: (file: File) => Promise<unknown>;
}

/** Chooses a file; a button opens it by its ref. */
export function FileInput({ label, input, accept, take }: FileInputProps) {
  return (
    <input
      ref={input}
      type="file"
      hidden
      accept={accept}
      aria-label={label}
      onChange={({ target }) => {
        const [file] = target.files ?? [];
        if (file) void take(file);
        // The same file, corrected, can be chosen again.
        target.value = '';
      }}
    />
  );
}
