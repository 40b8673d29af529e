<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useCropTable, useRefresh } from '../../api/resources'
import { area, areaUnit } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { planner, session } from '../../session'
import RotationBar from './RotationBar.vue'

/** All fields by harvest years: crops are typed, dragged down, pasted or laid as a rotation, then kept together. */
type Cell = Schemas['CropCell']
type Wanted = Schemas['CropCellForm']
const YEARS = 3
const first = ref(Number((session.value?.today ?? '2026-01-01').slice(0, 4)))
const { data: rows, error } = useCropTable(first, YEARS)
const refresh = useRefresh()
const years = computed(() => Array.from({ length: YEARS }, (_, i) => first.value + i))

/** What is written and not kept yet, by field and year. */
const drafts = reactive(new Map<string, { text: string; cell?: Cell }>())
const chosen = reactive(new Set<string>())
const problem = ref<Refused | ''>('')
const said = ref('')
const busy = ref(false)
const kept = ref<string[]>([])
const strange = ref<Cell[]>([])
const key = (fieldId: string, year: number) => fieldId + year
const stands = (row: Schemas['CropRow'], year: number) => row.cells.find((c) => c.year === year)
const ready = computed(() => [...drafts.values()].flatMap((d) => (d.cell && !d.cell.trouble ? [d.cell] : [])))
const wrong = computed(() => [...drafts.values()].filter((d) => d.cell?.trouble).length)

watch(first, () => (strange.value = []))

async function understand(cells: Wanted[]) {
  if (!cells.length) return
  problem.value = ''
  try {
    take(await got(api.POST('/api/v1/crops/read', { body: { cells } })), cells)
  } catch (e) {
    problem.value = e as Refused
  }
}
function take(read: Cell[], texts?: { text: string }[]) {
  strange.value = read.filter((c) => !c.fieldId)
  read.forEach((cell, i) => {
    if (cell.fieldId)
      drafts.set(key(cell.fieldId, cell.year), { text: cell.trouble ? (texts?.[i]?.text ?? '') : cell.words, cell })
  })
}

function typed(fieldId: string, year: number, text: string) {
  if (text.trim() === '') drafts.delete(key(fieldId, year))
  else {
    drafts.set(key(fieldId, year), { text })
    void understand([{ fieldId, year, text }])
  }
}

/** Tables come with tabs; lists with commas and the field's name first: "Kiln Bottom, corn, 5/9, 107". */
function paste(event: ClipboardEvent, at: number, year: number) {
  const lines = (event.clipboardData?.getData('text') ?? '').split(/\r?\n/).filter((l) => l.trim())
  if (lines.length < 2 && !lines[0]?.includes('\t')) return
  event.preventDefault()
  const names = new Set(rows.value?.map((r) => r.field.toLowerCase()))
  const cells = lines.flatMap((line, i): Wanted[] => {
    const [head, ...rest] = line.split(/\t|,/).map((p) => p.trim())
    if (head && (names.has(head.toLowerCase()) || (!line.includes('\t') && rest.length)))
      return [{ field: head, year, text: rest.join(' ') }]
    const row = rows.value?.[at + i]
    return row
      ? line
          .split('\t')
          .map((text, n) => ({ fieldId: row.fieldId, year: year + n, text: text.trim() }))
          .filter((c) => c.text && c.year <= years.value[YEARS - 1]!)
      : []
  })
  void understand(cells)
}

function copyDown(at: number, to: number, year: number) {
  const from = rows.value?.[at]
  const text = from && (drafts.get(key(from.fieldId, year))?.text ?? stands(from, year)?.words)
  if (!text) return
  void understand(
    rows
      .value!.slice(at + 1, to + 1)
      .filter((row) => !stands(row, year) && !drafts.has(key(row.fieldId, year)))
      .map((row) => ({ fieldId: row.fieldId, year, text })),
  )
}
const dragging = ref<{ at: number; to: number; year: number } | null>(null)
function drop() {
  if (dragging.value) copyDown(dragging.value.at, dragging.value.to, dragging.value.year)
  dragging.value = null
}

