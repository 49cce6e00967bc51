import Box from '@mui/material/Box';

/** Shown while the first page is on its way. */
export function Opening() {
  return (
    <Box component="main" sx={{ p: 4 }} role="status">
      Opening …
    </Box>
  );
}
