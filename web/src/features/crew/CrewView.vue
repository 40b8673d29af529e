<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { long, range } from '../../format/dates'
import { area, areaUnit, mass, massUnit, rate, rateUnit } from '../../format/units'
import FieldOutline from '../../parts/FieldOutline.vue'
import Refusal from '../../parts/Refusal.vue'
import SayBar from '../../work/SayBar.vue'
import { sayAsCrew } from '../../work/say'

/** A hired crew's own list, opened by its private address alone. */
const route = useRoute()
const word = computed(() => String(route.params.word))
const list = ref<Schemas['CrewList']>()
const problem = ref<Refused | ''>('')
const files = [
  { name: 'Work orders (PDF)', path: 'work-orders.pdf' },
  { name: 'Outlines as GeoJSON', path: 'fields.geojson' },
  { name: 'as KML', path: 'fields.kml' },
  { name: 'as shapefile', path: 'fields.zip' },
]

onMounted(async () => {
  try {
    list.value = await got(api.GET('/api/v1/crew/{word}', { params: { path: { word: word.value } } }))
  } catch (e) {
    problem.value = e as Refused
  }
})

async function say(form: Schemas['ReportForm'], photo?: File) {
  list.value = await sayAsCrew(word.value, form, photo)
}
</script>

<template>
  <div class="page crew">
    <p class="brand">Nimble Furrow</p>
    <Refusal :says="problem" />
    <template v-if="list">
      <h1>{{ list.machine }}: work for {{ list.farm }}</h1>
      <p class="answer">
        <template v-if="list.jobs.length"
          >{{ list.jobs.length }} {{ list.jobs.length === 1 ? 'field' : 'fields' }},
          <span class="figures">{{ area(list.acres) }} {{ areaUnit }}</span
          >, from {{ long(list.jobs[0]!.first) }}.</template
        ><template v-else>Nothing is planned for you at present.</template>
      </p>
      <p v-if="list.least && list.shortBy > 0" class="caution">
        {{ area(list.shortBy) }} {{ areaUnit }} short of your least of {{ area(list.least) }} {{ areaUnit }}.
      </p>
      <p v-if="list.jobs.length" class="files">
        <a v-for="f in files" :key="f.path" :href="`/api/v1/crew/${word}/${f.path}`" download>{{ f.name }}</a>
      </p>
      <p v-for="c in list.cautions" :key="c" class="caution">{{ c }}</p>
      <article v-for="j in list.jobs" :key="j.id.cover + j.id.operation">
        <FieldOutline v-if="j.boundary" :boundary="j.boundary" :size="56" />
        <div>
          <h2>{{ j.field }}</h2>
          <p>
            {{ j.words }}<template v-if="j.cover">, {{ j.cover }}</template> ·
            <span class="figures">{{ area(j.acres, 1) }} {{ areaUnit }}</span> · {{ range(j.first, j.last) }} · fit
            {{ j.fitChance }} %
          </p>
          <p v-for="s in j.seed" :key="s.name" class="figures">
            {{ s.name }} {{ rate(s.bulkRate) }} {{ rateUnit }} bulk, {{ mass(s.pounds) }} {{ massUnit }}
          </p>
          <p v-if="j.farmstead" class="quiet">{{ j.farmstead }}</p>
          <p v-if="j.note">{{ j.note }}</p>
          <SayBar
            :job="j.id"
            :field="j.field"
            :left="j.left"
            :doing="j.doing"
            :counted="j.counted"
            :today="list.today"
            :pounds="j.seed.length > 0"
            :say="say"
          />
        </div>
      </article>
      <p class="quiet">This list can be read until {{ long(list.until) }} by whoever has its address.</p>
    </template>
  </div>
</template>

<style scoped>
.crew {
  max-width: 760px;
}
.brand {
  font-weight: 700;
  margin: 0;
}
h1 {
  font-size: 1.4rem;
  margin: 4px 0;
}
h2 {
  font-size: 1.1rem;
  margin: 0;
}
.answer {
  font-size: 1.05rem;
}
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.files a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}
article {
  display: flex;
  gap: 12px;
  border-left: 4px solid var(--flax);
  background: rgb(var(--v-theme-surface));
  padding: 10px 12px;
  margin: 10px 0;
}
article > div {
  flex: 1;
  min-width: 0;
}
article p {
  margin: 0;
}
.caution {
  border-left: 3px solid var(--ochre);
  padding-left: 8px;
  margin: 4px 0;
  font-size: 0.9rem;
}
</style>
