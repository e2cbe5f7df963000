/** Tells it outside the page as well, where the technician allowed that. */
export function notifyOver(title: string): void {
  if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return
  new Notification('Over', { body: title, tag: title })
}
