import type { Schemas } from '../api/client'

type Crop = Schemas['Band']['kind']

const textures: Partial<Record<Crop, string>> = {
  CORN_GRAIN: 'corn',
  CORN_SILAGE: 'corn',
  SOYBEANS: 'beans',
  WINTER_WHEAT: 'wheat',
  OATS: 'oats',
}

/** How a crop is filled wherever it is drawn; the patterns are laid down once for the page. */
export const cropFill = (kind: Crop): string => `url(#crop-${textures[kind] ?? 'other'})`
