declare module 'gerber-to-svg' {
  /** The part of the package that is used: text in, SVG out. */
  interface Converter {
    readonly width: number;
    readonly height: number;
    readonly units: 'mm' | 'in' | '';
  }
  export default function gerberToSvg(
    gerber: string,
    options: object,
    done: (error: Error | null, svg: string) => void,
  ): Converter;
}
