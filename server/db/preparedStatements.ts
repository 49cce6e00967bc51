import { type PGlite, protocol, type messages as protocolMessages } from '@electric-sql/pglite';

/** A statement that the database has read and planned, and how its values are written and read. */
interface Prepared {
  readonly name: string;
  readonly parameterTypes: readonly number[];
  readonly columns: readonly { readonly name: string; readonly dataTypeID: number }[];
}

type Message = Awaited<ReturnType<PGlite['execProtocol']>>['messages'][number];

const { serialize } = protocol;

/**
 * Statements that are kept prepared (PostgreSQL manual, 55.2.3, extended query): reading and planning one anew takes
 * as long as inserting a row, and each message of its own a call into the database. Here all of a run is one call.
 *
 * Only for statements of which there are a few: each stays for as long as the database is open. What their columns are
 * must not change meanwhile; migrations are through before anybody asks.
 */
export class PreparedStatements {
  readonly #pglite: PGlite;
  /** By their SQL. */
  readonly #known = new Map<string, Prepared>();

  constructor(pglite: PGlite) {
    this.#pglite = pglite;
  }

  /** Runs a statement for itself, as `PGlite.query` does: after a transaction that is under way. */
  async run<Row>(sql: string, params: readonly unknown[]): Promise<Row[]> {
    await this.#pglite.waitReady;
    return this.#pglite._runExclusiveTransaction(() => this.runWithin<Row>(sql, params));
  }

  /** Runs a statement as a part of the transaction that is under way. */
  runWithin<Row>(sql: string, params: readonly unknown[]): Promise<Row[]> {
    return this.#pglite.runExclusive(async () => {
      const { name, parameterTypes, columns } = this.#known.get(sql) ?? (await this.#prepare(sql));
      const values = params.map((value, index) => this.#written(value, parameterTypes[index]));
      const messages = await this.#send(
        serialize.bind({ statement: name, values }),
        serialize.execute(),
        serialize.sync(),
      );
      return ofName<protocolMessages.DataRowMessage>(messages, 'dataRow').map(
        ({ fields }) =>
          Object.fromEntries(
            columns.map((column, index) => [column.name, this.#read(fields[index], column)]),
          ) as Row,
      );
    });
  }

  async #prepare(sql: string): Promise<Prepared> {
    const name = `kept_${this.#known.size + 1}`;
    const messages = await this.#send(
      serialize.parse({ name, text: sql }),
      serialize.describe({ type: 'S', name }),
      serialize.sync(),
    );
    const [parameters] = ofName<protocolMessages.ParameterDescriptionMessage>(
      messages,
      'parameterDescription',
    );
    const [row] = ofName<protocolMessages.RowDescriptionMessage>(messages, 'rowDescription');
    const prepared = {
      name,
      parameterTypes: parameters?.dataTypeIDs ?? [],
      columns: row?.fields ?? [],
    };
    this.#known.set(sql, prepared);
    return prepared;
  }

  async #send(...parts: readonly Uint8Array[]): Promise<readonly Message[]> {
    return (await this.#pglite.execProtocol(Buffer.concat(parts))).messages;
  }

  #written(value: unknown, type: number | undefined): string | null {
    if (value === null || value === undefined) return null;
    const serializer = type === undefined ? undefined : this.#pglite.serializers[type];
    return serializer ? serializer(value) : String(value);
  }

  #read(text: string | null | undefined, { dataTypeID }: Prepared['columns'][number]): unknown {
    if (text === null || text === undefined) return null;
    const parser = this.#pglite.parsers[dataTypeID];
    return parser ? parser(text, dataTypeID) : text;
  }
}

const ofName = <Named extends Message>(messages: readonly Message[], name: string): Named[] =>
  messages.filter((message) => message.name === name) as Named[];
