<script setup lang="ts">
import { nextBooking } from '#shared/records/days/jobs'
import { today } from '#shared/today'
import { formatMoney } from '~/words/words'

const faces = useFaces()
const booking = computed(() => (faces.current ? nextBooking(faces.current.bookings, today()) : null))
const history = ref(false)
// Nothing of it is loaded before somebody asks for it.
const wasOpened = ref(false)
watch(history, () => (wasOpened.value = true))
const settings = useSettings()
const chairside = useChairside()
const other = computed(() => (settings.value.theme === 'day' ? 'wings' : 'day'))
</script>

<template>
  <header class="pinned">
    <NuxtLink v-if="faces.current" :to="`/faces/${faces.current.id}`"
      >Face <b>{{ faces.current.name }}</b></NuxtLink
    >
    <NuxtLink v-else to="/faces">Face <b>none chosen</b></NuxtLink>
    <NuxtLink v-if="booking" :to="`/jobs/${booking.jobId}`" class="job"
      >For <b>{{ booking.job.name }}</b></NuxtLink
    >
    <NuxtLink v-if="settings.value.budgetMinor !== null" to="/buys" class="budget"
      >Budget <b>{{ formatMoney(settings.value.budgetMinor, settings.value.currency) }}</b></NuxtLink
    >
    <Act class="chairside" :aria-pressed="chairside.on" @click="chairside.on = !chairside.on">
      {{ chairside.on ? 'At the desk' : 'At the chair' }}
    </Act>
    <Act @click="settings.change({ theme: other }, true)">
      {{ other === 'wings' ? 'Wings (dark)' : 'Day (light)' }}
    </Act>
    <Act :aria-expanded="history" @click="history = !history">History</Act>
    <LazyHistoryDialog v-if="wasOpened" v-model="history" />
  </header>
</template>

<style scoped>
.pinned {
  display: flex;
  align-items: center;
  gap: 26px;
  min-height: 48px;
  padding: 0 24px;
  border-bottom: 1px solid var(--line);
}
.pinned a {
  color: var(--ink);
  text-decoration: none;
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  gap: 5px;
  white-space: nowrap;
}
.pinned b {
  max-width: 32ch;
  overflow: hidden;
  text-overflow: ellipsis;
}
.pinned a:hover b {
  text-decoration: underline;
}
.chairside {
  margin-left: auto;
}
.pinned a {
  overflow: hidden;
  min-width: 0;
}
.pinned a.budget {
  flex: none;
}
@media (max-width: 760px) {
  .pinned {
    padding: 0 16px;
    gap: 14px;
    font-size: 0.9rem;
  }
  .pinned .job,
  .pinned .budget {
    display: none;
  }
  .pinned .act {
    white-space: nowrap;
    flex: none;
  }
  .pinned a {
    overflow: hidden;
    min-width: 0;
  }
  .pinned b {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  /* In large type a name and three acts have no room beside each other. */
  :global(html.chairside .pinned) {
    flex-wrap: wrap;
    gap: 0 14px;
  }
  :global(html.chairside .pinned > a:first-child) {
    flex: 1 0 100%;
  }
  :global(html.chairside .pinned > .chairside) {
    margin-left: 0;
  }
}
</style>
