<script setup lang="ts">
import { looks, lookWords, tile } from './mapFills'
import { short } from '../../format/dates'
import { useTheme } from 'vuetify'
import { computed } from 'vue'
import { color, type Way } from './landMap'

/** What the map's looks mean, of those that are on it, and whose ways are drawn. */
const props = defineProps<{ seen: Set<string>; called: boolean; ways: Way[]; on: string }>()
const theme = useTheme()
const inKey = computed(() =>
  looks
    .filter((look) => props.seen.has(look))
    .map((look) => ({ look, words: lookWords[look], src: theme.global.name.value && tile(look, color).toDataURL() })),
)
</script>

<template>
  <div class="key">
    <span v-for="s in inKey" :key="s.look"><i :style="{ backgroundImage: `url(${s.src})` }" />{{ s.words }}</span>
    <span v-if="called"><i class="called" />asks for you</span>
    <span v-for="w in ways" :key="w.machine" class="way"><i />{{ short(on) }}: {{ w.machine }}</span>
  </div>
</template>

<style scoped>
.key {
  position: absolute;
  right: 8px;
  bottom: 8px;
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 4px 14px;
  max-width: calc(100% - 180px);
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--hair);
  padding: 4px 10px;
  font-size: 0.88rem;
}
.key span {
  white-space: nowrap;
}
i {
  display: inline-block;
  width: 26px;
  height: 13px;
  margin-right: 6px;
  vertical-align: -2px;
  border: 1px solid var(--loam);
}
.called {
  border: 3px solid var(--ochre);
}
.way i {
  height: 0;
  border: 0;
  border-top: 3px dotted var(--flax);
  vertical-align: 4px;
}
</style>
