<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../../api/client'
import { useFields, useGrowth } from '../../api/resources'
import { dayNumber, isoDay, short } from '../../format/dates'
import { bare, matter, rateUnit, read, word } from '../../format/units'
import type { Series } from '../../parts/ChartBox.vue'

/** How a field's cover grows, and what its mat does after the end. */
const ChartBox = defineAsyncComponent(() => import('../../parts/ChartBox.vue'))
const route = useRoute()
const id = computed(() => String(route.params.fieldId))
const zone = computed(() => route.query.zone as string | undefined)
const { data: growth, error } = useGrowth(id, zone)
const { data: fields } = useFields()
const name = computed(() => fields.value?.find((f) => f.field.id === id.value)?.field.name ?? 'Field')
const last = computed(() => growth.value?.living.at(-1))
const third = computed(() => growth.value?.dead.find((d) => d.weeks === 3))
type Week = Schemas['LivingWeek']
const line = (label: string, color: string, of: (w: Week) => number | undefined, more = {}): Series => ({
  label,
  color,
  points: (growth.value?.living ?? []).flatMap((w) => {
    const y = of(w)
    return y === undefined ? [] : [{ x: dayNumber(w.on), y: read(y, 'POUND_PER_ACRE') }]
  }),
  ...more,
})
const series = computed<Series[]>(() => [
  line('eight of ten: from', '--sage', (w) => w.mat.low, { kind: 'dashed' }),
  line('to', '--sage', (w) => w.mat.high, { fill: '-1', kind: 'dashed' }),
  line('middle', '--loam', (w) => w.mat.middle),
  ...(growth.value?.seen
    ? [line('by the figures alone', '--flax', (w) => w.before?.middle, { kind: 'dashed' })]
    : []),
  {
    label: 'lying dead',
    color: '--ochre',
    points: (growth.value?.dead ?? []).map((d) => ({ x: dayNumber(d.on), y: read(d.matLbAc, 'POUND_PER_ACRE') })),
  },
])
const every = (n: number) => (growth.value?.living ?? []).filter((_, i, all) => i % n === 0 || i === all.length - 1)
const pounds = (n: number) => bare(n, 'POUND_PER_ACRE', 0)
const gives = computed(() => (growth.value?.availableLbAc ?? 0) >= 0)
</script>

<template>
  <div class="page">
    <p><router-link :to="{ name: 'season' }">Season</router-link> · {{ name }}</p>
    <h1>How it grows, and what it leaves</h1>
    <p v-if="error" class="trouble" role="alert">{{ error.message }}</p>
    <template v-else-if="growth && last">
      <p class="says" aria-live="polite">
        About <b>{{ matter(last.mat.middle) }} {{ rateUnit }}</b> dry on {{ short(growth.ends) }} ({{
          matter(last.mat.low)
        }}–{{ matter(last.mat.high) }}), carbon to nitrogen {{ growth.carbonToNitrogen }}.
        <template v-if="third">Three weeks on the mat keeps {{ third.weedsDown }} % of the weeds down</template
        ><template v-if="growth.halfLeft">; half of it is gone by {{ short(growth.halfLeft) }}</template
        >. It holds {{ pounds(growth.nitrogenLbAc) }} {{ rateUnit }} of nitrogen and
        <b>{{ gives ? 'gives' : 'ties up' }} {{ pounds(Math.abs(growth.availableLbAc)) }}</b
        >.
      </p>
      <ChartBox
        title="Dry matter, standing and lying"
        x-label="day"
        :y-label="rateUnit"
        :series="series"
        :say-x="(x) => short(isoDay(Math.round(x)))"
        :height="300"
      />
      <p v-if="growth.seen" class="quiet">
        What was counted, clipped and measured here is in it; the dashed line is what the figures alone would tell.
      </p>
      <p v-if="growth.fedLbAc !== undefined" class="quiet">
        It finds {{ pounds(growth.fedLbAc) }} {{ rateUnit }} of nitrogen, as written down.
      </p>
      <div class="two">
        <section aria-labelledby="living">
          <h2 id="living">While it lives</h2>
          <div class="wide" tabindex="0" role="region" aria-label="The living cover by week">
            <table class="plain">
              <thead>
                <tr>
                  <th scope="col">Day</th>
                  <th scope="col" class="n">{{ rateUnit }}</th>
                  <th scope="col" class="n">8 of 10</th>
                  <th scope="col" class="n">tall, {{ word('INCH') }}</th>
                  <th scope="col" class="n">ground</th>
                  <th scope="col" class="n">C:N</th>
                  <th scope="col" class="n">N, {{ rateUnit }}</th>
                  <th scope="col" class="n">winter weeds down</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="w in every(2)" :key="w.on">
                  <td class="figures">{{ short(w.on) }}</td>
                  <td class="n">{{ matter(w.mat.middle) }}</td>
                  <td class="n quiet">{{ matter(w.mat.low) }}–{{ matter(w.mat.high) }}</td>
                  <td class="n">{{ bare(w.heightIn, 'INCH', 0) }}</td>
                  <td class="n">{{ w.ground }} %</td>
                  <td class="n">{{ Math.round(w.carbonToNitrogen) }}</td>
                  <td class="n">{{ pounds(w.nitrogenLbAc) }}</td>
                  <td class="n">{{ w.weedsDown }} %</td>
                </tr>
              </tbody>
            </table>
          </div>
        </section>
        <section aria-labelledby="dead">
          <h2 id="dead">After the end</h2>
          <div class="wide" tabindex="0" role="region" aria-label="The dead mat by week">
            <table class="plain">
              <thead>
                <tr>
                  <th scope="col">Week</th>
                  <th scope="col">Day</th>
                  <th scope="col" class="n">mat, {{ rateUnit }}</th>
                  <th scope="col" class="n">weeds down</th>
                  <th scope="col" class="n">N {{ gives ? 'given' : 'tied up' }}, {{ rateUnit }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="d in growth.dead" :key="d.on">
                  <td>{{ d.weeks }}</td>
                  <td class="figures">{{ short(d.on) }}</td>
                  <td class="n">{{ matter(d.matLbAc) }}</td>
                  <td class="n">{{ d.weedsDown }} %</td>
                  <td class="n">{{ pounds(Math.abs(d.releasedLbAc)) }}</td>
                </tr>
              </tbody>
            </table>
          </div>
        </section>
      </div>
      <p class="quiet">
        A growth curve is coarse: a quarter more or less is usual, and the range says how far. Clip or measure to make
        it surer.
      </p>
    </template>
  </div>
</template>

<style scoped>
.says {
  font-size: 18px;
  max-width: 1000px;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(420px, 1fr));
  gap: 10px 28px;
}
.wide {
  overflow-x: auto;
}
@media (max-width: 700px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
