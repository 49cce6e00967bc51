/** Shows speed, as ratios within one run: figures of different machines are not compared. */
import { buildIfChanged, installPackages, requireNode } from './prepare.mjs';

requireNode();
installPackages();
buildIfChanged();

const { benchAcknowledge } = await import('../bench/acknowledge.mjs');
const { benchFloor } = await import('../bench/floor.mjs');
const { benchLargeFloor } = await import('../bench/largeFloor.mjs');
const { benchForecast } = await import('../bench/forecast.mjs');
const { benchSkills } = await import('../bench/skills.mjs');
const { benchRoom } = await import('../bench/room.mjs');
const { benchYear } = await import('../bench/year.mjs');
const { benchPartsList } = await import('../bench/partsList.mjs');
const { benchOrder } = await import('../bench/order.mjs');
const { benchBoard } = await import('../bench/board.mjs');
const { benchHeat } = await import('../bench/heat.mjs');
const { benchBuying } = await import('../bench/buying.mjs');
const { benchCircuit } = await import('../bench/circuit.mjs');
const { benchFaults } = await import('../bench/faults.mjs');
const { medianMs } = await benchAcknowledge();
await benchFloor(medianMs);
await benchForecast();
await benchSkills();
await benchLargeFloor();
await benchRoom();
await benchRoom(50);
await benchYear();
await benchPartsList();
await benchOrder();
await benchBuying();
await benchBoard();
await benchHeat();
await benchCircuit();
await benchFaults();
