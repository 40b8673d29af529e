import Feature from 'ol/Feature'
import OlMap from 'ol/Map'
import View from 'ol/View'
import { defaults as controls, ScaleLine } from 'ol/control'
import { click } from 'ol/events/condition'
import GeoJSON from 'ol/format/GeoJSON'
import type Geometry from 'ol/geom/Geometry'
import Draw from 'ol/interaction/Draw'
import Modify from 'ol/interaction/Modify'
import Select from 'ol/interaction/Select'
import Snap from 'ol/interaction/Snap'
import VectorLayer from 'ol/layer/Vector'
import VectorSource from 'ol/source/Vector'
import LineString from 'ol/geom/LineString'
import MultiPolygon from 'ol/geom/MultiPolygon'
import Point from 'ol/geom/Point'
import type Polygon from 'ol/geom/Polygon'
import { getCenter } from 'ol/extent'
import { Circle, Fill, RegularShape, Stroke, Style, Text } from 'ol/style'
import 'ol/ol.css'
import type { Schemas } from '../../api/client'
import { lookOf, tile } from './mapFills'

const PROJECTION = { dataProjection: 'EPSG:4326', featureProjection: 'EPSG:3857', decimals: 7 }
const format = new GeoJSON()

export const color = (name: string) =>
  getComputedStyle(document.querySelector('.v-application') ?? document.body)
    .getPropertyValue(name)
    .trim()

/** What the season says of a field, and how the map shows it. */
export interface Shown {
  stands?: Schemas['Stands']
  called: boolean
}

/** A machine's way on a day: places in the order in which it works them. */
export interface Way {
  machine: string
  stead: string
  fields: string[]
}

/** Long names stand on two lines. */
const twoLines = (name: string) => (name.length > 11 ? name.replace(' ', '\n') : name)

/** The farm's land drawn without any tiles: fields by what stands on them, farmsteads, roads, hazards, ways. */
export class LandMap {
  readonly map: OlMap
  private readonly fields = new VectorSource()
  private readonly zones = new VectorSource()
  private readonly marks = new VectorSource()
  private readonly steads = new VectorSource()
  private readonly sketch = new VectorSource()
  private readonly ways = new VectorSource()
  private readonly names = new VectorSource()
  private shown = new Map<string, Shown>()
  private readonly fieldLayer: VectorLayer
  private readonly snap = new Snap({ source: this.fields, pixelTolerance: 12 })
  private tools: (Draw | Modify | Snap | Select)[] = []
  private readonly select: Select
  chosen = ''

  constructor(target: HTMLElement, onChoose: (id: string) => void, onHover: (id: string, at: number[]) => void) {
    this.fieldLayer = new VectorLayer({ source: this.fields, style: (f) => this.fieldStyle(f as Feature) })
    this.map = new OlMap({
      target,
      controls: controls({ attribution: false, rotate: false }).extend([new ScaleLine({ units: 'us' })]),
      layers: [
        this.fieldLayer,
        new VectorLayer({ source: this.zones, style: (f) => this.zoneStyle(f as Feature), declutter: 'names' }),
        new VectorLayer({ source: this.marks, style: (f) => this.markStyle(f as Feature), declutter: 'names' }),
        new VectorLayer({ source: this.ways, style: (f) => this.wayStyle(f as Feature) }),
        new VectorLayer({ source: this.steads, style: (f) => this.steadStyle(f as Feature), declutter: 'names' }),
        // Named last, so that a field's name is placed first where room is short.
        new VectorLayer({ source: this.names, style: (f) => this.nameStyle(f as Feature), declutter: 'names' }),
        new VectorLayer({
          source: this.sketch,
          style: new Style({
            stroke: new Stroke({ color: color('--flax'), width: 3 }),
            fill: new Fill({ color: 'rgba(77,99,168,0.18)' }),
          }),
        }),
      ],
      view: new View({ center: [0, 0], zoom: 2, maxZoom: 20 }),
    })
    this.select = new Select({ condition: click, layers: [this.fieldLayer], style: null })
    this.select.on('select', (e) => onChoose(String(e.selected[0]?.getId() ?? '')))
    this.map.addInteraction(this.select)
    this.map.on('pointermove', (e) => {
      if (e.dragging || this.tools.length) return onHover('', e.pixel)
      const over = this.map.forEachFeatureAtPixel(e.pixel, (f) => f.getId(), {
        layerFilter: (layer) => layer === this.fieldLayer,
      })
      onHover(String(over ?? ''), e.pixel)
    })
    target.addEventListener('pointerleave', () => onHover('', [0, 0]))
  }

