import Box from '@mui/material/Box';
import { ink } from './tokens.ts';

/** The name, with a joint in section beside it. */
export function Wordmark({ large = false }: { readonly large?: boolean }) {
  const size = large ? 44 : 24;
  return (
    <Box component="span" sx={{ display: 'inline-flex', alignItems: 'center', gap: 1 }}>
      <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
        <path d="M14 2H18V6H14Z" fill={ink('faded')} />
        <path d="M3 25C11 25 12.5 18 13.5 5H18.5C19.5 18 21 25 29 25Z" fill={ink('copper')} />
        <path d="M1 25.5H31" stroke={ink('board')} strokeWidth="4" />
      </svg>
      <Box component="span" sx={{ fontWeight: 800, fontSize: large ? '2.2rem' : '1.2rem' }}>
        Ozzet
      </Box>
    </Box>
  );
}
