<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { range } from '../../format/dates'
import { area, areaUnit, money } from '../../format/units'
import { keyOf } from '../../work/board'

/** How what is placed fares in years that it was not planned on: what it loses, and which jobs a year are not done in time. */
const props = defineProps<{ risk: Schemas['RiskView'] }>()
const MOST = 6
const few = computed(() => props.risk.few.flatMap((id) => props.risk.jobs.filter((j) => keyOf(j) === keyOf({ id }))))
</script>

<template>
  <section v-if="risk.jobs.length" class="risk" aria-labelledby="at-risk">
    <h2 id="at-risk">
      At risk <span class="figures quiet">{{ few.length }}</span>
    </h2>
    <p>
      Waiting and wet days take about <b>{{ money(risk.dollars) }}</b> from this plan, {{ money(risk.badYear) }} in
      one year of ten, counted on years it was not made for; {{ area(risk.acresAtRisk) }} {{ areaUnit }} may not be
      done in time.
    </p>
    <ul>
      <li v-for="job in few.slice(0, MOST)" :key="keyOf(job)">
        <b>{{ job.field }}</b> <span class="figures">{{ job.chance }} %</span>
        <span class="row"
          >{{ job.words }}<template v-if="job.early && job.late">, over {{ range(job.early, job.late) }}</template
          ><template v-else-if="job.middle">, over {{ range(job.middle, job.middle) }} in half of the years</template
          ><template v-else>, not done in half of the years</template></span
        >
      </li>
    </ul>
    <p v-if="few.length > MOST" class="quiet">and {{ few.length - MOST }} more</p>
  </section>
</template>

<style scoped>
.risk {
  border-bottom: 1px solid var(--hair);
  margin-bottom: 10px;
  padding-bottom: 6px;
}
h2 {
  font-size: 1.05rem;
  margin: 0 0 6px;
}
.risk p {
  margin: 4px 0;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 4px 0;
}
.row {
  display: block;
  font-size: 0.88rem;
}
</style>
