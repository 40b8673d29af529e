<script setup lang="ts">
import TradeWord from '../../parts/TradeWord.vue'
import { short } from '../../format/dates'

/** What the colours of the season mean. */
defineProps<{ today: string }>()
</script>

<template>
  <div class="legend" aria-label="Legend">
    <span><i class="k sage" />cover, by weight</span><span><i class="k soft" />ahead, 10–90 %</span
    ><span><i class="k straw" /><TradeWord of="mat">dead mat</TradeWord></span>
    <span><i class="k ochre" />can be sown</span><span><i class="k madder" />can be ended</span
    ><span><i class="k stake" />job</span>
    <span class="quiet">Today {{ short(today) }} · drag the dates to move</span>
  </div>
</template>

<style scoped>
.legend {
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
  padding: 5px 14px;
  font-size: 0.8rem;
  border-top: 1px solid var(--hair);
  background: rgb(var(--v-theme-background));
}
.legend span {
  display: inline-flex;
  align-items: center;
  gap: 5px;
}
.k {
  width: 14px;
  height: 9px;
  display: inline-block;
}
.sage {
  background: var(--sage);
}
.soft {
  background: var(--sage-soft);
}
.straw {
  background: var(--straw);
}
.ochre {
  background: var(--ochre);
}
.madder {
  background: var(--madder);
}
.stake {
  width: 3px;
  background: var(--flax);
}
</style>
