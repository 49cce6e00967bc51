import type { Page } from '@playwright/test';
import { v7 as newId } from 'uuid';

/** Opens a seat whose learner has been met already: it begins with its steps. */
export async function goToSeat(page: Page, token: string | undefined): Promise<void> {
  const seat = await page.request.get(`/api/seats/${token}`);
  const { seatId } = (await seat.json()) as { seatId: string };
  const greeted = { kind: 'greeted', id: newId(), seatId, at: new Date().toISOString() };
  // One that waits for its evening takes nothing yet, and shows no greeting either.
  await page.request.post(`/api/seats/${token}/events`, {
    headers: { origin: new URL(seat.url()).origin },
    data: { events: [greeted] },
  });
  await page.goto(`/seat/${token}`);
}
