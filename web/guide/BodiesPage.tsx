import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { measuredPackages, packageById, packageIds } from '#core/parts/packages/index';
import type { Package } from '#core/parts/packages/package';
import { useChoices } from '../app/useChoices.ts';
import { GuideTabs } from './GuideTabs.tsx';
import './guide.css';

const all: readonly Package[] = [...packageIds.map(packageById), ...measuredPackages];

/** Bodies that parts come in, with their sizes and where those are from. */
export function BodiesPage() {
  const [search, choose] = useChoices();
  const asked = search.get('find') ?? '';
  const found = all.filter(({ name, shape }) =>
    `${name} ${shape}`.toLowerCase().includes(asked.trim().toLowerCase()),
  );
  return (
    <>
      <GuideTabs />
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', alignItems: 'flex-end', mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">Bodies</Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            Usual outlines. A part of another size: write its body in the parts list, such as “20 x
            10 x 7 mm”.
          </Typography>
        </Box>
        <TextField
          label="Find a body"
          size="small"
          type="search"
          value={asked}
          onChange={({ target }) => choose({ find: target.value || undefined })}
          sx={{ minWidth: 260 }}
        />
      </Box>
      {found.length === 0 ? (
        <Typography role="status">No body is called “{asked}”.</Typography>
      ) : (
        <div className="guide-scroll">
          <table className="guide-table" aria-label="Bodies">
            <thead>
              <tr>
                <th scope="col">Body</th>
                <th scope="col">Fixed</th>
                <th scope="col">Length x width</th>
                <th scope="col">Height</th>
                <th scope="col">Between leads or rows</th>
                <th scope="col">Pins</th>
                <th scope="col">Source</th>
              </tr>
            </thead>
            <tbody>
              {found.map((one) => (
                <tr key={`${one.name} ${one.shape}`}>
                  <td data-label="Body">{one.name}</td>
                  <td data-label="Fixed">
                    {one.mount === 'through' ? 'through the board' : 'on its surface'}
                  </td>
                  <td data-label="Length x width" className="mono">
                    {one.lengthMm} x {one.widthMm} mm
                  </td>
                  <td data-label="Height" className="mono">
                    {one.heightMm} mm
                  </td>
                  <td data-label="Between leads or rows" className="mono">
                    {one.leadMm === undefined ? '–' : `${one.leadMm} mm`}
                  </td>
                  <td data-label="Pins" className="mono">
                    {one.pins ?? '–'}
                  </td>
                  <td data-label="Source">{one.source}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  );
}
