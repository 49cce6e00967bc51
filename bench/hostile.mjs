/** What a room must bear: a phone that sends its worst without a pause, and readers that open a stream and never read. */
import { request } from 'node:http';
import { connect } from 'node:net';

const atOnce = 4;
const worst = [
  JSON.stringify({ events: Array(80_000).fill({}) }),
  JSON.stringify({ events: Array(400).fill(Array(200).fill([])) }),
  `{"events":${'['.repeat(100_000)}`,
  JSON.stringify({ events: [{ id: 'x'.repeat(200_000) }] }),
];

/**
 * Begins at once; `stop` ends it and resolves to how its requests were answered, by status.
 *
 * @param readers how many streams are opened and never read, four at a seat at most
 */
export function beHostile({ address, workshop }, readers) {
  const { hostname, port } = new URL(address);
  const sockets = Array.from({ length: readers }, (_, index) => {
    const { token } = workshop.seats[Math.floor(index / 4) + 1];
    const socket = connect(Number(port), hostname);
    socket.on('error', () => {});
    socket.write(`GET /api/seats/${token}/stream HTTP/1.1\r\nHost: ${hostname}:${port}\r\n\r\n`);
    socket.pause();
    return socket;
  });
  const answers = {};
  let goesOn = true;
  const phone = async () => {
    for (let sent = 0; goesOn; sent++) {
      const status = await post(
        `${address}/api/seats/${workshop.seats[0].token}/events`,
        worst[sent % worst.length],
      );
      answers[status] = (answers[status] ?? 0) + 1;
    }
  };
  const phones = Array.from({ length: atOnce }, phone);
  return {
    stop: async () => {
      goesOn = false;
      await Promise.all(phones);
      for (const socket of sockets) socket.destroy();
      return answers;
    },
  };
}

function post(url, body) {
  return new Promise((resolve) => {
    const sent = request(
      url,
      {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(body) },
      },
      (response) => {
        response.resume();
        response.on('end', () => resolve(response.statusCode));
      },
    );
    // Cut in the middle of what it sends.
    sent.on('error', () => resolve('cut'));
    sent.end(body);
  });
}
