<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { money } from '../../format/units'

/** What putting a job where it is held would bring, told before it is let go. */
defineProps<{ field: string; day?: string; answer: Schemas['WhatIfView'] | null; trouble: string }>()

const costs = (dollars: number) =>
  dollars > 0
    ? `Loses ${money(dollars)} a year more`
    : dollars < 0
      ? `Loses ${money(-dollars)} a year less`
      : 'Costs nothing'
</script>

<template>
  <div class="told" role="status">
    <b
      >{{ field }}<template v-if="day"> on {{ short(day) }}</template></b
    >
    <p v-if="trouble" class="trouble">{{ trouble }}</p>
    <ul v-else-if="answer">
      <li>
        <b class="figures">{{ costs(answer.rise) }}</b>, in its window in {{ answer.inWindow }} % of years
      </li>
      <li v-for="s in answer.says" :key="s">{{ s }}</li>
      <li v-if="answer.moves.length" class="trouble">Puts {{ answer.moves.join(', ') }} on other days</li>
    </ul>
  </div>
</template>

<style scoped>
.told {
  position: sticky;
  bottom: 8px;
  left: 12px;
  margin: 10px;
  max-width: 440px;
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--hair);
  border-left: 4px solid var(--ochre);
  padding: 8px 12px;
  z-index: 3;
}
.told ul {
  margin: 2px 0;
  padding-left: 18px;
}
.told p {
  margin: 0;
}
</style>
