import { Readable } from 'node:stream'
import { kitFile } from '../../services/data/exported'
import { sendFile } from '../../utils/sendFile'

export default defineEventHandler(async event =>
  sendFile(event, Readable.from([JSON.stringify(await kitFile())]), 'varietas-kit.json', 'application/json'),
)
