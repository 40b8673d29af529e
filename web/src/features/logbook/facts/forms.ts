import type { Component } from 'vue'
import ClippedForm from './ClippedForm.vue'
import CropStageForm from './CropStageForm.vue'
import HarvestedForm from './HarvestedForm.vue'
import ReadingsForm from './ReadingsForm.vue'
import StemsForm from './StemsForm.vue'
import TerminatedForm from './TerminatedForm.vue'
import WinteredForm from './WinteredForm.vue'
import type { Kind } from './figures'

/** What is typed at the desk; all else is read in the field, with spots and marks: see Scout. */
export const typedHere: Kind[] = [
  'SEEDED',
  'DISCED',
  'SLURRY_SPREAD',
  'ENDED',
  'CUT',
  'STEM_COUNT',
  'BIOMASS',
  'CROP_STAGE',
  'HARVESTED',
]

/** The form of a fact's figures; none where it has none that can be typed. */
export const factForms: Record<Kind, Component | undefined> = {
  SEEDED: undefined,
  DISCED: undefined,
  SLURRY_SPREAD: undefined,
  CUT: undefined,
  SOIL_FEEL: undefined,
  ENDED: TerminatedForm,
  HARVESTED: HarvestedForm,
  CROP_STAGE: CropStageForm,
  STEM_COUNT: StemsForm,
  BIOMASS: ClippedForm,
  WINTERED: WinteredForm,
  STAND_COUNT: ReadingsForm,
  HEIGHT: ReadingsForm,
  GROUND_COVER: ReadingsForm,
  CANOPY_LIGHT: ReadingsForm,
  RUTS: ReadingsForm,
  WEEDS: ReadingsForm,
  PESTS: ReadingsForm,
  KILL_RATING: ReadingsForm,
  NITROGEN: ReadingsForm,
}
