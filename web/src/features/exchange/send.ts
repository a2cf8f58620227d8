import type { Problem } from '@/shared/api/client'
import { ApiError } from '@/shared/api/client'

/** Sends a file with its progress (0 to 1), which fetch does not tell; fails like every other call. */
export function sendFile<T>(path: string, file: Blob, progress: (share: number) => void): Promise<T> {
  return new Promise((done, fail) => {
    const request = new XMLHttpRequest()
    request.open('POST', path)
    request.setRequestHeader('Content-Type', 'application/octet-stream')
    const token = document.cookie.split('XSRF-TOKEN=')[1]?.split(';')[0]
    if (token) request.setRequestHeader('X-XSRF-TOKEN', decodeURIComponent(token))
    request.upload.onprogress = (e) => e.lengthComputable && progress(e.loaded / e.total)
    const refused = (detail: string, offline: boolean) =>
      fail(new ApiError({ status: request.status, title: '', detail, fields: [] }, offline))
    request.onerror = () => refused('There is no connection; nothing was brought in.', true)
    request.onload = () => {
      try {
        const answer = JSON.parse(request.responseText) as T & Problem
        if (request.status < 300) done(answer)
        else refused(answer.detail, false)
      } catch {
        refused('The file was refused.', false)
      }
    }
    request.send(file)
  })
}
