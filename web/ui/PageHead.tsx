import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

interface PageHeadProps {
  readonly title: string;
  /** A line of facts below the title. */
  readonly facts?: ReactNode;
  /** What can be done here, on the right. */
  readonly children?: ReactNode;
}

export function PageHead({ title, facts, children }: PageHeadProps) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'flex-end', gap: 3, mb: 2, flexWrap: 'wrap' }}>
      <Box sx={{ flex: 1, minWidth: 260 }}>
        <Typography variant="h1">{title}</Typography>
        {facts && <Typography sx={{ color: 'text.secondary' }}>{facts}</Typography>}
      </Box>
      {children}
    </Box>
  );
}
