import type { Schemas } from '../api/client'

type Crop = Schemas['Band']['kind']

export type Texture = 'corn' | 'beans' | 'wheat' | 'oats' | 'other'

const textures: Partial<Record<Crop, Texture>> = {
  CORN_GRAIN: 'corn',
  CORN_SILAGE: 'corn',
  SOYBEANS: 'beans',
  WINTER_WHEAT: 'wheat',
  OATS: 'oats',
}

/** The texture of a crop, on the sheet as on the map. */
export const textureOf = (kind: Crop): Texture => textures[kind] ?? 'other'

/** How a crop is filled wherever it is drawn; the patterns are laid down once for the page. */
export const cropFill = (kind: Crop): string => `url(#crop-${textureOf(kind)})`
