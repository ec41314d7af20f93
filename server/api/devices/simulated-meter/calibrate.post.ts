import { calibrate } from '../../../devices/simulatedMeter'

export default defineEventHandler(() => ({ calibratedUntil: calibrate() }))
