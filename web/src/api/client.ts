import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Project = Schemas['Project'];
export type Checks = Schemas['Checks'];
export type Changed = Schemas['Changed'];
export type Page = Schemas['Page'];
export type Section = Schemas['Section'];
export type Fact = Schemas['Fact'];
export type Question = Schemas['Question'];
export type Action = Schemas['Action'];
export type Drawing = Schemas['SectionDrawing'];
export type Slot = Schemas['Slot'];
export type Comment = Schemas['Comment'];
export type Round = Schemas['Round'];

/** An answer of the server that is no success; the detail is meant for the person. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
  ) {
    super(detail);
  }
}

export const api = createClient<paths>({ baseUrl: '/', credentials: 'same-origin' });

interface Answer<T> {
  data?: T;
  error?: Schemas['Problem'];
  response: Response;
}

/** The data of an answer, or the problem as an error. */
export async function unwrap<T>(answer: Promise<Answer<T>>): Promise<T> {
  let got: Answer<T>;
  try {
    got = await answer;
  } catch {
    throw new Problem(0, 'The server does not answer. What you did is kept here; try again.');
  }
  if (!got.response.ok) {
    throw new Problem(got.response.status, got.error?.detail ?? 'The server could not do this. Try again.');
  }
  return got.data as T;
}

export const said = (error: unknown): string =>
  error instanceof Error ? error.message : 'Something went wrong.';
