import type { Schemas } from '../../api/client'
import { textureOf, type Texture } from '../../draw/texture'

type Stands = Schemas['Stands']
type Look = Texture | 'cover' | 'dead' | 'bare'

/** How a field looks by what stands on it; the same textures as on the sheet. */
export function lookOf(stands: Stands | undefined): Look {
  if (!stands || stands.kind === 'BARE') return 'bare'
  if (stands.kind === 'COVER') return 'cover'
  if (stands.kind === 'DEAD_COVER') return 'dead'
  return stands.crop ? textureOf(stands.crop) : 'other'
}

export const lookWords: Record<Look, string> = {
  corn: 'corn',
  beans: 'soybeans',
  wheat: 'wheat',
  oats: 'oats',
  other: 'other crop',
  cover: 'cover crop',
  dead: 'dead mat',
  bare: 'bare ground',
}

export const looks = Object.keys(lookWords) as Look[]

/** One tile of each look; sized for the screen's own pixels, so that strokes stay fine. */
export function tile(look: Look, color: (name: string) => string): HTMLCanvasElement {
  const side = look === 'corn' ? 13 : 10
  const canvas = document.createElement('canvas')
  canvas.width = side
  canvas.height = side
  const pen = canvas.getContext('2d')!
  pen.fillStyle = color(
    look === 'cover' ? '--sage-soft' : look === 'dead' ? '--straw' : look === 'bare' ? '--furrow' : '--stubble',
  )
  pen.fillRect(0, 0, side, side)
  pen.strokeStyle = color(look === 'cover' ? '--sage' : '--stubble-ink')
  pen.fillStyle = pen.strokeStyle
  pen.lineWidth = 1
  pen.beginPath()
  const line = (x1: number, y1: number, x2: number, y2: number) => {
    pen.moveTo(x1, y1)
    pen.lineTo(x2, y2)
  }
  if (look === 'corn') {
    line(3.5, 13, 3.5, 3)
    line(9.5, 13, 9.5, 6)
  } else if (look === 'beans') {
    pen.arc(2, 2, 1.1, 0, 7)
    pen.arc(7, 7, 1.1, 0, 7)
    pen.fill()
  } else if (look === 'wheat') {
    line(-1, 6, 6, -1)
    line(4, 11, 11, 4)
  } else if (look === 'oats') {
    line(0, 0, 5, 10)
    line(5, 10, 10, 0)
  } else if (look === 'other') {
    line(0, 3.5, 10, 3.5)
    line(0, 8.5, 10, 8.5)
  } else if (look === 'cover') {
    line(2.5, 10, 1, 4)
    line(2.5, 10, 4.5, 3)
    line(7.5, 5, 6.5, 0)
    line(7.5, 5, 9.5, 0)
  } else if (look === 'dead') {
    line(0, 2.5, 6, 4.5)
    line(4, 8.5, 10, 6.5)
  }
  if (look !== 'beans') pen.stroke()
  return canvas
}
