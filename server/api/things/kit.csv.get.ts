import { Readable } from 'node:stream'
import { kitTable } from '../../services/data/exported'
import { sendFile } from '../../utils/sendFile'

export default defineEventHandler(async event =>
  sendFile(event, Readable.from([await kitTable()]), 'varietas-kit.csv', 'text/csv; charset=utf-8'),
)
