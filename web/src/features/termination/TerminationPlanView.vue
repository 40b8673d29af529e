<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../../api/client'
import { useTerminationPlan } from '../../api/resources'
import { project } from '../../draw/outline'
import { range, short } from '../../format/dates'
import { area, areaUnit, bare, word } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'

/** How a cover is ended, line by line, as a crew takes it along; after it, what was rated and what can be done. */
type Plan = Schemas['TerminationPlanView']
const route = useRoute()
const id = computed(() => String(route.params.fieldId))
const zone = computed(() => (route.query.zone ? String(route.query.zone) : undefined))
const asked = computed(() => (route.query.way ? (String(route.query.way) as Plan['termination']) : undefined))
const { data: plan, error } = useTerminationPlan(id, zone, asked)
const warned = computed(() => plan.value?.lines.filter((l) => l.warns).length ?? 0)
const SIZE = 220
const drawn = computed(() => (plan.value ? project(plan.value.boundary, SIZE) : undefined))
const paper = computed(() => {
  const query = new URLSearchParams()
  if (zone.value) query.set('zone', zone.value)
  if (asked.value) query.set('route', asked.value)
  return `/api/v1/work-orders/terminations/${id.value}?${query}`
})
const price = (dollars: number) =>
  `$${bare(dollars, 'DOLLAR_PER_ACRE', 0)}${word('DOLLAR_PER_ACRE').replace('$', '')}`
</script>

<template>
  <div class="page endplan">
    <p><router-link to="/termination">Termination</router-link></p>
    <Refusal :says="error ?? ''" />
    <template v-if="plan">
      <h1>{{ plan.field }}: {{ plan.words }}</h1>
      <p class="answer">
        {{ plan.cover }}, {{ area(plan.acres) }} {{ areaUnit }}; {{ plan.ended ? 'ended' : 'about' }}
        <b>{{ short(plan.on) }}</b><template v-if="plan.expected !== undefined"
          >, <b>{{ plan.expected }} %</b> {{ plan.ended ? 'were' : 'are' }} expected to die</template
        >; then {{ plan.next.toLowerCase() }} {{ short(plan.planted)
        }}<template v-if="!plan.ended && warned"
          >.
          <b class="trouble"
            >{{ warned }} {{ warned === 1 ? 'thing speaks' : 'things speak' }} against it</b
          ></template
        >.
      </p>
      <p v-if="!plan.ended" class="noprint">
        <v-btn :href="paper" :prepend-icon="mdiPrinterOutline" variant="outlined">Work order (PDF)</v-btn>
      </p>
      <div class="both">
        <div>
          <template v-if="plan.ended">
            <h2>After it</h2>
            <p v-if="!plan.ratings.length" class="quiet">
              Not rated yet: rate the kill 7, 14 and 21 days on, in <router-link to="/scout">Scout</router-link>.
            </p>
            <table v-else class="plain">
              <thead>
                <tr>
                  <th scope="col">Rated</th>
                  <th scope="col" class="n">Days after</th>
                  <th scope="col" class="n">Dead</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="r in plan.ratings" :key="r.on">
                  <td>{{ short(r.on) }}</td>
                  <td class="n figures">{{ r.days }}</td>
                  <td class="n figures">{{ r.dead }} %</td>
                </tr>
              </tbody>
            </table>
            <h2>If too much lives</h2>
            <ul v-if="plan.rescues.length" class="rescues">
              <li v-for="r in plan.rescues" :key="r.words">
                <b>{{ r.words }}</b>, {{ range(r.from, r.to) }}: {{ price(r.dollars) }}, ends about {{ r.kills }} % of
                the rest
              </li>
            </ul>
            <p v-else class="quiet">The days for it are over.</p>
            <p class="quiet">
              What seeds now comes up in the next small grain: keep it off the seed crop, and look there in autumn.
            </p>
          </template>
          <h2>{{ plan.ended ? 'How it was meant' : 'How' }}</h2>
          <table class="plain lines">
            <tbody>
              <tr v-for="(l, i) in plan.lines" :key="i" :class="{ warns: l.warns }">
                <th scope="row">{{ i && plan.lines[i - 1]!.topic === l.topic ? '' : l.topic }}</th>
                <td>
                  <span v-if="l.warns" class="trouble">{{ l.says }}</span><template v-else>{{ l.says }}</template>
                </td>
              </tr>
            </tbody>
          </table>
          <p v-for="c in plan.cautions" :key="c" class="caution">{{ c }}</p>
        </div>
        <figure v-if="drawn">
          <svg :width="SIZE" :height="SIZE" role="img" :aria-label="`Outline of ${plan.field}`">
            <path :d="drawn.path" class="outline" fill-rule="evenodd" />
            <g v-for="(r, i) in plan.ruts" :key="i" class="rut">
              <path :d="`M${drawn.at(r.longitude, r.latitude).join(',')} m-6,-3 h12 m-12,6 h12`" />
            </g>
          </svg>
          <figcaption class="quiet">
            North is up.
            {{ plan.ruts.length ? 'Double strokes: ruts that were noted.' : 'No ruts were noted.' }}
          </figcaption>
        </figure>
      </div>
    </template>
  </div>
</template>

<style scoped>
.answer {
  font-size: 18px;
}
h1::first-letter,
.rescues b::first-letter {
  text-transform: uppercase;
}
.rescues b {
  display: inline-block;
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px;
  gap: 28px;
}
.lines th {
  text-align: left;
  vertical-align: top;
  width: 150px;
  font-weight: 700;
}
.lines td,
.lines th {
  padding: 5px 10px 5px 0;
}
.n {
  text-align: right;
}
.outline {
  fill: var(--sage-soft);
  stroke: var(--loam);
  stroke-width: 1.5;
}
.rut path {
  stroke: var(--madder);
  stroke-width: 2;
}
figure {
  margin: 12px 0;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }
}
</style>
