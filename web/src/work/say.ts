import { api, got, upload, type Schemas } from '../api/client'

async function picture(path: string, photo?: File) {
  if (!photo) return
  const { shrunk } = await import('../parts/photos')
  const { jpeg } = await shrunk(photo)
  await upload(path, new File([jpeg], 'photo.jpg', { type: 'image/jpeg' }))
}

/** Somebody of the farm says something of a job; the photo follows what it belongs to. */
export async function sayFromField(form: Schemas['ReportForm'], photo?: File) {
  await got(api.POST('/api/v1/reports', { body: form }))
  await picture(`/api/v1/reports/${form.id}/photo`, photo)
}

/** A hired crew does, by its private word; it hears how its list stands then. */
export async function sayAsCrew(word: string, form: Schemas['ReportForm'], photo?: File) {
  const list = await got(api.POST('/api/v1/crew/{word}/reports', { params: { path: { word } }, body: form }))
  await picture(`/api/v1/crew/${word}/reports/${form.id}/photo`, photo)
  return list
}
