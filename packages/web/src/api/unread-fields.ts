/** The first field on the page that holds what cannot be read; null where there is none. */
export const firstUnread = (): HTMLElement | null =>
  document.querySelector<HTMLElement>('[data-unread="true"]');

/** Why nothing is saved while a field holds what cannot be read. */
export const UNREAD =
  'One field cannot be read yet: type it anew, or bring back what stood there with Escape.';
