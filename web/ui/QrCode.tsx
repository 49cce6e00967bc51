import { create } from 'qrcode';
import { useMemo } from 'react';

interface QrCodeProps {
  readonly text: string;
  readonly name: string;
  readonly sizePx: number;
}

/** A QR code as one SVG path; black on white in both colour schemes, as readers expect. */
export function QrCode({ text, name, sizePx }: QrCodeProps) {
  const { size, path } = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'M' });
    const dark: string[] = [];
    for (let row = 0; row < modules.size; row++) {
      for (let column = 0; column < modules.size; column++) {
        if (modules.get(row, column)) dark.push(`M${column + quiet} ${row + quiet}h1v1h-1z`);
      }
    }
    return { size: modules.size + 2 * quiet, path: dark.join('') };
  }, [text]);
  return (
    <svg
      role="img"
      aria-label={name}
      width={sizePx}
      height={sizePx}
      viewBox={`0 0 ${size} ${size}`}
      shapeRendering="crispEdges"
    >
      <rect width={size} height={size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}

/** Modules of white around the code that ISO/IEC 18004 asks for. */
const quiet = 4;
