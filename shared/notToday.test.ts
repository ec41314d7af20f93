import { notToday } from './notToday'

const bottle = { shade: 'Dune', level: 0.5, retiredAt: null, useBy: '2026-12-01' }
it.each([
  [{}, null],
  [{ useBy: null }, null],
  [{ useBy: '2026-12-04' }, 'Dune is past its last day'],
  [{ useBy: '2026-12-05' }, null],
  [{ level: 0 }, 'Dune is empty'],
  [{ level: 0, retiredAt: '2026-01-01T00:00:00Z' }, 'Dune is retired'],
])('%j on 5 December: %s', (more, why) => expect(notToday({ ...bottle, useBy: null, ...more }, '2026-12-05')).toBe(why))
