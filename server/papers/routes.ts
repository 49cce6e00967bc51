import type { Response } from 'express';
import {
  buyingList,
  eveningPapers,
  kitPaper,
  kitPapers,
  listTemplate,
  paperFormats,
  sheetSizes,
  shoppingList,
  stepSizes,
  takeHome,
  workshopPaper,
  workshopPapers,
} from '#contract/papers';
import { usualRunOut } from '#contract/stores';
import { tableFormats } from '#contract/tables';
import { foldSeat } from '#core/build/foldSeat';
import { said } from '#core/learning/said';
import { draftRoom } from '#core/pace/seating/roomPlan';
import { packingOrders } from '#core/stores/packing';
import { timeInWords } from '../clock/siteTime.ts';
import type { Database } from '../db/database.ts';
import { selectSeatEvents } from '../events/queries.ts';
import { faultsOfRevision } from '../faults/faultsOfKit.ts';
import type { Api } from '../http/api.ts';
import { notFound, Refusal } from '../http/refusal.ts';
import { fileName, sendTable } from '../http/table.ts';
import { isUuid } from '../http/uuid.ts';
import { plannedSteps } from '../kits/plannedSteps.ts';
import { selectKit, selectRevision } from '../kits/queries.ts';
import { selectPhoto } from '../photos/queries.ts';
import { updateLabelsAddress } from '../room/queries.ts';
import type { RoomDoor } from '../room/roomDoor.ts';
import { linkOver, noSuchSeat, selectSeatByToken } from '../seats/queries.ts';
import { linkState } from '../seats/seatLink.ts';
import { selectCurrency, selectItems, selectSuppliers } from '../stores/queries.ts';
import { workshopNeeds } from '../stores/workshopNeeds.ts';
import { type Speaker, speak } from '../words/speak.ts';
import { selectSeats, selectSigns, selectWorkshop } from '../workshops/queries.ts';
import { roomOf } from '../workshops/roomPlan/routes.ts';
import { type BuyingRow, buyingListPdf, buyingListTable } from './buyingList.ts';
import { eveningPdf } from './eveningPapers.ts';
import { kitPaperDefinitions } from './kitPapers.ts';
import { listTemplateTable } from './listTemplate.ts';
import { shoppingListPdf, shoppingListTable } from './shoppingList.ts';
import { picturesOfSteps } from './stepPictures.ts';
import { takeHomePdf } from './takeHome.ts';
import type { BagsToPack } from './workshopPaper.ts';
import { workshopPaperDefinitions } from './workshopPapers.ts';

const noSuchPaper = () => notFound('paper');

/** Of some known words the one that is asked for; the first where none is asked for or it is not known. */
function chosen<Word extends string>(known: readonly [Word, ...Word[]], asked: unknown): Word {
  return known.find((word) => word === asked) ?? known[0];
}

const one = <Word extends string>(known: readonly Word[], asked: unknown): Word => {
  const found = known.find((word) => word === asked);
  if (found === undefined) throw noSuchPaper();
  return found;
};

function sendPdf(response: Response, name: string, pdf: Buffer): void {
  response
    .type('application/pdf')
    .set(
      'Content-Disposition',
      `inline; filename*=UTF-8''${encodeURIComponent(fileName(name))}.pdf`,
    )
    .send(pdf);
}

