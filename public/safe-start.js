// The acts of the page that is served while the data cannot be used; see server/guard/safePage.ts.
const told = document.getElementById('told')
const list = document.getElementById('backups')

async function ask(path, body) {
  const answer = await fetch(`/api/keeping/${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body ?? {}),
  })
  const value = await answer.json()
  if (!answer.ok) throw new Error(value.error.message)
  return value
}

async function act(work) {
  for (const button of document.querySelectorAll('button')) button.disabled = true
  told.textContent = 'Working …'
  try {
    told.textContent = `${(await work()).sentence} Opening Varietas …`
    setTimeout(() => location.assign('/'), 2500)
  } catch (problem) {
    told.textContent = problem.message
    for (const button of document.querySelectorAll('button')) button.disabled = false
  }
}

function row({ name, createdAt, bytes }) {
  const item = document.createElement('li')
  const when = document.createElement('span')
  when.textContent = `${new Date(createdAt).toLocaleString()}, ${(bytes / 1e6).toFixed(1)} MB`
  const take = document.createElement('a')
  take.className = 'act'
  take.href = `/api/keeping/backups/${name}`
  take.textContent = 'Download'
  const restore = document.createElement('button')
  restore.type = 'button'
  restore.textContent = 'Restore this one'
  restore.addEventListener('click', () =>
    act(async () => ask('confirm', { id: (await ask(`backups/${name}/preview`)).id })),
  )
  item.append(when, take, restore)
  return item
}

document.getElementById('repair')?.addEventListener('click', () => act(() => ask('repair')))

fetch('/api/keeping')
  .then(answer => answer.json())
  .then(({ backups }) => {
    if (backups.length > 0) list.replaceChildren(...backups.map(row))
    else list.textContent = 'There are none in the data folder.'
  })
  .catch(() => {
    list.textContent = 'The list of backups could not be read.'
  })
