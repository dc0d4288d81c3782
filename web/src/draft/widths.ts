import type { Schemas } from '../api/client';

export type Width = Schemas['Width'];

export const WIDTHS: { value: Width; label: string }[] = [
  { value: 'desktop', label: 'Desktop' },
  { value: 'tablet', label: 'Tablet' },
  { value: 'phone', label: 'Phone' },
];

/** Width and height of the first screen, in pixels. */
export const FOLDS: Record<Width, [number, number]> = {
  desktop: [1280, 720],
  tablet: [768, 1024],
  phone: [390, 760],
};
