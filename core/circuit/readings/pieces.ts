import type { Random } from '../../random.ts';
import { type Draw, drawFrom } from '../spread.ts';
import type { Course } from '../swing.ts';

/** Stands among the places for the supply, which moves readings as parts do. */
export const supplyItself = '';

/** The pieces of one made-up board; a part has the same ones however often it is asked. */
export class Pieces {
  readonly made = new Map<string, number[]>();
  readonly #random: Random;

  constructor(random: Random) {
    this.#random = random;
  }

  /** The same board, but for one part that is drawn anew: it stands in another way, and has another value there. */
  except(place: string): Pieces {
    const other = new Pieces(this.#random);
    for (const [of, values] of this.made) if (of !== place) other.made.set(of, values);
    return other;
  }

  readonly of = (place: string): Draw => {
    const known = this.made.get(place);
    if (known) {
      let index = 0;
      return (nominal) => known[index++] ?? nominal;
    }
    const values: number[] = [];
    this.made.set(place, values);
    const draw = drawFrom(this.#random);
    return (nominal, spread) => {
      const value = draw(nominal, spread);
      values.push(value);
      return value;
    };
  };
}

/** What one made-up board showed, and of which pieces it was made. */
export interface Shown {
  readonly course: (vector: string) => Course;
  readonly pieces: Pieces;
}
