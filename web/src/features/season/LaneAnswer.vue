<script setup lang="ts">
import { useFieldAnswer } from '../../api/resources'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { range, short } from '../../format/dates'
import { sentence } from '../../format/sentence'
import { matter, rateUnit } from '../../format/units'
import LaneDrawing from '../../lane/LaneDrawing.vue'
import type { Lane } from '../../lane/lanes'

const props = defineProps<{ lane: Lane; today: string }>()
const emit = defineEmits<{ sized: [height: number] }>()
const root = ref<HTMLElement>()
// The sheet leaves as much room as the answer takes: nothing of it is cut off.
const observer = new ResizeObserver(() => root.value && emit('sized', root.value.offsetHeight))
onMounted(() => observer.observe(root.value!))
onBeforeUnmount(() => observer.disconnect())
const { data: answer, error } = useFieldAnswer(
  () => props.lane.fieldId,
  () => props.lane.zoneId,
)
const more = ref(false)
const keyStages = computed(
  () =>
    answer.value?.cropStages.filter(
      (s) => !['PLANTED', 'EMERGED', 'V3', 'V7', 'LEAVES_GOING', 'LEAVES_GONE'].includes(s.code),
    ) ?? [],
)
</script>

<template>
  <section ref="root" class="answer" :aria-label="`${answer?.field ?? 'Field'}: the answer`">
    <p v-if="error" class="trouble">{{ error.message }}</p>
    <p v-else-if="!answer" class="quiet">Working it out …</p>
    <template v-else>
      <p class="headline wide">{{ sentence(answer.headline) }}</p>
      <p v-if="answer.trouble" class="trouble wide" role="alert">
        The cover that is kept cannot be worked out: {{ answer.trouble }}.
      </p>
      <p v-if="answer.heldBackBy" class="wide">
        Held back by <b>{{ answer.heldBackBy }}</b>: the whole field waits for this zone.
      </p>
      <LaneDrawing
        v-if="lane.drawn && !lane.trouble"
        class="wide"
        :lane="lane"
        :from="answer.openFrom"
        :to="answer.openTo"
        :today="today"
      />
      <div class="links">
        <router-link :to="{ name: 'cover', params: { fieldId: lane.fieldId }, query: { zone: lane.zoneId } }">{{
          answer.cover ? 'Change the cover' : 'Choose a cover'
        }}</router-link>
        <router-link
          v-if="answer.cover && !answer.trouble"
          :to="{ name: 'growth', params: { fieldId: lane.fieldId }, query: { zone: lane.zoneId } }"
          >How it grows and what it leaves</router-link
        >
        <router-link :to="{ name: 'logbook', query: { field: lane.fieldId } }">Log work or a count</router-link>
        <button type="button" class="more" :aria-expanded="more" @click="more = !more">
          {{ more ? 'Hide the dates and reasons' : 'All dates and reasons' }}
        </button>
      </div>
      <template v-if="more">
        <div class="part">
          <h3>{{ answer.crop }}</h3>
          <table>
            <tbody>
              <tr v-for="s in keyStages" :key="s.code">
                <td>{{ s.words }}</td>
                <td class="figures">{{ short(s.when.middle) }}</td>
                <td class="figures quiet">{{ range(s.when.early, s.when.late) }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="answer.frostBeforeMaturity > 5" class="trouble">
            Frost before maturity: {{ answer.frostBeforeMaturity }} % chance
          </p>
          <p class="quiet">Then {{ answer.next.toLowerCase() }}, planned {{ short(answer.nextPlanned) }}.</p>
        </div>
        <div v-if="answer.window" class="part">
          <h3>{{ answer.cover }}</h3>
          <p v-if="answer.seeded">
            Sown <b class="figures">{{ short(answer.seeded) }}</b><template v-if="answer.matToday"
              >; now about <b class="figures">{{ matter(answer.matToday.middle) }}</b> {{ rateUnit }} dry
              <span class="quiet figures"
                >({{ matter(answer.matToday.low) }}–{{ matter(answer.matToday.high) }})</span
              ></template
            ><template v-if="answer.makesRoom && !answer.ended">; {{ answer.makesRoom }}</template
            >.
          </p>
          <template v-else-if="answer.window.impossible">
            <p class="trouble">{{ answer.window.impossible }}.</p>
            <p v-if="answer.window.remedy">{{ answer.window.remedy }}.</p>
          </template>
          <template v-else>
            <p>
              {{ answer.window.words }}: opens
              <b class="figures">{{ range(answer.window.opens.early, answer.window.opens.late) }}</b>, last useful
              <b class="figures">{{ short(answer.window.lastUseful) }}</b>, possible to
              <span class="figures">{{ short(answer.window.possible) }}</span>.
            </p>
            <p :class="{ trouble: answer.window.verdict === 'SHUT' }">{{ answer.window.says }}</p>
            <p>
              Chance that it is still in time: <b class="figures">{{ answer.window.chance }} %</b>
            </p>
          </template>
          <table v-if="answer.stages.length">
            <tbody>
              <tr v-for="s in answer.stages" :key="s.code">
                <td>{{ s.words }}</td>
                <td class="figures">{{ range(s.when.early, s.when.late) }}</td>
                <td class="figures quiet">
                  <template v-if="s.mat">{{ matter(s.mat.middle) }} {{ rateUnit }}</template>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <div v-if="answer.termination" class="part">
          <h3>{{ answer.termination.words }}</h3>
          <template v-if="answer.termination.impossible"
            ><p class="trouble">{{ answer.termination.impossible }}.</p>
            <p>{{ answer.termination.remedy }}.</p></template
          >
          <template v-else>
            <p>
              Aim for <b class="figures">{{ short(answer.termination.aim) }}</b>; open
              {{ range(answer.termination.opens.middle, answer.termination.closes.middle) }}.<template
                v-if="answer.termination.killLow !== undefined"
              >
                Kill
                <b class="figures">{{ answer.termination.killLow }}–{{ answer.termination.killHigh }} %</b>.</template
              ><template v-if="answer.termination.members.length > 1">
                <template v-for="(m, i) in answer.termination.members" :key="m.species"
                  >{{ i ? ', ' : 'By member: ' }}{{ m.species }}
                  {{ m.kill === undefined ? 'no figure' : `${m.kill} %` }}</template
                >.</template
              >
            </p>
            <ul>
              <li v-for="r in answer.termination.reasons" :key="r">{{ r }}</li>
              <li v-for="r in answer.termination.against" :key="r" class="against">{{ r }}</li>
            </ul>
          </template>
        </div>
        <div v-for="a in answer.after" :key="a.ground" class="part">
          <h3>After the {{ a.ground }}: {{ a.cover }}</h3>
          <p v-if="a.window.impossible" class="trouble">{{ a.window.impossible }}.</p>
          <p v-else>
            {{ a.window.words }}: opens <b class="figures">{{ range(a.window.opens.early, a.window.opens.late) }}</b>,
            last useful <b class="figures">{{ short(a.window.lastUseful) }}</b>; in time
            <span class="figures">{{ a.window.chance }} %</span>.
          </p>
        </div>
      </template>
    </template>
  </section>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 8px 24px;
  padding: 10px 14px 14px;
  background: rgb(var(--v-theme-surface));
  border-bottom: 1px solid var(--hair);
  font-size: 0.92rem;
  align-items: start;
}
.part {
  min-width: 0;
  overflow-wrap: anywhere;
}
h3 {
  font-size: 0.98rem;
  margin: 0 0 4px;
}
h3::first-letter {
  text-transform: uppercase;
}
p {
  margin: 0 0 4px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
td {
  padding: 1px 10px 1px 0;
  vertical-align: top;
}
td.figures {
  white-space: nowrap;
}
ul {
  margin: 2px 0;
  padding-left: 16px;
}
li.against {
  color: var(--madder);
}
.links {
  grid-column: 1 / -1;
  display: flex;
  gap: 18px;
  flex-wrap: wrap;
}
.wide {
  grid-column: 1 / -1;
}
.headline {
  font-size: 1.12rem;
  font-weight: 700;
  line-height: 1.35;
}
.more {
  all: unset;
  cursor: pointer;
  color: rgb(var(--v-theme-primary));
  text-decoration: underline;
}
.more:focus-visible {
  outline: 3px solid rgb(var(--v-theme-primary));
}
</style>
