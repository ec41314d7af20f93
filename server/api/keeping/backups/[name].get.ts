import { createReadStream } from 'node:fs'
import { backupPath } from '../../../keeping/keeping'
import { nameOf, sendFile } from '../../../utils/sendFile'

export default defineEventHandler(event => {
  const name = nameOf(event)
  return sendFile(event, createReadStream(backupPath(name)), name, 'application/zip')
})
