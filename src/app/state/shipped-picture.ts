import demoPicture from '../../../demo/harbour-tug-as-planned.picture.json?raw';

/** Where the picture that was laid out last is kept. */
export const place = 'dry-hull-wiring-picture';

/** Keeps the picture that ships with the demo of a first visit, where no other is kept: nothing waits to be laid out then. */
export function keepShipped(): void {
  try {
    if (localStorage.getItem(place) === null) localStorage.setItem(place, demoPicture);
  } catch {
    // It is laid out then.
  }
}
