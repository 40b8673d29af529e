<script setup lang="ts">
import { area, areaUnit } from '../../format/units'
import type { Lane } from '../../lane/lanes'

/** A field's name, cover and answer beside its lane; pressed, the lane opens. */
defineProps<{ lane: Lane; open: boolean; choosing: boolean }>()
</script>

<template>
  <button type="button" class="lane-head" :class="{ choosing }" :aria-expanded="open">
    <span class="top"
      ><b>{{ lane.field }}</b
      ><span class="figures">{{ area(lane.acres) }} {{ areaUnit }}</span></span
    >
    <span class="cover"
      >{{ lane.cover ?? 'no cover' }}<template v-if="lane.organic"> · organic</template
      ><template v-if="lane.heldBackBy"> · {{ lane.heldBackBy }} last</template></span
    >
    <span class="says" :class="{ trouble: lane.trouble }">{{ lane.answer }}</span>
  </button>
</template>

<style scoped>
.choosing .cover,
.choosing .says {
  padding-right: 36px;
}
.lane-head {
  all: unset;
  box-sizing: border-box;
  width: 216px;
  flex: none;
  padding: 4px 10px 3px 12px;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  line-height: 1.22;
  border-right: 1px solid var(--hair);
  background: rgb(var(--v-theme-background));
}
.lane-head:focus-visible {
  outline: 3px solid rgb(var(--v-theme-primary));
  outline-offset: -3px;
}
.top {
  display: flex;
  justify-content: space-between;
  gap: 6px;
}
.top b {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.top .figures {
  white-space: nowrap;
}
.cover {
  font-size: 0.8rem;
  color: var(--quiet);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.says {
  font-size: 0.84rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
@media (max-width: 640px) {
  .lane-head {
    width: 128px;
    min-height: 44px;
  }
  .cover,
  .top .figures {
    display: none;
  }
}
</style>
