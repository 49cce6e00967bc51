import { useEffect, useRef } from 'react';

/** A soft hiss while flux boils: as loud as it boils off. Silent unless it is wanted. */
export function useHiss(isWanted: boolean, loudness: number): void {
  const gain = useRef<GainNode>(null);
  useEffect(() => {
    if (!isWanted) return;
    const context = new AudioContext();
    const noise = context.createBuffer(1, context.sampleRate, context.sampleRate);
    const samples = noise.getChannelData(0);
    for (let index = 0; index < samples.length; index += 1) samples[index] = Math.random() * 2 - 1;
    const source = new AudioBufferSourceNode(context, { buffer: noise, loop: true });
    const filter = new BiquadFilterNode(context, { type: 'highpass', frequency: 2500 });
    const volume = new GainNode(context, { gain: 0 });
    source.connect(filter).connect(volume).connect(context.destination);
    source.start();
    gain.current = volume;
    return () => {
      gain.current = null;
      void context.close();
    };
  }, [isWanted]);
  useEffect(() => {
    if (gain.current) gain.current.gain.value = Math.min(0.08, loudness * 0.08);
  }, [loudness]);
}
