import type { RefObject } from 'react';

interface FileInputProps {
  readonly label: string;
  readonly input: RefObject<HTMLInputElement | null>;
  readonly accept: string;
  /** The camera is offered first where there is one. */
  readonly camera?: boolean;
  readonly take: (file: File) => Promise<unknown>;
}

/** Chooses a file; a button opens it by its ref. */
export function FileInput({ label, input, accept, camera, take }: FileInputProps) {
  return (
    <input
      ref={input}
      type="file"
      hidden
      accept={accept}
      {...(camera && { capture: 'environment' })}
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
