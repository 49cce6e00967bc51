import * as accounts from './accounts.ts';
import * as backup from './backup.ts';
import * as board from './board.ts';
import * as closing from './closing.ts';
import * as conditions from './conditions.ts';
import type { AnyEndpoint } from './endpoint.ts';
import * as faults from './faults.ts';
import * as figures from './figures.ts';
import * as kitDocument from './kitDocument.ts';
import * as kitShelf from './kitShelf.ts';
import * as kits from './kits.ts';
import * as description from './openapi.ts';
import * as pace from './pace.ts';
import * as packing from './packing.ts';
import * as papers from './papers.ts';
import * as people from './people.ts';
import * as photos from './photos.ts';
import * as pictures from './pictures.ts';
import * as practice from './practice.ts';
import * as readiness from './readiness.ts';
import * as record from './record.ts';
import * as reports from './reports.ts';
import * as room from './room.ts';
import * as roomPlan from './roomPlan.ts';
import * as seats from './seats.ts';
import * as session from './session.ts';
import * as siteClock from './siteClock.ts';
import * as stores from './stores.ts';
import * as workshopShelf from './workshopShelf.ts';
import * as workshops from './workshops.ts';

const modules: readonly Readonly<Record<string, unknown>>[] = [
  session,
  siteClock,
  description,
  kits,
  kitShelf,
  kitDocument,
  backup,
  board,
  faults,
  figures,
  packing,
  photos,
  pictures,
  papers,
  stores,
  workshops,
  workshopShelf,
  conditions,
  roomPlan,
  closing,
  pace,
  accounts,
  people,
  reports,
  room,
  seats,
  practice,
  readiness,
  record,
];

const isEndpoint = (value: unknown): value is AnyEndpoint =>
  typeof value === 'object' && value !== null && 'path' in value && 'access' in value;

/** Every endpoint of the contract by its name: what an endpoint is not listed here is not known to tests and pages. */
export const endpoints: readonly (readonly [name: string, endpoint: AnyEndpoint])[] =
  modules.flatMap((all) =>
    Object.entries(all).flatMap(([name, value]) =>
      isEndpoint(value) ? [[name, value] as const] : [],
    ),
  );
