<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { short, weekday } from '../../format/dates'

/** What a ground is fit for: the next ten days by chance, the weeks after them by days of seven. */
defineProps<{ fit: Schemas['FitView'] }>()
const days = (n: number) => String(Math.round(n))
</script>

<template>
  <div class="wide" tabindex="0" role="region" aria-label="Fit days to come">
    <table class="plain fit">
      <caption>
        Chance that a day is fit
      </caption>
      <thead>
        <tr>
          <th scope="col">For</th>
          <th v-for="d in fit.days" :key="d" scope="col" class="n">{{ weekday(d) }}<br />{{ short(d) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in fit.rows" :key="row.words">
          <th scope="row">{{ row.words }}</th>
          <td v-for="(chance, i) in row.days" :key="fit.days[i]" class="n">
            <span class="tone" :style="{ '--share': chance / 100 }">{{ chance }} %</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <div class="wide" tabindex="0" role="region" aria-label="Fit days by week">
    <table class="plain weeks">
      <caption>
        Fit days of a week, in the middle year and in eight of ten
      </caption>
      <thead>
        <tr>
          <th scope="col">Week from</th>
          <th v-for="w in fit.weeks" :key="w" scope="col" class="n">{{ short(w) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in fit.rows" :key="row.words">
          <th scope="row">{{ row.words }}</th>
          <td v-for="(r, i) in row.weeks" :key="fit.weeks[i]" class="n">
            <span class="tone" :style="{ '--share': r.middle / 7 }"
              ><b>{{ days(r.middle) }}</b
              ><br /><span class="range">{{ days(r.low) }}–{{ days(r.high) }}</span></span
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.wide {
  overflow-x: auto;
  margin-top: 10px;
}
caption {
  text-align: left;
  font-weight: 700;
  padding: 4px 0;
}
th[scope='row'] {
  text-align: left;
  font-weight: 400;
  white-space: nowrap;
  position: sticky;
  left: 0;
  background: rgb(var(--v-theme-surface));
}
td {
  padding: 2px !important;
}
.tone {
  display: block;
  padding: 3px 5px;
  min-width: 40px;
  text-align: center;
  font-family: var(--figures);
  font-size: 15px;
  background: color-mix(in srgb, var(--sage) calc(var(--share) * var(--tone)), transparent);
}
.range {
  font-size: 13px;
}
.weeks th {
  font-size: 13px;
  white-space: nowrap;
}
</style>
