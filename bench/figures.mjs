/** The value below which the share `p` (0 to 1) of the numbers lies. */
export function percentile(numbers, p) {
  const sorted = [...numbers].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))];
}

export const median = (numbers) => percentile(numbers, 0.5);

export const ms = (value) => `${value.toFixed(2)} ms`;