/** Everything that is printed: as PDF, and as CSV or a workbook for a spreadsheet. */
export function paperRoutes(api: Api, db: Database, door: RoomDoor, now: () => Date): void {
  api.send(kitPaper, async ({ params, request, response }) => {
    const { kitId } = params;
    const paper = one(kitPapers, params.paper);
    const format = one(paperFormats, params.format);
    const kit = isUuid(kitId) ? await selectKit(db, kitId) : undefined;
    if (!kit) throw notFound('kit');
    const steps = plannedSteps(kit);
    const planned = {
      ...kit,
      steps,
      stepPictures: await picturesOfSteps(db, kit.id, steps),
      faults: await faultsOfRevision(db, kit),
    };
    const { pdf, table } = kitPaperDefinitions[paper];
    const speaker = speak(request.query.lang);
    const name = speaker.t(`papers.file.${paper}`, { of: kit.name });
    const options = {
      size: chosen(sheetSizes, request.query.size),
      steps: chosen(stepSizes, request.query.steps),
      speaker,
    };
    if (format === 'pdf') sendPdf(response, name, await pdf(planned, options));
    else await sendTable(response, name, table(planned, speaker), format);
  });

  api.send(listTemplate, async ({ params, request, response }) => {
    const format = one(tableFormats, params.format);
    const speaker = speak(request.query.lang);
    const name = speaker.t('exports.file.template');
    await sendTable(response, name, listTemplateTable(speaker), format);
  });

  api.send(eveningPapers, async ({ params, request, response }) => {
    const speaker = speak(request.query.lang);
    const bags = await bagsOf(params.workshopId, true, speaker);
    const size = chosen(sheetSizes, request.query.size);
    const revision = await selectRevision(db, bags.kitId, bags.revision);
    if (!revision) throw noSuchPaper();
    const stepPictures = await picturesOfSteps(db, bags.kitId, bags.steps);
    sendPdf(
      response,
      speaker.t('papers.evening.title', { title: bags.title }),
      await eveningPdf(bags, { ...revision, steps: bags.steps, stepPictures }, size, speaker),
    );
  });

  api.send(takeHome, async ({ params, request, response }) => {
    const seat = await selectSeatByToken(db, params.token);
    if (!seat) throw noSuchSeat();
    if (linkState(seat, now()) === 'over') throw linkOver();
    const workshop = await selectWorkshop(db, seat.workshopId);
    const revision = workshop && (await selectRevision(db, workshop.kitId, workshop.revision));
    if (!revision) throw noSuchPaper();
    const speaker = speak(request.query.lang);
    const events = (await selectSeatEvents(db, seat.seatId)).map(({ event }) => event);
    const { photos } = foldSeat(
      seat.steps.map(({ id }) => id),
      events,
    );
    const last = photos.findLast(({ of }) => of === 'board');
    sendPdf(
      response,
      speaker.t('papers.takeHome.title', { kit: seat.kitName }),
      await takeHomePdf(
        speaker,
        seat,
        events,
        revision.lines.map(({ part }) => part),
        revision.supplyVolt,
        last && (await selectPhoto(db, seat.seatId, last.photo)),
      ),
    );
  });

  api.send(workshopPaper, async ({ params, request, response }) => {
    const paper = one(workshopPapers, params.paper);
    const format = one(paperFormats, params.format);
    const { printsAddress = false, pdf, table } = workshopPaperDefinitions[paper];
    const speaker = speak(request.query.lang);
    const bags = await bagsOf(params.workshopId, printsAddress, speaker);
    const options = {
      speaker,
      size: chosen(sheetSizes, request.query.size),
      order: chosen(packingOrders, request.query.order),
    };
    const name = speaker.t(`papers.file.${paper}`, { of: bags.title });
    if (format === 'pdf') sendPdf(response, name, await pdf(bags, options));
    else await sendTable(response, name, table(bags, options), format);
  });

  api.send(shoppingList, async ({ params, request: { query }, response }) => {
    const format = one(paperFormats, params.format);
    const ids = String(query.for ?? '')
      .split(',')
      .filter(isUuid);
    const risk = Number(query.risk ?? usualRunOut);
    const needs = risk > 0 && risk <= 0.5 ? await workshopNeeds(db, ids, risk) : undefined;
    if (!needs || ids.length === 0) throw notFound('needs');
    const short = needs.lines.filter((need) => need.short > 0);
    const speaker = speak(query.lang);
    const name = speaker.t('papers.shoppingList.title');
    if (format === 'pdf') {
      const size = chosen(sheetSizes, query.size);
      sendPdf(response, name, await shoppingListPdf(short, size, speaker));
    } else await sendTable(response, name, shoppingListTable(short, speaker), format);
  });

  api.send(buyingList, async ({ params, request, response }) => {
    const format = one(paperFormats, params.format);
    const rows = await buyingRows(String(request.query.buy ?? ''));
    const speaker = speak(request.query.lang);
    const name = speaker.t('papers.buyingList.title');
    if (format === 'pdf') {
      const size = chosen(sheetSizes, request.query.size);
      const pdf = await buyingListPdf(rows, size, speaker, await selectCurrency(db));
      sendPdf(response, name, pdf);
    } else await sendTable(response, name, buyingListTable(rows, speaker), format);
  });

  /** @param printsAddress whether seats are opened by what is printed: then the address must be one that phones can open */
  async function bagsOf(
    id: string,
    printsAddress: boolean,
    { locale }: Speaker,
  ): Promise<BagsToPack & { readonly kitId: string }> {
    const workshop = isUuid(id) ? await selectWorkshop(db, id) : undefined;
    const revision = workshop && (await selectRevision(db, workshop.kitId, workshop.revision));
    if (!workshop || !revision) {
      throw notFound('workshop');
    }
    const seatAddress = door.seatAddress();
    if (printsAddress) {
      if (seatAddress === null) throw noAddress;
      await updateLabelsAddress(db, id, seatAddress);
    }
    return {
      kitId: workshop.kitId,
      title: workshop.title,
      supplyVolt: workshop.supplyVolt,
      signs: await selectSigns(db, id),
      room: (await roomOf(db, id))?.plan ?? draftRoom([]),
      kitName: workshop.kitName,
      revision: workshop.revision,
      when: timeInWords(locale, workshop.startsAt, { dateStyle: 'medium', timeStyle: 'short' }),
      seats: await selectSeats(db, id),
      seatAddress: seatAddress ?? '',
      parts: revision.lines.map(({ part }) => part),
      board: revision.board,
      steps: workshop.steps,
    };
  }

  /** Offers that are gone since the list was made are left out. */
  async function buyingRows(asked: string): Promise<BuyingRow[]> {
    const items = await selectItems(db);
    const suppliers = await selectSuppliers(db);
    return asked.split(',').flatMap((pair): BuyingRow[] => {
      const [offerId, packs] = pair.split(':');
      const item = items.find(({ offers }) => offers.some(({ id }) => id === offerId));
      const offer = item?.offers.find(({ id }) => id === offerId);
      const supplier = suppliers.find(({ id }) => id === offer?.supplierId);
      const count = Number(packs);
      if (!item || !offer || !supplier || !Number.isInteger(count) || count < 1) return [];
      return [{ item, offer, supplier, packs: count }];
    });
  }
}

const noAddress = new Refusal(
  409,
  said('refusals.papers.noAddressYet'),
  said('refusals.papers.labelsWouldCarry'),
);