  /** What stands on the fields, which of them a call speaks of, and tomorrow's ways. */
  season(shown: Map<string, Shown>, ways: Way[]): void {
    this.shown = shown
    this.fieldLayer.changed()
    this.ways.clear()
    for (const way of ways) {
      const stead = this.steads.getFeatureById(way.stead)?.getGeometry()?.getExtent()
      const stops = way.fields.flatMap((id) => {
        const at = (this.fields.getFeatureById(id) as Feature | null)?.getGeometry()
        return at ? [getCenter(at.getExtent())] : []
      })
      if (!stops.length) continue
      const from = stead ? [getCenter(stead), ...stops] : stops
      if (from.length > 1) this.ways.addFeature(new Feature({ geometry: new LineString(from), machine: way.machine }))
      stops.forEach((stop, i) => this.ways.addFeature(new Feature({ geometry: new Point(stop), order: i + 1 })))
    }
  }

  show(land: Schemas['LandMap'], chosen: string, fitted: boolean): void {
    this.chosen = chosen
    this.fields.clear()
    this.fields.addFeatures(
      land.fields.map((f) => this.feature(f.id, f.boundary, { name: f.name, left: f.leftOutSeason !== undefined })),
    )
    this.names.clear()
    this.names.addFeatures(
      this.fields.getFeatures().map((f) => {
        const at = f.getGeometry()!
        const inside =
          at instanceof MultiPolygon ? at.getInteriorPoints().getPoint(0) : (at as Polygon).getInteriorPoint()
        const name = new Feature<Geometry>({
          geometry: new Point(inside!.getCoordinates().slice(0, 2)),
          name: f.get('name'),
        })
        name.setId(f.getId())
        return name
      }),
    )
    this.zones.clear()
    this.zones.addFeatures(
      land.fields.flatMap((f) =>
        f.zones.filter((z) => z.boundary).map((z) => this.feature(z.id, z.boundary!, { name: z.name })),
      ),
    )
    this.marks.clear()
    this.marks.addFeatures(
      land.marks.map((m) =>
        this.feature(m.id, m.shape, { kind: m.kind, name: m.name || m.words, keep: m.keepAwayFt }),
      ),
    )
    this.steads.clear()
    this.steads.addFeatures(
      land.farmsteads.map((s) =>
        this.feature(s.name, JSON.stringify({ type: 'Point', coordinates: [s.longitude, s.latitude] }), {
          name: s.name,
        }),
      ),
    )
    if (!fitted) this.whole()
  }

  /** The whole farm in sight, clear of the bar above and the key below. */
  whole(): void {
    this.map.updateSize()
    const extent = this.fields.getExtent()
    if (extent && Number.isFinite(extent[0]!)) this.map.getView().fit(extent, { padding: [64, 30, 48, 30] })
  }

  choose(id: string, near: boolean): void {
    this.chosen = id
    this.fieldLayer.changed()
    const extent = this.fields.getFeatureById(id)?.getGeometry()?.getExtent()
    if (near && extent) this.map.getView().fit(extent, { padding: [120, 120, 120, 120], duration: 250, maxZoom: 17 })
  }

  /** Draws one shape, then hands it over as GeoJSON. */
  draw(kind: 'Point' | 'LineString' | 'Polygon', done: (geoJson: string) => void): void {
    this.stop()
    const draw = new Draw({ source: this.sketch, type: kind })
    draw.on('drawend', (e) => {
      done(format.writeGeometry(e.feature.getGeometry()!, PROJECTION))
      this.stop()
    })
    this.begin([draw, this.snap])
  }

  /** Lets the chosen field's corners be moved; every change is told. */
  modify(changed: (geoJson: string) => void): void {
    this.stop()
    const feature = this.fields.getFeatureById(this.chosen)
    if (!feature || Array.isArray(feature)) return
    const own = new VectorSource({ features: [feature as Feature<Geometry>] })
    const modify = new Modify({ source: own })
    modify.on('modifyend', () => changed(format.writeGeometry((feature as Feature).getGeometry()!, PROJECTION)))
    this.begin([modify, this.snap])
  }

  /** Puts a shape back under the chosen field, as when an unsaved change is taken back. */
  put(geoJson: string): void {
    const feature = this.fields.getFeatureById(this.chosen)
    if (feature && !Array.isArray(feature)) feature.setGeometry(format.readGeometry(geoJson, PROJECTION) ?? undefined)
  }

  stop(): void {
    for (const tool of this.tools) this.map.removeInteraction(tool)
    this.tools = []
    this.sketch.clear()
    this.select.setActive(true)
  }

  dispose(): void {
    this.map.setTarget(undefined)
  }

  private begin(tools: (Draw | Modify | Snap)[]): void {
    this.select.setActive(false)
    for (const tool of tools) this.map.addInteraction(tool)
    this.tools = tools
  }

  private feature(id: string, geoJson: string, properties: Record<string, unknown>): Feature {
    const feature = new Feature<Geometry>({
      geometry: format.readGeometry(geoJson, PROJECTION) as Geometry,
      ...properties,
    })
    feature.setId(id)
    return feature
  }

