<script setup lang="ts">
import { useApplied } from '../../api/resources'
import { computed } from 'vue'
import { fit, geoPositions, path, shape } from '../../draw/planar'
import { area, areaUnit, mass, massUnit, number, rate, rateUnit } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'

const props = defineProps<{ entryId: string }>()
const open = defineModel<boolean>({ required: true })
const { data: map, error } = useApplied(() => props.entryId, open)
const W = 640
const planar = computed(() => (map.value ? fit(geoPositions(map.value.boundary), W, 560) : null))
const blocks = computed(() =>
  planar.value && map.value
    ? map.value.blocks.map((b) => {
        const [x1, y1] = planar.value!.at(b.longitude - b.wide / 2, b.latitude + b.high / 2)
        const [x2, y2] = planar.value!.at(b.longitude + b.wide / 2, b.latitude - b.high / 2)
        return { x: x1, y: y1, w: x2 - x1, h: y2 - y1, level: b.level.toLowerCase(), rate: b.poundsPerAcre }
      })
    : [],
)
const levels = [
  { level: 'even', words: 'within 10 %' },
  { level: 'light', words: 'lighter' },
  { level: 'heavy', words: 'heavier' },
  { level: 'skip', words: 'skip, under half' },
]
</script>

<template>
  <v-dialog v-model="open" max-width="760" scrollable>
    <v-card :title="map ? `${map.field}: what was laid where` : 'What was laid where'" :subtitle="map?.source">
      <v-card-text>
        <Refusal :says="error" />
        <template v-if="map && planar">
          <p class="figures big">
            {{ rate(map.actualRate) }} {{ rateUnit }} over {{ area(map.coveredAcres, 1) }} of
            {{ area(map.fieldAcres, 1) }} {{ areaUnit }} · skipped {{ number(map.skippedPercent, 1) }} % · overlapped
            {{ number(map.overlappedPercent, 1) }} %
          </p>
          <p class="quiet figures">
            {{ mass(map.pounds) }} {{ massUnit }} in all<template v-if="map.outsidePounds >= 1"
              >, {{ mass(map.outsidePounds) }} of it outside the field</template
            >
          </p>
          <svg
            :viewBox="`0 0 ${W} ${planar.height}`"
            role="img"
            :aria-label="`Rate by area: skipped ${number(map.skippedPercent, 1)} %, overlapped ${number(map.overlappedPercent, 1)} %`"
          >
            <rect v-for="(b, i) in blocks" :key="i" :x="b.x" :y="b.y" :width="b.w" :height="b.h" :class="b.level">
              <title>{{ rate(b.rate) }} {{ rateUnit }}</title>
            </rect>
            <path
              v-for="(t, i) in map.track"
              :key="'t' + i"
              :d="path(planar, t)"
              class="swath"
              :stroke-width="map.swathFt * planar.perFoot"
            />
            <path v-for="(t, i) in map.track" :key="'l' + i" :d="path(planar, t)" class="track" />
            <path :d="shape(planar, map.boundary)" class="field" />
          </svg>
          <p class="quiet">Swaths are drawn over the ground: darker where two overlap, bare where none passed.</p>
          <p class="key">
            <span v-for="l in levels" :key="l.level"
              ><svg width="16" height="16"><rect width="16" height="16" :class="l.level" /></svg> {{ l.words }}</span
            >
          </p>
          <a :href="`/api/v1/log/${entryId}/applied/points`" download="as-applied.csv">Points as CSV</a>
        </template>
      </v-card-text>
      <v-card-actions><v-spacer /><v-btn variant="text" @click="open = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.big {
  font-size: 1.15rem;
  font-weight: 600;
  margin: 0;
}
svg {
  width: 100%;
  height: auto;
}
.key svg {
  width: 16px;
  height: 16px;
  vertical-align: -3px;
}
.key {
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
}
.field {
  fill: none;
  stroke: var(--loam);
  stroke-width: 2;
}
.swath {
  fill: none;
  stroke: var(--loam);
  opacity: 0.16;
  stroke-linejoin: round;
}
.track {
  fill: none;
  stroke: var(--loam);
  stroke-width: 0.6;
  opacity: 0.55;
}
rect.even {
  fill: var(--sage-soft);
}
rect.light {
  fill: var(--straw);
}
rect.heavy {
  fill: var(--ochre);
}
rect.skip {
  fill: var(--madder);
  opacity: 0.75;
}
</style>
