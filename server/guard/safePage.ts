import type { DataState } from '../keeping/state'

/* The page of a server whose data cannot be used. It needs nothing of the application itself, which may be what is in the way. */

const STYLE = `
  body { font: 16px/1.5 system-ui, sans-serif; margin: 0; background: #e9e9e9; color: #1a1a1a; }
  main { max-width: 46rem; margin: 0 auto; padding: 3rem 1.25rem; }
  h1 { font: 400 2.2rem/1.15 Georgia, serif; margin: 0 0 1rem; }
  h2 { font-size: 1.05rem; margin: 2rem 0 .5rem; }
  ul { list-style: none; margin: 0; padding: 0; border-top: 1px solid #8a8a8a; }
  li { display: flex; flex-wrap: wrap; gap: .5rem 1rem; align-items: center; justify-content: space-between; border-bottom: 1px solid #c4c4c4; padding: .35rem 0; }
  button, a.act { min-height: 44px; padding: 0 1rem; font: inherit; border: 1px solid #0b5561; background: #fff; color: #0b5561; cursor: pointer; display: inline-flex; align-items: center; text-decoration: none; }
  button:focus-visible, a:focus-visible { outline: 3px solid #0b5561; outline-offset: 2px; }
  p[role=status] { font-weight: 600; min-height: 1.5em; }
`

const escaped = (text: string) => text.replace(/[&<>"']/g, sign => `&#${sign.charCodeAt(0)};`)

export const safePage = (state: Extract<DataState, { usable: false }>): string => `<!doctype html>
<html lang="en-GB">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>The data need a hand · Varietas</title><link rel="icon" href="/icon.svg"><style>${STYLE}</style></head>
<body><main>
<h1>${state.why === 'newer' ? 'These data belong to a newer Varietas.' : 'The data cannot be opened.'}</h1>
<p>${escaped(state.sentence)}</p>
<p role="status" id="told"></p>
<h2>First: keep a copy of everything as it is</h2>
<p><a class="act" href="/api/keeping/as-it-is" download>Download the data files</a>
<a class="act" href="/api/keeping/readable" download>Download what can be read, as JSON</a></p>
<h2>Backups kept here</h2>
<ul id="backups"><li>Looking …</li></ul>
${
  state.why === 'damaged'
    ? `<h2>No backup, or too old?</h2>
<p>What can be read of the damaged file is put into a sound one. The damaged file is kept beside it.</p>
<p><button type="button" id="repair">Save what can be read</button></p>`
    : ''
}
</main><script src="/safe-start.js"></script></body></html>
`
