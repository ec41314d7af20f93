import { Id } from '../rules'

/** Taking a backup that was looked at. */
export class RestoreInput {
  @Id() id!: string
}
