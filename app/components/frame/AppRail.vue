<script setup lang="ts">
const DAY_OF_WORK = [
  { to: '/', name: 'Bench' },
  { to: '/faces', name: 'Faces' },
  { to: '/jobs', name: 'Jobs' },
  { to: '/kit', name: 'Kit' },
  { to: '/reach', name: 'Reach' },
  { to: '/buys', name: 'Buys' },
]
const route = useRoute()
const keeping = useKeeping()
const ASIDE = [
  { to: '/keeping', name: 'Keeping', class: 'aside wide' },
  { to: '/methods', name: 'Methods', class: 'last' },
]
// What lies within a room names itself.
useHead({ title: () => [...DAY_OF_WORK, ...ASIDE].find(room => room.to === route.path)?.name })
const here = (to: string) => (to === '/' ? route.path === '/' : route.path.startsWith(to))
</script>

<template>
  <nav class="rail" aria-label="The working day">
    <span class="mark" aria-hidden="true">V.</span>
    <span v-if="keeping.state.demo.isDemo" class="demo">Demo</span>
    <ul>
      <li v-for="{ to, name } in DAY_OF_WORK" :key="to">
        <NuxtLink :to="to" :aria-current="here(to) ? 'page' : undefined">{{ name }}</NuxtLink>
      </li>
      <li v-for="room in ASIDE" :key="room.to" :class="room.class">
        <NuxtLink :to="room.to" :aria-current="here(room.to) ? 'page' : undefined">{{ room.name }}</NuxtLink>
      </li>
    </ul>
  </nav>
</template>

<style scoped>
.rail {
  position: fixed;
  inset: 0 auto 0 0;
  width: var(--rail-width);
  background: var(--rail);
  z-index: 10;
  display: flex;
  flex-direction: column;
}
.mark {
  font: 1.6rem var(--display);
  padding: 14px 16px 18px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: flex;
  flex-direction: column;
  flex: 1;
}
a {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding-left: 16px;
  color: var(--ink);
  text-decoration: none;
  border-left: 4px solid transparent;
}
a:hover {
  text-decoration: underline;
  text-underline-offset: 4px;
}
a[aria-current='page'] {
  background: var(--page);
  border-left-color: var(--accent);
  font-weight: 650;
}
.mark:has(+ .demo) {
  padding-bottom: 0;
}
.demo {
  padding: 0 16px 10px;
  font-size: 0.8rem;
}
.aside {
  margin-top: auto;
}
.last {
  margin-bottom: 16px;
}
@media (max-width: 760px) {
  .rail {
    inset: auto 0 0 0;
    width: auto;
    border-top: 1px solid var(--line);
  }
  .mark,
  .demo {
    display: none;
  }
  ul {
    flex-direction: row;
  }
  li {
    flex: 1;
  }
  a {
    justify-content: center;
    padding: 0;
    min-height: 56px;
    border-left: 0;
    border-top: 4px solid transparent;
    font-size: 0.8rem;
  }
  :global(html.chairside .rail a) {
    font-size: 0.68rem;
  }
  a[aria-current='page'] {
    border-top-color: var(--accent);
  }
  /* A phone has room for seven; the bench leads there too. */
  .wide {
    display: none;
  }
  .last {
    margin: 0;
  }
}
</style>
