import { useCallback, useEffect, useRef, useState } from 'react';
import { ScaleDriver } from './ScaleDriver.ts';
import { type SimulatedScale, simulatedScale } from './simulatedScale.ts';

export interface ScaleReading {
  readonly grams: number;
  readonly steady: boolean;
}

/** How often the scale is asked, in ms. */
const everyMs = 250;

/**
 * A scale on the packing table. The one that ships with the application is simulated: what lies on it is said by
 * `lay`. A real one is another `SerialLine` with the same lines.
 */
export function useScale() {
  const scale = useRef<SimulatedScale>(null);
  const driver = useRef<ScaleDriver>(null);
  const [reading, setReading] = useState<ScaleReading>({ grams: 0, steady: true });
  const [trouble, setTrouble] = useState<string>();

  useEffect(() => {
    const line = simulatedScale();
    const asking = new ScaleDriver(line);
    scale.current = line;
    driver.current = asking;
    const timer = setInterval(async () => {
      const message = await asking.ask('weigh');
      if (message.kind === 'weight') {
        setReading((before) =>
          before.grams === message.grams && before.steady === message.steady ? before : message,
        );
        setTrouble(undefined);
      } else if (message.kind === 'error') setTrouble(message.text);
    }, everyMs);
    return () => {
      clearInterval(timer);
      void asking.close();
    };
  }, []);

  const tare = useCallback(() => void driver.current?.ask('tare'), []);
  const lay = useCallback((grams: number) => scale.current?.lay(grams), []);
  return { reading, trouble, tare, lay };
}
