import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { Link, useLoaderData } from 'react-router';
import type { KitSummary } from '#contract/kits';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { duration } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PageHead } from '../ui/PageHead.tsx';

export function KitsPage() {
  const kits = useLoaderData<readonly KitSummary[]>();
  const importButton = (
    <InstructorOnly>
      <Button variant="contained" component={Link} to="/kits/import">
        Import a parts list
      </Button>
    </InstructorOnly>
  );
  if (kits.length === 0) {
    return (
      <>
        <PageHead title="Kits" />
        <EmptyState
          title="No kit yet"
          text="A kit begins with its parts list: a CSV file from your spreadsheet, with any headings. Ozzet reads what the parts are, draws them, and works out the soldering order."
        >
          {importButton}
        </EmptyState>
      </>
    );
  }
  return (
    <>
      <PageHead title="Kits" facts="What is in the bag and on the board.">
        {importButton}
      </PageHead>
      <Table size="small" aria-label="Kits" sx={{ maxWidth: 900 }}>
        <TableHead>
          <TableRow>
            <TableCell>Kit</TableCell>
            <TableCell>Revision</TableCell>
            <TableCell>Pieces in the bag</TableCell>
            <TableCell>Steps</TableCell>
            <TableCell>Time for somebody new</TableCell>
            <TableCell>Supply</TableCell>
            <TableCell />
          </TableRow>
        </TableHead>
        <TableBody>
          {kits.map((kit) => (
            <TableRow key={kit.id} hover>
              <TableCell sx={{ fontSize: '1.05rem', fontWeight: 650 }}>
                <Box component={Link} to={`/kits/${kit.id}/parts`} sx={{ color: 'text.primary' }}>
                  {kit.name}
                </Box>
              </TableCell>
              <TableCell className="mono">{kit.revision}</TableCell>
              <TableCell className="mono">{kit.pieces}</TableCell>
              <TableCell className="mono">{kit.steps}</TableCell>
              <TableCell>{duration(kit.minutes)}</TableCell>
              <TableCell className="mono">
                {kit.supplyVolt === null ? 'not given' : `${kit.supplyVolt} V`}
              </TableCell>
              <TableCell align="right">
                <InstructorOnly>
                  <Button size="small" component={Link} to={`/workshops/new?kit=${kit.id}`}>
                    Plan a workshop
                  </Button>
                </InstructorOnly>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </>
  );
}