  private fieldStyle(f: Feature): Style {
    const here = f.getId() === this.chosen
    const shown = this.shown.get(String(f.getId()))
    return new Style({
      fill: new Fill({ color: this.fillOf(f.get('left') ? undefined : shown?.stands) }),
      stroke: new Stroke({
        color: color(here ? '--flax' : shown?.called ? '--ochre' : '--loam'),
        width: here || shown?.called ? 4 : 1.2,
      }),
      zIndex: here ? 3 : shown?.called ? 2 : 1,
    })
  }

  private fillOf(stands: Shown['stands']): CanvasPattern | string {
    const pen = document.createElement('canvas').getContext('2d')!
    return pen.createPattern(tile(lookOf(stands), color), 'repeat') ?? color('--furrow')
  }

  private nameStyle(f: Feature): Style {
    const here = f.getId() === this.chosen
    const called = this.shown.get(String(f.getId()))?.called
    return new Style({
      zIndex: here ? 3 : called ? 2 : 1,
      text: new Text({
        text: twoLines(String(f.get('name'))),
        font: `${here || called ? 'bold ' : ''}13px "Atkinson Hyperlegible", sans-serif`,
        overflow: true,
        padding: [1, 2, 1, 2],
        fill: new Fill({ color: color('--loam') }),
        stroke: new Stroke({ color: color('--furrow'), width: 4 }),
      }),
    })
  }

  /** A way is a broken line from the farmstead, its stops numbered. */
  private wayStyle(f: Feature): Style {
    const order = f.get('order')
    if (!order)
      return new Style({
        stroke: new Stroke({ color: color('--flax'), width: 2.5, lineDash: [2, 6], lineCap: 'round' }),
      })
    return new Style({
      image: new Circle({ radius: 9, fill: new Fill({ color: color('--flax') }), displacement: [0, -22] }),
      text: new Text({
        text: String(order),
        font: 'bold 12px "Atkinson Hyperlegible", sans-serif',
        offsetY: 23,
        fill: new Fill({ color: color('--furrow') }),
      }),
    })
  }

  /** A zone is a broken line within its field, named in small letters. */
  private zoneStyle(f: Feature): Style {
    return new Style({
      stroke: new Stroke({ color: color('--loam'), width: 1.4, lineDash: [3, 5] }),
      fill: new Fill({ color: 'rgba(120,100,70,0.14)' }),
      text: new Text({
        text: String(f.get('name')),
        font: 'italic 12px "Atkinson Hyperlegible", sans-serif',
        offsetY: 16,
        fill: new Fill({ color: color('--loam') }),
        stroke: new Stroke({ color: color('--furrow'), width: 3 }),
      }),
    })
  }

  private markStyle(f: Feature): Style[] {
    const kind = String(f.get('kind'))
    const hazard = Number(f.get('keep')) > 0
    const ink =
      kind === 'ROAD'
        ? color('--quiet')
        : hazard
          ? color('--madder')
          : kind === 'OPEN_WATER'
            ? color('--flax')
            : color('--ochre')
    // Only names give way to each other; a hazard's own mark is always drawn.
    const symbol =
      kind === 'FILLING_PLACE'
        ? new RegularShape({ points: 3, radius: 9, fill: new Fill({ color: ink }), declutterMode: 'none' })
        : hazard
          ? new RegularShape({
              points: 4,
              radius: 8,
              angle: Math.PI / 4,
              fill: new Fill({ color: ink }),
              declutterMode: 'none',
            })
          : new Circle({ radius: 6, fill: new Fill({ color: ink }), declutterMode: 'none' })
    const style = new Style({
      image: symbol,
      stroke: new Stroke({
        color: ink,
        width: kind === 'ROAD' ? 1.6 : 2.6,
        lineDash: kind === 'WIRE' ? [10, 5] : undefined,
      }),
      fill: new Fill({ color: kind === 'OPEN_WATER' ? 'rgba(77,99,168,0.35)' : 'rgba(166,61,47,0.15)' }),
      text:
        kind === 'ROAD'
          ? undefined
          : new Text({
              text: String(f.get('name')),
              offsetY: -14,
              font: '12px "Atkinson Hyperlegible", sans-serif',
              fill: new Fill({ color: color('--loam') }),
              stroke: new Stroke({ color: color('--furrow'), width: 3 }),
              overflow: true,
            }),
    })
    return [style]
  }

  private steadStyle(f: Feature): Style {
    return new Style({
      image: new RegularShape({
        points: 5,
        radius: 10,
        angle: 0,
        fill: new Fill({ color: color('--loam') }),
        declutterMode: 'none',
      }),
      text: new Text({
        text: String(f.get('name')),
        textAlign: 'left',
        offsetX: 14,
        font: 'bold 13px "Atkinson Hyperlegible", sans-serif',
        fill: new Fill({ color: color('--loam') }),
        stroke: new Stroke({ color: color('--furrow'), width: 4 }),
      }),
    })
  }
}