async function act(asked: () => Promise<void>) {
  busy.value = true
  problem.value = ''
  try {
    await asked()
    await refresh.all()
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}
const keep = () =>
  act(async () => {
    const cells = ready.value
    kept.value = (await got(api.POST('/api/v1/crops', { body: { cells } }))).links
    cells.forEach((c) => drafts.delete(key(c.fieldId!, c.year)))
    said.value = `${cells.length === 1 ? '1 crop is' : `${cells.length} crops are`} kept.`
  })
const undo = () =>
  act(async () => {
    await got(api.POST('/api/v1/crops/take-back', { body: { links: kept.value } }))
    kept.value = []
    said.value = 'Taken back.'
  })
function choose(id: string) {
  if (!chosen.delete(id)) chosen.add(id)
}
const all = computed(() => rows.value?.map((r) => r.fieldId) ?? [])
</script>

<template>
  <div>
    <Refusal :says="error ?? problem" />
    <p class="quiet how">
      Write a crop in a cell: <b>corn</b>, <b>corn 5/9 107</b>, <b>soybeans 12 May 2.8</b>, <b>wheat</b>. Paste a
      column or a list with field names from a spreadsheet; pull a cell's corner down to repeat it. Nothing is kept
      before you keep it.
    </p>
    <div class="bar">
      <RotationBar v-if="planner" :fields="chosen.size ? [...chosen] : all" :years="years" @laid="take" />
      <span class="grow" />
      <v-btn v-if="kept.length" variant="text" :disabled="busy" @click="undo">Undo</v-btn>
      <span role="status">{{ said }}</span>
      <v-btn v-if="drafts.size" variant="text" @click="drafts.clear()">Clear what is not kept</v-btn>
      <v-btn v-if="planner" color="primary" :disabled="!ready.length" :loading="busy" @click="keep">
        Keep {{ ready.length }} crop{{ ready.length === 1 ? '' : 's' }}
      </v-btn>
    </div>
    <p v-if="wrong" class="trouble" role="alert">
      {{ wrong }} cell{{ wrong === 1 ? ' is' : 's are' }} not understood: they are marked, and stay out.
    </p>
    <p v-for="c in strange" :key="c.field + c.words" class="trouble">{{ c.field }}: {{ c.trouble }}</p>
    <table v-if="rows" class="plain crops" @pointerup="drop" @pointerleave="dragging = null">
      <thead>
        <tr>
          <th>Field</th>
          <th class="n">{{ areaUnit }}</th>
          <th v-for="y in years" :key="y">Harvest {{ y }}</th>
          <th class="turn">
            <v-btn size="small" variant="text" @click="first--">Earlier</v-btn>
            <v-btn size="small" variant="text" @click="first++">Later</v-btn>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, at) in rows" :key="row.fieldId">
          <td>
            <label class="pick">
              <input
                type="checkbox"
                :checked="chosen.has(row.fieldId)"
                :aria-label="`Choose ${row.field}`"
                @change="choose(row.fieldId)"
              />
              <b>{{ row.field }}</b>
            </label>
          </td>
          <td class="n">{{ area(row.acres) }}</td>
          <td v-for="y in years" :key="y" @pointerenter="dragging && dragging.year === y && (dragging.to = at)">
            <span v-if="stands(row, y)" class="stands">{{ stands(row, y)!.words }}</span>
            <div
              v-else
              class="cell"
              :class="{
                wrong: drafts.get(key(row.fieldId, y))?.cell?.trouble,
                draft: drafts.has(key(row.fieldId, y)),
                under: dragging && dragging.year === y && at > dragging.at && at <= dragging.to,
              }"
            >
              <input
                type="text"
                :value="drafts.get(key(row.fieldId, y))?.text ?? ''"
                :aria-label="`${row.field}, harvest ${y}`"
                :title="drafts.get(key(row.fieldId, y))?.cell?.trouble"
                :disabled="!planner"
                @change="typed(row.fieldId, y, ($event.target as HTMLInputElement).value)"
                @paste="paste($event, at, y)"
                @keydown.ctrl.d.prevent="copyDown(at, rows.length - 1, y)"
              />
              <button
                v-if="drafts.has(key(row.fieldId, y))"
                type="button"
                class="corner"
                :aria-label="`Repeat down from ${row.field}, ${y}`"
                @click="copyDown(at, rows.length - 1, y)"
                @pointerdown.prevent="dragging = { at, to: at, year: y }"
              />
            </div>
            <span v-if="drafts.get(key(row.fieldId, y))?.cell?.trouble" class="trouble why">
              {{ drafts.get(key(row.fieldId, y))!.cell!.trouble }}
            </span>
          </td>
          <td />
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.how {
  max-width: 860px;
  margin: 0 0 8px;
}
.bar {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.grow {
  flex: 1;
}
.pick {
  display: flex;
  gap: 8px;
  align-items: center;
  white-space: nowrap;
}
.crops td {
  padding-top: 2px;
  padding-bottom: 2px;
}
.cell {
  position: relative;
  border: 1px solid var(--hair);
  min-width: 150px;
}
.crops th,
.cell {
  background: rgb(var(--v-theme-background));
}
.cell input {
  all: unset;
  box-sizing: border-box;
  width: 100%;
  padding: 5px 8px;
  min-height: 32px;
}
.cell:focus-within {
  outline: 2px solid rgb(var(--v-theme-primary));
}
.cell.draft {
  background: rgb(var(--v-theme-surface));
  border-color: var(--flax);
}
.cell.wrong {
  border-color: var(--madder);
}
.cell.under {
  background: var(--furrow);
  border-style: dashed;
}
.corner {
  position: absolute;
  right: -1px;
  bottom: -1px;
  width: 12px;
  height: 12px;
  padding: 0;
  border: 0;
  background: var(--flax);
  cursor: row-resize;
  touch-action: none;
}
.why {
  font-size: 0.85rem;
}
.stands {
  padding: 0 8px;
}
.turn {
  white-space: nowrap;
  text-align: right;
}
</style>
