import { type ComponentType, lazy, type LazyExoticComponent } from 'react';

interface Module<Props> {
  default: ComponentType<Props>;
}

export interface Fetched<Props> {
  Component: LazyExoticComponent<ComponentType<Props>>;
  /** Fetches it before it is shown. */
  ahead: () => Promise<Module<Props>>;
}

/**
 * A component in a file of its own, fetched when it is first shown. What was fetched ahead is shown at once: React.lazy alone
 * would show the fallback first and then, as Suspense spaces out what it reveals, hold the component back for 300 ms.
 */
export function fetched<Props>(load: () => Promise<Module<Props>>): Fetched<Props> {
  let known: Module<Props> | undefined;
  const ahead = () =>
    load().then((module) => {
      known = module;
      return module;
    });
  const atOnce = (module: Module<Props>) =>
    ({ then: (done: (module: Module<Props>) => void) => done(module) }) as Promise<Module<Props>>;
  return { Component: lazy(() => (known ? atOnce(known) : ahead())), ahead };
}
