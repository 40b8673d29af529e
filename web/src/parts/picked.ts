import { ref } from 'vue'

/** Fields chosen on the sheet, to be given a cover together. */
export const picked = ref<string[]>([])
