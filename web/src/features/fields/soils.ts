import type { Schemas } from '../../api/client'

export const soilWords: Record<Schemas['FieldView']['soil'], string> = {
  SAND: 'sand',
  LOAM: 'loam',
  SILT_LOAM: 'silt loam',
  CLAY: 'clay',
}

/** Soils to choose from. */
export const soils = (Object.entries(soilWords) as [Schemas['FieldView']['soil'], string][]).map(
  ([value, words]) => ({
    value,
    title: words.charAt(0).toUpperCase() + words.slice(1),
  }),
)
