<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'

/** A drawing to be judged: heads with or without anthers, stems yellow from below, plants, leaves, clouds. */
const props = defineProps<{ scene: Schemas['SceneView'] }>()
const ANTHERS = 8
const heads = computed(() => props.scene.exercise === 'HEADS')
const anthers = (ripe: number) => Math.round(ripe * ANTHERS)
const covers = computed(() => ['QUADRAT', 'MAT', 'SKY'].includes(props.scene.exercise))
</script>

<template>
  <svg
    class="scene"
    :class="scene.exercise.toLowerCase()"
    viewBox="0 0 100 100"
    role="img"
    :aria-label="`A drawing to judge, level ${scene.level} of 5`"
  >
    <rect width="100" height="100" class="back" />
    <template v-if="covers">
      <ellipse
        v-for="(m, i) in scene.marks"
        :key="i"
        :cx="m.x"
        :cy="m.y"
        :rx="m.size"
        :ry="m.size / 2"
        :transform="`rotate(${m.turn} ${m.x} ${m.y})`"
        class="leaf"
      />
    </template>
    <template v-else-if="scene.exercise === 'STAND'">
      <g v-for="(m, i) in scene.marks" :key="i" :transform="`translate(${m.x} ${m.y}) rotate(${m.turn})`">
        <path :d="`M0,0 Q${m.size / 2},${-m.size / 2} ${m.size},${-m.size / 3}`" class="blade" />
        <path :d="`M0,0 Q${-m.size / 2},${-m.size / 2} ${-m.size},${-m.size / 4}`" class="blade" />
        <path :d="`M0,0 L0,${-m.size}`" class="blade" />
      </g>
    </template>
    <template v-else>
      <g v-for="(m, i) in scene.marks" :key="i" :transform="`translate(${m.x} ${m.y}) rotate(${m.turn})`">
        <template v-if="heads">
          <line x1="0" y1="0" x2="0" :y2="100 - m.y" class="stalk" />
          <ellipse :ry="m.size * 1.7" :rx="m.size * 0.45" class="ear" />
          <line
            v-for="a in anthers(m.ripe)"
            :key="a"
            :x1="(a % 2 ? 1 : -1) * m.size * 0.4"
            :x2="(a % 2 ? 1 : -1) * m.size * 0.85"
            :y1="-m.size * 1.3 + (a * m.size * 2.6) / ANTHERS"
            :y2="-m.size * 1.1 + (a * m.size * 2.6) / ANTHERS"
            class="anther"
          />
        </template>
        <template v-else>
          <line x1="0" y1="0" x2="0" :y2="100 - m.y" class="stem" />
          <line x1="0" :y1="(100 - m.y) * (1 - m.ripe)" x2="0" :y2="100 - m.y" class="stem yellow" />
          <ellipse cy="-3" :ry="m.size" :rx="m.size * 0.4" class="ear" />
        </template>
      </g>
    </template>
  </svg>
</template>

<style scoped>
.scene {
  width: 100%;
  max-width: 460px;
  border: 1px solid var(--loam);
  display: block;
}
.back {
  fill: var(--furrow);
}
.quadrat .back,
.stand .back {
  fill: color-mix(in srgb, var(--stubble-ink) 45%, var(--furrow));
}
.quadrat .leaf {
  fill: var(--sage);
}
.mat .back {
  fill: var(--sage);
}
.mat .leaf {
  fill: var(--stubble);
}
.sky .back {
  fill: color-mix(in srgb, var(--flax) 55%, var(--furrow));
}
.sky .leaf {
  fill: color-mix(in srgb, var(--furrow) 88%, var(--loam));
}
.blade {
  fill: none;
  stroke: var(--sage);
  stroke-width: 0.8;
  stroke-linecap: round;
}
.stalk,
.stem {
  stroke: var(--sage);
  stroke-width: 0.7;
}
.stem {
  stroke-width: 1.2;
}
.yellow {
  stroke: var(--ochre);
}
.ear {
  fill: var(--sage);
}
.anther {
  stroke: var(--ochre);
  stroke-width: 0.6;
  stroke-linecap: round;
}
</style>
