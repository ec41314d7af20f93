<script setup lang="ts">
import type { PlanStep } from '#core/plan/layers/steps'

/** Something done that puts nothing on: what, why, how long. */
defineProps<{ step: PlanStep }>()
</script>

<template>
  <li class="step">
    <span class="what"
      ><b>{{ step.name }}</b></span
    >
    <span class="say"
      >{{ step.say }} <span class="small">{{ capital(step.asked) }}.</span
      ><span v-if="step.caution" class="mind small"> {{ step.caution }}</span></span
    >
    <span class="how small"
      ><template v-if="step.minutes > 0">{{ step.minutes }} min</template></span
    >
  </li>
</template>

<style scoped>
.step {
  display: grid;
  grid-template-columns: 200px 34px minmax(0, 1fr) 132px;
  gap: 0 16px;
  align-items: center;
  min-height: 44px;
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
  line-height: 1.25;
}
.say {
  grid-column: 3;
  font-size: 0.92rem;
}
.mind {
  border-left: 4px solid var(--ink);
  padding-left: 8px;
  display: block;
}
.how {
  text-align: right;
}
@media (max-width: 760px) {
  .step {
    grid-template-columns: 22px minmax(0, 1fr) auto;
  }
  .what {
    grid-column: 2;
  }
  .say {
    grid-column: 2 / -1;
    grid-row: 2;
  }
}
</style>
