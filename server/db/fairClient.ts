import type { Client, InArgs, InStatement, ResultSet, Transaction, TransactionMode } from '@libsql/client'
import { giveTurn } from './turns'

/*
 * The libSQL client as the server uses it. It gives others a turn between statements, and its transactions begin and end in a way that
 * cannot spoil a connection of the pool. The binding does not reset a BEGIN, COMMIT or ROLLBACK that failed: that statement then counts
 * as running, and every later COMMIT on the connection fails. Run as a script, a statement is finalised whatever happens to it.
 */

/** Takes the write lock and changes nothing. */
const TAKE_LOCK = 'PRAGMA secure_delete = ON; DELETE FROM erasures WHERE 0'

export class FairClient implements Client {
  constructor(private readonly client: Client) {}

  get closed(): boolean {
    return this.client.closed
  }

  get protocol(): string {
    return this.client.protocol
  }

  async execute(statement: InStatement | string, args?: InArgs): Promise<ResultSet> {
    await giveTurn()
    return typeof statement === 'string' ? this.client.execute(statement, args) : this.client.execute(statement)
  }

  /**
   * A transaction that holds the write lock already.
   * @throws LibsqlError SQLITE_BUSY at once where another program holds it
   */
  async transaction(mode: TransactionMode = 'write'): Promise<Transaction> {
    await giveTurn()
    if (this.client.protocol !== 'file' || mode !== 'write') return this.client.transaction(mode)
    const begun = new FairTransaction(await this.client.transaction('deferred'))
    try {
      // What is deleted or written over on this connection is filled with zeros, not merely left unused.
      await begun.executeMultiple(TAKE_LOCK)
      return begun
    } catch (problem) {
      await begun.rollback()
      throw problem
    }
  }

  batch(...given: Parameters<Client['batch']>): Promise<ResultSet[]> {
    return this.client.batch(...given)
  }

  migrate(statements: InStatement[]): Promise<ResultSet[]> {
    return this.client.migrate(statements)
  }

  executeMultiple(sql: string): Promise<void> {
    return this.client.executeMultiple(sql)
  }

  sync(): ReturnType<Client['sync']> {
    return this.client.sync()
  }

  reconnect(): void {
    this.client.reconnect()
  }

  close(): void {
    this.client.close()
  }
}

/** A transaction of the one file. */
class FairTransaction implements Transaction {
  constructor(private readonly inner: Transaction) {}

  get closed(): boolean {
    return this.inner.closed
  }

  async execute(statement: InStatement): Promise<ResultSet> {
    await giveTurn()
    return this.inner.execute(statement)
  }

  batch(statements: InStatement[]): Promise<ResultSet[]> {
    return this.inner.batch(statements)
  }

  executeMultiple(sql: string): Promise<void> {
    return this.inner.executeMultiple(sql)
  }

  /** @throws LibsqlError when nothing of it was kept */
  async commit(): Promise<void> {
    try {
      await this.inner.executeMultiple('COMMIT')
    } catch (problem) {
      await this.rollback()
      throw problem
    }
    this.inner.close()
  }

  /** Never throws: why the work was broken off is what its caller has to hear. */
  async rollback(): Promise<void> {
    // SQLite has rolled back by itself where the disk was full or failed.
    if (!this.inner.closed) await this.inner.executeMultiple('ROLLBACK').catch(() => undefined)
    this.close()
  }

  /** Gives the connection back; the pool ends what is still open on it, and drops the connection where that fails. */
  close(): void {
    try {
      this.inner.close()
    } catch {
      // The pool has dropped it.
    }
  }
}
