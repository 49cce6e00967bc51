import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { ink } from '../app/tokens.ts';

interface EmptyStateProps {
  readonly title: string;
  readonly text: string;
  readonly children?: ReactNode;
}

/** A place with nothing in it yet: what belongs here and how to begin. */
export function EmptyState({ title, text, children }: EmptyStateProps) {
  return (
    <Box
      sx={{
        border: `2px dashed ${ink('line')}`,
        p: 4,
        display: 'grid',
        gap: 1.5,
        justifyItems: 'start',
        maxWidth: 640,
      }}
    >
      <Typography variant="h2">{title}</Typography>
      <Typography>{text}</Typography>
      {children}
    </Box>
  );
}
