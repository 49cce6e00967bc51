import ELK, { type ElkExtendedEdge, type ElkNode } from 'elkjs/lib/elk.bundled.js';

/** What a picture of a database needs of it: anything that answers a query. */
interface Queryable {
  query<Row>(sql: string): Promise<Row[]>;
}

interface Column {
  readonly table_name: string;
  readonly column_name: string;
  readonly data_type: string;
  readonly is_nullable: 'YES' | 'NO';
}

interface Reference {
  readonly from_table: string;
  readonly to_table: string;
}

const row = 15;
const head = 22;
const width = 196;
const ink = '#231c15';

/** The tables as they are after all migrations, with what refers to what, as SVG. */
export async function tablesSvg(db: Queryable): Promise<string> {
  const columns = await db.query<Column>(
    `select table_name, column_name, data_type, is_nullable from information_schema.columns
      where table_schema = 'public' order by table_name, ordinal_position`,
  );
  const references = await db.query<Reference>(
    `select distinct from_table.relname as from_table, to_table.relname as to_table
       from pg_constraint
       join pg_class from_table on from_table.oid = conrelid
       join pg_class to_table on to_table.oid = confrelid
      where contype = 'f' order by 1, 2`,
  );
  const names = [...new Set(columns.map(({ table_name }) => table_name))];
  const columnsOf = (name: string) => columns.filter(({ table_name }) => table_name === name);
  const graph: ElkNode = {
    id: 'tables',
    layoutOptions: {
      'elk.algorithm': 'layered',
      'elk.direction': 'LEFT',
      'elk.edgeRouting': 'ORTHOGONAL',
      'elk.layered.spacing.nodeNodeBetweenLayers': '46',
      'elk.spacing.nodeNode': '22',
      'elk.aspectRatio': '1.6',
    },
    children: names.map((id) => ({ id, width, height: head + columnsOf(id).length * row + 6 })),
    edges: references.map(({ from_table, to_table }) => ({
      id: `${from_table} ${to_table}`,
      sources: [from_table],
      targets: [to_table],
    })),
  };
  const laid: ElkNode = await new ELK().layout(graph);
  const boxes = (laid.children ?? []).map(({ id, x = 0, y = 0, height = 0 }) =>
    [
      `<rect x="${x}" y="${y}" width="${width}" height="${height}" fill="#fbf6ea" stroke="${ink}"/>`,
      `<text x="${x + 8}" y="${y + 15}" font-weight="bold">${id}</text>`,
      ...columnsOf(id).map(({ column_name, data_type, is_nullable }, index) => {
        const at = y + head + (index + 0.75) * row;
        const type = data_type
          .replace('timestamp with time zone', 'timestamptz')
          .replace('double precision', 'double');
        return `<text x="${x + 8}" y="${at}">${column_name}</text><text x="${x + width - 8}" y="${at}" text-anchor="end" fill="#62564a">${type}${is_nullable === 'YES' ? '?' : ''}</text>`;
      }),
    ].join(''),
  );
  const lines = (laid.edges ?? []).flatMap(({ sections = [] }: ElkExtendedEdge) =>
    sections.map(({ startPoint, bendPoints = [], endPoint }) => {
      const points = [startPoint, ...bendPoints, endPoint].map(({ x, y }) => `${x},${y}`);
      return `<polyline points="${points.join(' ')}" fill="none" stroke="#a4561f" marker-end="url(#arrow)"/>`;
    }),
  );
  const size = `${Math.ceil((laid.width ?? 0) + 2)} ${Math.ceil((laid.height ?? 0) + 2)}`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-1 -1 ${size}" font-family="monospace" font-size="10" fill="${ink}">`,
    '<rect x="-1" y="-1" width="100%" height="100%" fill="#fff"/>',
    '<defs><marker id="arrow" viewBox="0 0 6 6" refX="6" refY="3" markerWidth="6" markerHeight="6" orient="auto"><path d="M0 0L6 3L0 6Z" fill="#a4561f"/></marker></defs>',
    ...lines,
    ...boxes,
    '</svg>\n',
  ].join('\n');
}
