/** A failure of the keeper's, with the code SQLite or the system gave it. */
export class KeeperFailed extends Error {
  constructor(
    readonly code: string,
    message: string,
  ) {
    super(message)
    this.name = 'KeeperFailed'
  }
}
