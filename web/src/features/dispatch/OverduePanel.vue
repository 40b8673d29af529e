<script setup lang="ts">
import { api, got, type Schemas } from '../../api/client'
import { useRefresh } from '../../api/resources'
import { short } from '../../format/dates'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'

/** Other work whose days are over: somebody has to say what became of it. */
const props = defineProps<{ board: Schemas['BoardView'] }>()
defineEmits<{ move: [id: string] }>()
const { problem, act } = useAct()
const refresh = useRefresh()
const settle = async (how: () => Promise<unknown>) => {
  if (await act(how)) await refresh.jobs()
}
const done = (id: string) =>
  settle(() =>
    got(api.POST('/api/v1/other-work/{id}/done', { params: { path: { id } }, body: { day: props.board.today } })),
  )
const never = (id: string) => settle(() => got(api.DELETE('/api/v1/other-work/{id}', { params: { path: { id } } })))
</script>

<template>
  <section v-if="board.overdue.length" aria-labelledby="overdue" class="overdue">
    <h2 id="overdue">
      Overdue <span class="figures quiet">{{ board.overdue.length }}</span>
    </h2>
    <Refusal :says="problem" />
    <div v-for="w in board.overdue" :key="w.id" class="one">
      <b>{{ w.what }}</b>
      <span class="row">was to be done by {{ short(w.last) }}</span>
      <div v-if="planner" class="acts">
        <v-btn size="small" variant="tonal" :aria-label="`Done: ${w.what}`" @click="done(w.id)">Done</v-btn>
        <v-btn size="small" variant="text" :aria-label="`Another day: ${w.what}`" @click="$emit('move', w.id)"
          >Another day</v-btn
        >
        <v-btn size="small" variant="text" :aria-label="`Never: ${w.what}`" @click="never(w.id)">Never</v-btn>
      </div>
    </div>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.05rem;
  margin: 0 0 6px;
}
.overdue {
  border-bottom: 1px solid var(--hair);
  margin-bottom: 10px;
  padding-bottom: 8px;
}
.one {
  border-left: 4px solid var(--madder);
  padding: 4px 8px;
  margin-bottom: 6px;
}
.row {
  display: block;
  font-size: 0.86rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  margin-top: 2px;
}
.acts .v-btn {
  min-height: 36px;
  padding: 0 6px;
}
</style>
